package glowkettle.free;

import static org.assertj.core.api.Assertions.assertThat;

import glowkettle.heat.Adhesive;
import glowkettle.limits.ShopLimits;
import java.math.BigDecimal;
import java.util.Collections;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

class LadderTest {
    private static Ladder.Case of(Adhesive adhesive, boolean noHeat, String soc, boolean wet, int strongCards) {
        return new Ladder.Case(
                adhesive,
                new Ladder.Forbidden(noHeat, false),
                soc == null ? null : new BigDecimal(soc),
                wet,
                null,
                new Ladder.Strips(BigDecimal.ZERO, adhesive == Adhesive.STRETCH_STRIPS ? BigDecimal.TWO : null),
                null,
                Collections.nCopies(strongCards, new Ladder.Try(Loosening.CARD, Effort.STRONG)));
    }

    private static Ladder ladder(Ladder.Case asked) {
        return Ladder.of(asked, ShopLimits.defaults()).result();
    }

    @ParameterizedTest
    @CsvSource({
        "STRETCH_STRIPS, DRAW_STRIPS",
        "PACK_TAPE, HEAT",
        "PACK_GLUE, SOLVENT",
        "SEAM_FOAM, HEAT",
        "SEAM_GLUE, HEAT"
    })
    void eachBondHasItsFirstWay(Adhesive adhesive, Loosening first) {
        assertThat(ladder(of(adhesive, false, "25", false, 0))
                        .next()
                        .orElseThrow()
                        .way())
                .isEqualTo(first);
    }

    @ParameterizedTest
    @EnumSource(Adhesive.class)
    void heatIsNeverOfferedToAForbiddenFullUnknownOrWetPack(Adhesive adhesive) {
        for (Ladder.Case asked : List.of(
                of(adhesive, true, "25", false, 0),
                of(adhesive, false, "30.1", false, 0),
                of(adhesive, false, null, false, 0),
                of(adhesive, false, "25", true, 0))) {
            assertThat(ladder(asked).allows(Loosening.HEAT)).isFalse();
        }
    }

    @Test
    void stripsAndPackGlueAreNeverHeatedAtAll() {
        for (Adhesive adhesive : List.of(Adhesive.STRETCH_STRIPS, Adhesive.PACK_GLUE)) {
            Ladder ladder = ladder(of(adhesive, false, "5", false, 0));
            assertThat(ladder.rungs()).noneMatch(rung -> rung.way() == Loosening.HEAT);
            assertThat(ladder.never()).contains("heat");
        }
    }

    @Test
    void aSeamThatMayNotBeHeatedIsCutCold() {
        Ladder ladder = ladder(of(Adhesive.SEAM_FOAM, true, "25", false, 0));
        assertThat(ladder.rungs().getFirst().reason()).contains("tier forbids heat");
        assertThat(ladder.allows(Loosening.COLD_CUT)).isTrue();
    }

    @Test
    void strongEffortTwiceSpendsAWay() {
        assertThat(ladder(of(Adhesive.PACK_TAPE, false, "25", false, 1)).allows(Loosening.CARD))
                .isTrue();
        Ladder spent = ladder(of(Adhesive.PACK_TAPE, false, "25", false, 2));
        assertThat(spent.rungs().getLast().standing()).isEqualTo(Ladder.Standing.SPENT);
        assertThat(spent.allows(Loosening.SOLVENT)).isTrue();
    }

    @Test
    void aBrokenStripOpensSolventAtItsPlaceThenTheCard() {
        Ladder.Case broken = new Ladder.Case(
                Adhesive.STRETCH_STRIPS,
                new Ladder.Forbidden(false, false),
                null,
                false,
                null,
                new Ladder.Strips(BigDecimal.ONE, BigDecimal.ZERO),
                "the motor well",
                List.of());
        Ladder ladder = ladder(broken);
        assertThat(ladder.next().orElseThrow().way()).isEqualTo(Loosening.SOLVENT);
        assertThat(ladder.next().orElseThrow().reason()).contains("the motor well");
        assertThat(ladder.allows(Loosening.CARD)).isTrue();
    }

    @Test
    void whereForceIsForbiddenTooTheLadderEnds() {
        Ladder.Case guarded = new Ladder.Case(
                Adhesive.STRETCH_STRIPS,
                new Ladder.Forbidden(true, true),
                null,
                false,
                null,
                new Ladder.Strips(BigDecimal.ZERO, BigDecimal.ZERO),
                null,
                List.of());
        var result = Ladder.of(guarded, ShopLimits.defaults());
        assertThat(result.result().next()).isEmpty();
        assertThat(result.findings().getFirst().sentence()).contains("ask a lead");
    }
}
