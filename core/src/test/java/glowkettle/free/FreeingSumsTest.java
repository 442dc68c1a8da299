package glowkettle.free;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import glowkettle.finding.Unanswerable;
import glowkettle.library.Lead;
import glowkettle.limits.Limit;
import glowkettle.limits.ShopLimits;
import java.math.BigDecimal;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Bending, solvent, its lock, and the order of leads. */
class FreeingSumsTest {
    private static final ShopLimits LIMITS = ShopLimits.defaults();
    private static final Instant NOON = Instant.parse("2026-11-18T12:00:00Z");

    private static BigDecimal figure(String text) {
        return new BigDecimal(text);
    }

    /** ε = 4·t·d/L² bowed, t·d/L² with one end lifted. */
    @ParameterizedTest
    @CsvSource({
        "BOWED, 2, 80, 4, 0.50, bends, false",
        "BOWED, 1.99, 80, 4, 0.50, , false",
        "BOWED, 4, 80, 4, 1.00, bent, true",
        "BOWED, 3.99, 80, 4, 1.00, bends, false",
        "ONE_END_LIFTED, 8, 80, 4, 0.50, bends, false",
        "ONE_END_LIFTED, 16, 80, 4, 1.00, bent, true"
    })
    void aBendIsWarnedOfAndThenScrap(
            Bending.Shape shape, String bent, String over, String thick, String percent, String rule, boolean scrap) {
        var result = Bending.of(new Bending.Bend(shape, figure(bent), figure(over), figure(thick), null), LIMITS);
        assertThat(result.result().faceStrainPercent()).isEqualByComparingTo(percent);
        assertThat(result.result().scrap()).isEqualTo(scrap);
        assertThat(result.findings())
                .extracting(finding -> finding.rule())
                .isEqualTo(rule == null ? List.of() : List.of(rule));
    }

    @Test
    void dryingFollowsFluxAndAreaAndNeverGoesBelowItsLeast() {
        Solvent.Use open = use(Solvent.Kind.ISOPROPYL, Solvent.Lies.OPEN, "20000", "5000");
        Solvent solvent = Solvent.of(open, LIMITS).result();
        assertThat(solvent.doseMl()).isEqualByComparingTo("1.00");
        // 1 mL · 0.785 g/mL / (0.17 g/m²s · 0.005 m²) = 923.5 s, and half as long again under a part, thrice in
        // crevices.
        assertThat(solvent.dry()).isEqualTo(Duration.ofSeconds(924));
        assertThat(dry(Solvent.Kind.ISOPROPYL, Solvent.Lies.UNDER_A_PART, "20000", "5000"))
                .isEqualTo(Duration.ofSeconds(1386));
        assertThat(dry(Solvent.Kind.ISOPROPYL, Solvent.Lies.IN_CREVICES, "20000", "5000"))
                .isEqualTo(Duration.ofSeconds(2771));
        assertThat(dry(Solvent.Kind.ETHYL, Solvent.Lies.OPEN, "20000", "5000")).isEqualTo(Duration.ofSeconds(789));
        assertThat(dry(Solvent.Kind.ETHYL, Solvent.Lies.OPEN, "100", "5000")).isEqualTo(Duration.ofMinutes(5));
    }

    private static Solvent.Use use(Solvent.Kind kind, Solvent.Lies lies, String bondMm2, String exposedMm2) {
        return new Solvent.Use(kind, lies, figure(bondMm2), figure(exposedMm2));
    }

    private static Duration dry(Solvent.Kind kind, Solvent.Lies lies, String bondMm2, String exposedMm2) {
        return Solvent.of(use(kind, lies, bondMm2, exposedMm2), LIMITS).result().dry();
    }

    @Test
    void moreSolventThanMayStandOpenIsSaid() {
        assertThat(Solvent.of(
                                use(Solvent.Kind.ISOPROPYL, Solvent.Lies.OPEN, "100000", "100000"),
                                LIMITS.with(Limit.FILM_MM, figure("0.2")).with(Limit.SOLVENT_OPEN_ML, figure("10")))
                        .findings())
                .extracting(finding -> finding.rule())
                .containsExactly("solvent-much");
    }

    @Test
    void theLockHoldsWhileItIsCoveredAndTheLongestOneCounts() {
        Solvent.Use use = use(Solvent.Kind.ISOPROPYL, Solvent.Lies.UNDER_A_PART, "4000", "6000");
        IgnitionLock covered = IgnitionLock.of(List.of(new IgnitionLock.Wetting(use, NOON, null)), LIMITS)
                .orElseThrow();
        assertThat(covered.holds(NOON.plus(Duration.ofDays(3)))).isTrue();
        assertThat(covered.dwells(NOON.plusSeconds(119))).isTrue();
        assertThat(covered.dwells(NOON.plusSeconds(120))).isFalse();
        IgnitionLock open = IgnitionLock.of(
                        List.of(
                                new IgnitionLock.Wetting(use, NOON, NOON.plusSeconds(600)),
                                new IgnitionLock.Wetting(use, NOON, NOON.plusSeconds(60))),
                        LIMITS)
                .orElseThrow();
        assertThat(open.dryAt()).isEqualTo(NOON.plusSeconds(900));
        assertThat(open.holds(NOON.plusSeconds(899))).isTrue();
        assertThat(open.holds(NOON.plusSeconds(900))).isFalse();
        assertThat(IgnitionLock.of(List.of(), LIMITS)).isEmpty();
    }

    private static Lead lead(String id, Lead.Role role, String freeMm) {
        return new Lead(id, id, id, role, BigDecimal.ONE, BigDecimal.ONE, figure(freeMm));
    }

    private static LeadOrder order(boolean controller, boolean steady, List<String> own, String freeMm) {
        return LeadOrder.of(
                        new LeadOrder.Case(
                                List.of(
                                        lead("plus", Lead.Role.POSITIVE, freeMm),
                                        lead("tap1", Lead.Role.TAP, freeMm),
                                        lead("tap2", Lead.Role.TAP, freeMm),
                                        lead("minus", Lead.Role.NEGATIVE, freeMm)),
                                controller,
                                steady,
                                own),
                        LIMITS)
                .result();
    }

    @Test
    void leadsComeOffNegativeFirstAndGoOnPositiveFirst() {
        LeadOrder plain = order(false, false, List.of(), "30");
        assertThat(plain.off()).containsExactly("minus", "tap1", "tap2", "plus");
        assertThat(plain.on()).containsExactly("plus", "tap1", "tap2", "minus");
        LeadOrder controlled = order(true, false, List.of(), "30");
        assertThat(controlled.off()).containsExactly("tap1", "tap2", "plus", "minus");
        assertThat(controlled.on()).containsExactly("minus", "tap1", "tap2", "plus");
        assertThat(order(false, false, List.of("plus", "minus", "tap1", "tap2"), "30")
                        .off())
                .containsExactly("plus", "minus", "tap1", "tap2");
    }

    @ParameterizedTest
    @CsvSource({"30, false, CUT", "30, true, UNSOLDER", "24, false, UNSOLDER"})
    void theSchoolFollowsFreeLengthAndHand(String freeMm, boolean steady, LeadOrder.School first) {
        assertThat(order(false, steady, List.of(), freeMm).schools().getFirst().school())
                .isEqualTo(first);
    }

    @Test
    void anOwnOrderMustNameEveryLeadOnce() {
        assertThatThrownBy(() -> order(false, false, List.of("plus", "plus", "minus", "tap1"), "30"))
                .isInstanceOf(Unanswerable.class)
                .hasMessageContaining("once");
    }

    /** Bending further never lowers the strain. */
    @ParameterizedTest
    @CsvSource({"0.5, 1", "1, 3", "3, 20"})
    void bendingFurtherIsNeverJudgedMilder(String less, String more) {
        BigDecimal a = Bending.strainPercent(
                new Bending.Bend(Bending.Shape.BOWED, figure(less), figure("70"), figure("5"), null));
        BigDecimal b = Bending.strainPercent(
                new Bending.Bend(Bending.Shape.BOWED, figure(more), figure("70"), figure("5"), null));
        assertThat(b).isGreaterThan(a);
        assertThat(b.doubleValue() / a.doubleValue())
                .isCloseTo(Double.parseDouble(more) / Double.parseDouble(less), within(1e-9));
    }
}
