package glowkettle.assess;

import static org.assertj.core.api.Assertions.assertThat;

import glowkettle.finding.Result;
import glowkettle.limits.ShopLimits;
import java.math.BigDecimal;
import org.assertj.core.data.Offset;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class RestedVoltageTest {
    private static final ShopLimits LIMITS = ShopLimits.defaults();

    private static StateOfCharge.Outcome soc(String volts, String limit) {
        return StateOfCharge.read(new StateOfCharge.Readings(new BigDecimal(volts), new BigDecimal(limit)), LIMITS)
                .result();
    }

    private static Result<PartialWindow.Outcome> window(
            String fuller, String emptier, String counted, String limit, String errorMv, String rest) {
        return PartialWindow.capacity(
                new PartialWindow.Readings(
                        new BigDecimal(fuller),
                        new BigDecimal(emptier),
                        new BigDecimal(counted),
                        new BigDecimal(limit),
                        new BigDecimal(errorMv),
                        new BigDecimal(rest)),
                LIMITS);
    }

    /** The handbook's examples, the rows of the table, and what lies beyond its ends. */
    @ParameterizedTest
    @CsvSource({
        "3.90,4.20,62.9", "3.70,4.20,24.0", "3.90,4.40,54.9", "3.30,4.20,0.0", "4.19,4.20,100.0", "3.82,4.20,50.0",
        "2.90,4.20,0.0", "4.40,4.20,100.0", "3.73,4.35,30.0", "3.68,4.45,20.0", "3.05,3.65,5.0", "3.41,3.65,96.4"
    })
    void stateOfChargeFollowsTheTable(String volts, String limit, String percent) {
        assertThat(soc(volts, limit))
                .isInstanceOfSatisfying(
                        StateOfCharge.Outcome.Charge.class,
                        charge -> assertThat(charge.socPercent()).isEqualByComparingTo(percent));
    }

    @ParameterizedTest
    @CsvSource({"3.20", "3.30", "3.34"})
    void aFlatIronPhosphateCurveTellsNothingInItsMiddle(String volts) {
        assertThat(soc(volts, "3.65")).isInstanceOf(StateOfCharge.Outcome.CannotTell.class);
    }

    @Test
    void theWindowOfTheHandbookHasItsCapacityAndRange() {
        assertThat(window("4.10", "3.75", "1.62", "4.20", "10", "30").result())
                .isInstanceOfSatisfying(PartialWindow.Outcome.Capacity.class, capacity -> {
                    assertThat(capacity.fullChargeCapacityAh()).isCloseTo(new BigDecimal("3.01"), within("0.005"));
                    assertThat(capacity.lowAh()).isCloseTo(new BigDecimal("2.82"), within("0.005"));
                    assertThat(capacity.highAh()).isCloseTo(new BigDecimal("3.24"), within("0.005"));
                });
    }

    private static Offset<BigDecimal> within(String offset) {
        return Offset.offset(new BigDecimal(offset));
    }

    @ParameterizedTest
    @CsvSource({
        "4.10,3.75,1.62,4.20,10,29,Rested 29",
        "3.82,3.80,0.1,4.20,0,30,it must span 20",
        "3.90,3.93,1,4.20,0,30,it must span",
        "3.345,3.10,2,3.65,5,60,iron-phosphate"
    })
    void aWindowThatCannotTellIsRefusedWithItsReason(
            String fuller, String emptier, String counted, String limit, String error, String rest, String reason) {
        assertThat(window(fuller, emptier, counted, limit, error, rest).result())
                .isInstanceOfSatisfying(
                        PartialWindow.Outcome.Refused.class,
                        refused -> assertThat(refused.reason().replace('\u00a0', ' '))
                                .contains(reason));
    }

    @Test
    void aWorseMeterOnlyWidensTheRange() {
        BigDecimal width = BigDecimal.ZERO;
        for (String error : new String[] {"0", "2", "5", "10", "20"}) {
            PartialWindow.Outcome.Capacity capacity = (PartialWindow.Outcome.Capacity)
                    window("4.10", "3.70", "1.9", "4.20", error, "45").result();
            BigDecimal now = capacity.highAh().subtract(capacity.lowAh());
            assertThat(now).isGreaterThanOrEqualTo(width);
            assertThat(capacity.fullChargeCapacityAh()).isBetween(capacity.lowAh(), capacity.highAh());
            width = now;
        }
    }
}
