package glowkettle.handback;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import glowkettle.finding.Unanswerable;
import glowkettle.limits.ShopLimits;
import java.math.BigDecimal;
import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class LotTest {
    private static final ShopLimits LIMITS = ShopLimits.defaults();

    private static Lot.MeasuredPack pack(@Nullable String measured, @Nullable String high) {
        return new Lot.MeasuredPack(
                measured == null ? null : new BigDecimal(measured),
                null,
                high == null ? null : new BigDecimal(high),
                BigDecimal.valueOf(3200));
    }

    private static Lot lot(Lot.MeasuredPack... packs) {
        return Lot.of(new Lot.Request(List.of(packs)), LIMITS).result();
    }

    private static Lot metOf(int met, int of) {
        return lot(IntStream.range(0, of)
                .mapToObj(nth -> nth < met ? pack("3200", "3300") : pack("3100", "3250"))
                .toArray(Lot.MeasuredPack[]::new));
    }

    @Test
    void theHandbooksExampleTwoOfFive() {
        Lot lot = metOf(2, 5);

        assertThat(lot.sharePercent()).isEqualByComparingTo("40");
        assertThat(lot.lowPercent().doubleValue()).isCloseTo(12, within(0.5));
        assertThat(lot.highPercent().doubleValue()).isCloseTo(77, within(0.5));
        assertThat(lot.warns()).isFalse();
    }

    @ParameterizedTest
    @CsvSource({
        "3100, 3199, 3100, 3199, 3250, 3300, true",
        "3100, 3199, 3250, 3300, 3250, 3300, false",
        "3100, 3200, 3100, 3200, 3100, 3200, false",
        "3100,     , 3100,     , 3100,     , false",
        "3100, 3199, 3100, 3199,     ,     , false"
    })
    void aLotWarnsOnceHalfOfThreeLieUnderTheirLabelWithTheirWholeRange(
            String one,
            @Nullable String oneHigh,
            String two,
            @Nullable String twoHigh,
            @Nullable String three,
            @Nullable String threeHigh,
            boolean warns) {
        assertThat(lot(pack(one, oneHigh), pack(two, twoHigh), pack(three, threeHigh))
                        .warns())
                .isEqualTo(warns);
    }

    @Test
    void ofNothingNothingIsTold() {
        Lot none = lot(pack(null, null));

        assertThat(none.measured()).isZero();
        assertThat(Stream.of(none.sharePercent(), none.lowPercent(), none.medianRatioPercent()))
                .containsOnlyNulls();
        assertThatThrownBy(() -> lot(pack("3300", "3250")))
                .isInstanceOf(Unanswerable.class)
                .hasMessageContaining("outside its own range");
    }

    @Property(tries = 200)
    void theRangeHoldsTheShareAndOneMoreThatMeetsItNeverLowersIt(
            @ForAll @IntRange(min = 1, max = 60) int of, @ForAll @IntRange(max = 60) int met) {
        int some = Math.min(met, of - 1);
        Lot fewer = metOf(some, of);
        Lot more = metOf(some + 1, of);

        assertThat(fewer.sharePercent()).isBetween(fewer.lowPercent(), fewer.highPercent());
        assertThat(more.lowPercent()).isGreaterThanOrEqualTo(fewer.lowPercent());
        assertThat(more.highPercent()).isGreaterThanOrEqualTo(fewer.highPercent());
    }

    private static ModelMinutes.StepMinutes minutes(String... took) {
        return ModelMinutes.of(
                        new ModelMinutes.Request(List.of(new ModelMinutes.TakenStep(
                                "cover",
                                BigDecimal.TWO,
                                Stream.of(took).map(BigDecimal::new).toList()))),
                        LIMITS)
                .result()
                .steps()
                .getFirst();
    }

    @Test
    void aStepTakesTheMedianOfItsJobsWithoutPausesAndCountsFromFiveOn() {
        ModelMinutes.StepMinutes learnt = minutes("1.8", "2.4", "2.1", "6.01", "2.6", "6");

        assertThat(learnt.medianMinutes()).isEqualByComparingTo("2.4");
        assertThat(learnt.jobs()).isEqualTo(5);
        assertThat(learnt.pausesLeftOut()).isEqualTo(1);
        assertThat(learnt.used()).isTrue();
        assertThat(minutes("1.8", "2.4", "2.1", "2.6").used()).isFalse();
        assertThat(minutes("7").medianMinutes()).isNull();
    }
}
