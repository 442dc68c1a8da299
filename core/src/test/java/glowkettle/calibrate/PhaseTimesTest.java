package glowkettle.calibrate;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import glowkettle.cell.CellModel;
import glowkettle.cell.Chemistry;
import glowkettle.cell.OpenCircuitCurve;
import glowkettle.finding.Unanswerable;
import glowkettle.limits.ShopLimits;
import java.math.BigDecimal;
import java.util.SplittableRandom;
import org.assertj.core.data.Offset;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class PhaseTimesTest {
    private static final ShopLimits LIMITS = ShopLimits.defaults();
    private static final double STEP_H = 1e-4;

    private static BigDecimal figure(String text) {
        return new BigDecimal(text);
    }

    private static PhaseTimes.ChargeRequest charge(String series, String ohm, String amps, String from) {
        return new PhaseTimes.ChargeRequest(
                new PhaseTimes.Pack(figure("3.2"), figure(ohm), figure(series), figure("4.40")),
                figure(amps),
                figure(from));
    }

    private static PhaseTimes.RunDownRequest run(String watts, String cutOff, String from, String shutDown) {
        return new PhaseTimes.RunDownRequest(
                new PhaseTimes.Pack(figure("3.2"), figure("0.09"), BigDecimal.ONE, figure("4.40")),
                figure(watts),
                figure(cutOff),
                figure(from),
                figure(shutDown));
    }

    private static OpenCircuitCurve curve(double limit) {
        return OpenCircuitCurve.of(Chemistry.chargedTo(BigDecimal.valueOf(limit), LIMITS), LIMITS);
    }

    /** Q 3.2 Ah, R 0.09 Ω, limit 4.40 V, 1.6 A to 0.16 A from 12 %: 1.53 h + 0.58 h; at 2.0 W to 3.30 V: 6.07 h, 12.15 Wh. */
    @Test
    void theHandbookExample() {
        PhaseTimes.ChargeTime charge =
                PhaseTimes.charge(charge("1", "0.09", "1.6", "12"), LIMITS).result();
        PhaseTimes.RunTime run =
                PhaseTimes.runDown(run("2.0", "3.30", "100", "0"), LIMITS).result();

        assertThat(charge.constantCurrentHours()).isCloseTo(figure("1.53"), Offset.offset(figure("0.005")));
        assertThat(charge.constantVoltageHours()).isCloseTo(figure("0.58"), Offset.offset(figure("0.005")));
        assertThat(run.hours()).isCloseTo(figure("6.07"), Offset.offset(figure("0.005")));
        assertThat(run.energyWh()).isCloseTo(figure("12.15"), Offset.offset(figure("0.005")));
        assertThat(run.endedBy()).isEqualTo(CellModel.RunDown.End.CUT_OFF_VOLTAGE);
    }

    /** Three cells in series at three times the resistance are three times one cell. */
    @Test
    void aPackIsJudgedPerCell() {
        assertThat(PhaseTimes.charge(charge("3", "0.27", "1.6", "12"), LIMITS).result())
                .isEqualTo(PhaseTimes.charge(charge("1", "0.09", "1.6", "12"), LIMITS)
                        .result());
    }

    /** A plain march through time in small steps, as the differential equation says. */
    @Test
    void chargeAgreesWithAPlainMarchThroughTime() {
        SplittableRandom random = new SplittableRandom(3);
        for (int round = 0; round < 40; round++) {
            double limit = new double[] {4.2, 4.35, 4.4, 4.45}[random.nextInt(4)];
            double capacity = 1 + random.nextDouble(6);
            double ohm = 0.03 + random.nextDouble(0.12);
            double amps = capacity * (0.2 + random.nextDouble(0.6));
            double from = random.nextDouble(60);
            OpenCircuitCurve curve = curve(limit);
            CellModel.Charge charge = new CellModel(curve, capacity, ohm).charge(from, amps, capacity * 0.05, limit);

            double soc = from;
            double hours = 0;
            while (soc < 100) {
                double current = Math.min(amps, (limit - curve.volts(soc)) / ohm);
                if (current <= capacity * 0.05) {
                    break;
                }
                soc += current / capacity * 100 * STEP_H;
                hours += STEP_H;
            }
            assertThat(charge.hours()).as("round %s", round).isCloseTo(hours, Offset.offset(0.003 + hours * 0.002));
        }
    }

    @Test
    void runDownAgreesWithAPlainMarchThroughTime() {
        SplittableRandom random = new SplittableRandom(5);
        for (int round = 0; round < 40; round++) {
            double limit = new double[] {4.2, 4.35, 4.4, 4.45}[random.nextInt(4)];
            double capacity = 1 + random.nextDouble(6);
            double ohm = 0.03 + random.nextDouble(0.3);
            double watts = 0.5 + random.nextDouble(6);
            double cutOff = 2.8 + random.nextDouble(0.7);
            OpenCircuitCurve curve = curve(limit);
            CellModel.RunDown run = new CellModel(curve, capacity, ohm).runDown(100, watts, cutOff, 3);

            double soc = 100;
            double hours = 0;
            while (soc > 3) {
                double open = curve.volts(soc);
                double root = open * open - 4 * ohm * watts;
                if (root < 0) {
                    break;
                }
                double current = (open - Math.sqrt(root)) / (2 * ohm);
                if (open - current * ohm <= cutOff) {
                    break;
                }
                soc -= current / capacity * 100 * STEP_H;
                hours += STEP_H;
            }
            assertThat(run.hours()).as("round %s", round).isCloseTo(hours, Offset.offset(0.002 + hours * 0.002));
        }
    }

    @ParameterizedTest
    @CsvSource({
        "2,3.3,100,20,SHUT_DOWN_CHARGE",
        "2,2.5,100,0,EMPTY",
        "50,2.0,100,0,TOO_WEAK_FOR_THE_LOAD",
        "2,3.6,100,0,CUT_OFF_VOLTAGE"
    })
    void saysWhatEndsARun(String watts, String cutOff, String from, String shutDown, CellModel.RunDown.End end) {
        assertThat(PhaseTimes.runDown(run(watts, cutOff, from, shutDown), LIMITS)
                        .result()
                        .endedBy())
                .isEqualTo(end);
    }

    @Test
    void moreLoadNeverRunsLongerAndAStrongerChargerNeverChargesSlower() {
        BigDecimal hours = figure("1000");
        for (String watts : new String[] {"0.5", "1", "2", "4", "8", "16"}) {
            BigDecimal now = PhaseTimes.runDown(run(watts, "3.0", "100", "0"), LIMITS)
                    .result()
                    .hours();
            assertThat(now).isLessThanOrEqualTo(hours);
            hours = now;
        }
        BigDecimal slowest = figure("1000");
        for (String amps : new String[] {"0.4", "0.8", "1.6", "3.2", "6.4"}) {
            BigDecimal now = PhaseTimes.charge(charge("1", "0.09", amps, "0"), LIMITS)
                    .result()
                    .hours();
            assertThat(now).isLessThanOrEqualTo(slowest);
            slowest = now;
        }
    }

    @Test
    void aChargerTooWeakToEverEndIsRefused() {
        assertThatThrownBy(() -> PhaseTimes.charge(charge("1", "0.09", "0.16", "0"), LIMITS))
                .isInstanceOf(Unanswerable.class)
                .hasMessageContaining("0.160 A");
    }

    @Test
    void everyPhaseIsRoundedUpToTheGrid() {
        PhaseTimes times = PhaseTimes.of(charge("1", "0.09", "1.6", "12"), run("2.0", "3.30", "100", "0"), LIMITS);

        assertThat(times.charge()).hasMinutes(130);
        assertThat(times.soak()).hasMinutes(150);
        assertThat(times.runDown()).hasMinutes(365);
        assertThat(times.rest()).hasHours(6);
        assertThat(times.lastCharge().toMinutes() % 5).isZero();
    }
}
