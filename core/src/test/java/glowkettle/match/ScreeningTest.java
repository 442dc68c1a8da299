package glowkettle.match;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import glowkettle.finding.Unanswerable;
import glowkettle.limits.ShopLimits;
import glowkettle.match.Screening.Cell;
import glowkettle.match.Screening.Made;
import glowkettle.match.Screening.Seen;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Every reject has its rule, and a missing figure is never good. */
class ScreeningTest {
    private static final Seen SOUND = new Seen(null, null, null, false, false, false);
    private static final Made ONE = new Made("quay works", "NMC");

    private static @Nullable BigDecimal figure(@Nullable String text) {
        return text == null ? null : new BigDecimal(text);
    }

    private static Cell cell(
            String id, @Nullable String mah, @Nullable String mohm, @Nullable String volts, @Nullable String drop) {
        return new Cell(id, null, figure(mah), figure(mohm), figure(volts), figure(drop), SOUND, ONE);
    }

    private static Screening of(List<Cell> cells, @Nullable String ratingMah) {
        return Screening.of(new Screening.Request(cells, figure(ratingMah), null), ShopLimits.defaults())
                .result();
    }

    private static List<Cell> lot(Cell odd) {
        List<Cell> cells = new ArrayList<>(IntStream.range(0, 6)
                .mapToObj(i -> cell("L" + i, String.valueOf(2600 + i), "30", "3.6", "0.1"))
                .toList());
        cells.add(odd);
        return cells;
    }

    /** Median 2602 with a low one, 2603 with a high one; least deviation half a per cent of it, three times. */
    @ParameterizedTest
    @CsvSource({
        "2600, 30, 3.6, 0.1,",
        "2563, 30, 3.6, 0.1,",
        "2562, 30, 3.6, 0.1, cell-lot-capacity",
        "2642, 30, 3.6, 0.1,",
        "2643, 30, 3.6, 0.1, cell-lot-capacity",
        "2600, 45, 3.6, 0.1,",
        "2600, 45.1, 3.6, 0.1, cell-lot-resistance",
        "2600, 30, 2.51, 0.1,",
        "2600, 30, 2.5, 0.1, cell-found-low",
        "2600, 30, 4.2, 0.1,",
        "2600, 30, 4.21, 0.1, cell-above-limit",
        "2600, 30, 4.24, 0.1, cell-above-limit",
        "2600, 30, 4.25, 0.1, cell-over",
        "2600, 30, 4.31, 0.1, cell-over",
        "2600, 30, 3.6, 5,",
        "2600, 30, 3.6, 5.1, cell-drop",
        ", 30, 3.6, 0.1, cell-unmeasured",
        "2600, , 3.6, 0.1, cell-unmeasured",
        "0, 30, 3.6, 0.1, cell-unmeasured",
        "2600, -1, 3.6, 0.1, cell-unmeasured"
    })
    void eachRuleRejectsAtItsLimit(
            @Nullable String mah, @Nullable String mohm, String volts, String drop, @Nullable String rule) {
        Screening.Judged judged =
                of(lot(cell("X", mah, mohm, volts, drop)), null).cells().getLast();

        assertThat(judged.accepted()).isEqualTo(rule == null);
        assertThat(judged.rejects())
                .extracting(Screening.Reject::rule)
                .isEqualTo(rule == null ? List.of() : List.of(rule));
    }

    @Test
    void fewerThanFiveHaveNoRuleOfTheirLotButThatOfTheirRating() {
        List<Cell> few = List.of(
                cell("A", "2600", "30", null, null),
                cell("B", "2080", "90", null, null),
                cell("C", "2079", "30", null, null));

        assertThat(of(few, "2600").cells())
                .extracting(Screening.Judged::accepted)
                .containsExactly(true, true, false);
    }

    @ParameterizedTest
    @CsvSource({"40, 25, false", "40, 30, true", "40.1, 35, false", "35, 24.9, false", "35, 25, true", "40, , true"})
    void whatGetsWarmInItsChargeTestIsNoPart(String warmest, @Nullable String air, boolean accepted) {
        Cell warm = new Cell(
                "X",
                null,
                figure("2600"),
                figure("30"),
                null,
                null,
                new Seen(null, figure(warmest), figure(air), null, null, null),
                ONE);

        assertThat(of(List.of(warm), null).cells().getFirst().accepted()).isEqualTo(accepted);
    }

    @Test
    void aTornWrapComesBackAndMixedMakersAreAskedAbout() {
        Cell torn = new Cell(
                "T",
                null,
                figure("2600"),
                figure("30"),
                null,
                null,
                new Seen(null, null, null, false, false, true),
                new Made("other works", "NMC"));
        Screening screening = of(List.of(cell("A", "2600", "30", null, null), torn), null);

        assertThat(screening.cells().getLast().rewrap()).isTrue();
        assertThat(screening.cells().getLast().accepted()).isFalse();
        assertThat(screening.sets()).hasSize(2);
    }

    @Test
    void aDuplicateIdRefusesTheTable() {
        assertThatThrownBy(() -> of(List.of(cell("A", "1", "1", null, null), cell("A", "1", "1", null, null)), null))
                .isInstanceOf(Unanswerable.class);
    }

    /** ΔV over all ohms, against half of the smaller capacity. */
    @ParameterizedTest
    @CsvSource({"3.60, 3.679, true, 1.295", "3.60, 3.681, false, 1.328", "3.9, 3.6, false, 4.918"})
    void whatFlowsBetweenTwoIsHeldAgainstTheSmallerOne(String one, String other, boolean allowed, String amperes) {
        Paralleling paralleling = Paralleling.of(
                        new Paralleling.Request(
                                List.of(
                                        new Paralleling.Cell("A", figure(one), figure("30"), figure("2600")),
                                        new Paralleling.Cell("B", figure(other), figure("30"), figure("2800"))),
                                figure("1"),
                                figure("4.2")),
                        ShopLimits.defaults())
                .result();

        assertThat(paralleling.allowed()).isEqualTo(allowed);
        assertThat(paralleling.pairs().getFirst().currentA()).isEqualByComparingTo(amperes);
        assertThat(paralleling.pairs().getFirst().largestMv()).isEqualByComparingTo("79.3");
        assertThat(paralleling.brought().isEmpty()).isEqualTo(allowed);
    }
}
