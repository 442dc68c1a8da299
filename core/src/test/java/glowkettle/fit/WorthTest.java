package glowkettle.fit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import glowkettle.finding.Finding;
import glowkettle.finding.Result;
import glowkettle.finding.Unanswerable;
import glowkettle.limits.ShopLimits;
import java.math.BigDecimal;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;

class WorthTest {
    private static final ShopLimits LIMITS = ShopLimits.defaults();

    private static Worth.Offer offer(
            String name, Worth.Source kind, String price, Worth.Energy energy, @Nullable Verdict verdict) {
        return new Worth.Offer(name, kind, new BigDecimal(price), energy, null, new Worth.Terms(null, null, verdict));
    }

    private static Worth.Energy energy(String claimed, @Nullable String most, @Nullable String measured) {
        return new Worth.Energy(
                new BigDecimal(claimed),
                most == null ? null : new BigDecimal(most),
                measured == null ? null : new BigDecimal(measured),
                null);
    }

    private static Result<Worth> worth(@Nullable String years, Worth.Offer... offers) {
        return Worth.of(
                new Worth.Request(
                        List.of(offers),
                        years == null ? null : new BigDecimal(years),
                        null,
                        years == null ? null : new BigDecimal("18")),
                LIMITS);
    }

    private static final Worth.Offer KNOWN = offer("known", Worth.Source.KNOWN, "30", energy("40", "44", null), null);
    private static final Worth.Offer UNNAMED =
            offer("unnamed", Worth.Source.UNNAMED, "14", energy("42", "28", null), Verdict.WITH_CARE);

    @Test
    void thePackAtHalfThePriceCostsTwiceAsMuch() {
        Worth worth = worth("3", KNOWN, UNNAMED).result();
        assertThat(worth.offers())
                .extracting(offer -> String.valueOf(offer.packsNeeded()))
                .containsExactly("2", "4");
        assertThat(worth.offers().get(0).plannedCostPerWh()).isEqualByComparingTo("0.002407");
        assertThat(worth.offers().get(1).plannedCostPerWh()).isEqualByComparingTo("0.004850");
        assertThat(worth.cheapest()).isEqualTo("known");
    }

    @Test
    void withoutYearsOnePacksLifeDecides() {
        Worth worth = worth(null, KNOWN, UNNAMED).result();
        // 30 / (40 · 500 · 0.9), 14 / (28 · 250 · 0.9)
        assertThat(worth.offers().get(0).costPerWh()).isEqualByComparingTo("0.001667");
        assertThat(worth.offers().get(1).costPerWh()).isEqualByComparingTo("0.002222");
        assertThat(worth.offers().get(0).packsNeeded()).isNull();
        assertThat(worth.overtakings()).isEmpty();
    }

    @Test
    void aMeasuredEnergyOverrulesClaimAndCeilingAndTheDeviceFillsItsShare() {
        Worth.Offer measured = new Worth.Offer(
                "measured",
                Worth.Source.MAKER,
                BigDecimal.TEN,
                new Worth.Energy(
                        new BigDecimal("50"), new BigDecimal("30"), new BigDecimal("40"), new BigDecimal("92.5")),
                null,
                new Worth.Terms(null, null, null));
        assertThat(worth(null, measured).result().offers().getFirst().usableWh())
                .isEqualByComparingTo("37");
    }

    @Test
    void aRefusedPackIsNeverTheCheapestWhateverItCosts() {
        Worth.Offer refused = offer("refused", Worth.Source.UNNAMED, "0", energy("42", "42", null), Verdict.REFUSED);
        assertThat(worth(null, KNOWN, refused).result().cheapest()).isEqualTo("known");
        Result<Worth> alone = worth(null, refused);
        assertThat(alone.result().cheapest()).isNull();
        assertThat(alone.findings().stream().map(Finding::rule)).contains("worth-none", "worth-refused");
    }

    @Test
    void twoOffersChangePlacesWhereOneNeedsItsNextPack() {
        // Until the cheap one's first 250 cycles are gone it is the cheaper one: 14 against 30 for less than a year.
        Worth.Offer honest = offer("honest", Worth.Source.UNNAMED, "14", energy("28", "28", null), null);
        Worth worth = worth("3", KNOWN, honest).result();
        assertThat(worth.overtakings().getFirst())
                .isEqualTo(new Worth.Overtaking(new BigDecimal("0.83"), "known", "honest"));
        WorthOverYears line = WorthOverYears.of(
                new Worth.Request(List.of(KNOWN, honest), new BigDecimal("3"), null, new BigDecimal("18")), LIMITS);
        assertThat(line.costPerWh(honest, 0.8)).isLessThan(line.costPerWh(KNOWN, 0.8));
        assertThat(line.costPerWh(honest, 0.9)).isGreaterThan(line.costPerWh(KNOWN, 0.9));
    }

    @Test
    void theLineOverTheYearsGoesThroughTheTableAndJumpsWhereAPackIsUsedUp() {
        WorthOverYears line = WorthOverYears.of(
                new Worth.Request(List.of(KNOWN, UNNAMED), new BigDecimal("3"), null, new BigDecimal("18")), LIMITS);
        assertThat(line.horizonYears()).isEqualTo(6);
        assertThat(line.costPerWh(KNOWN, 3)).isCloseTo(78 / (900 * 40 * 0.9), within(1e-12));
        assertThat(line.costPerWh(UNNAMED, 3)).isCloseTo(110 / (900 * 28 * 0.9), within(1e-12));
        assertThat(line.costPerWh(KNOWN, 0.5)).isCloseTo(30 / (150 * 40 * 0.9), within(1e-12));
        assertThat(line.jumps(UNNAMED))
                .hasSize(7)
                .first()
                .satisfies(jump -> assertThat(jump).isCloseTo(250 / 300.0, within(1e-12)));
        assertThat(line.jumps(KNOWN)).last().satisfies(jump -> assertThat(jump).isCloseTo(5, within(1e-12)));
    }

    @Test
    void everyChangeOfPlacesIsListedWithTheCheaperOneFirst() {
        Worth.Offer honest = offer("honest", Worth.Source.UNNAMED, "14", energy("28", "28", null), null);
        // Until 1.67 years two honest ones and one exchange, 46, against one known pack, 30; then the known one is
        // exchanged.
        assertThat(worth("3", KNOWN, honest).result().overtakings())
                .extracting(one -> one.afterYears() + " " + one.cheaper())
                .containsExactly("0.83 known");
        Worth.Offer dearer = offer("dearer", Worth.Source.MAKER, "40", energy("40", "40", null), null);
        assertThat(worth("3", KNOWN, dearer).result().overtakings())
                .extracting(one -> one.afterYears() + " " + one.cheaper() + " " + one.dearer())
                .startsWith("1.67 dearer known");
    }

    private static List<String> said(Worth.Offer offer) {
        return worth(null, offer).findings().stream().map(Finding::rule).toList();
    }

    @Test
    void whatIsTakenOnTrustIsSaid() {
        assertThat(said(KNOWN)).containsExactly("worth-cycles");
        assertThat(said(UNNAMED)).containsExactly("worth-claim", "worth-cycles");
        assertThat(said(offer("at its word", Worth.Source.MAKER, "60", energy("42", null, null), null)))
                .containsExactly("worth-unchecked", "worth-cycles");
        assertThat(said(offer("measured", Worth.Source.MAKER, "60", energy("42", "28", "30"), null)))
                .containsExactly("worth-cycles");
        assertThat(said(offer("as claimed", Worth.Source.MAKER, "60", energy("42", "42", null), null)))
                .containsExactly("worth-cycles");
        Worth.Offer told = new Worth.Offer(
                "told",
                Worth.Source.REBUILT,
                BigDecimal.TEN,
                energy("40", "40", null),
                new BigDecimal("20"),
                new Worth.Terms(null, null, null));
        assertThat(said(told)).isEmpty();
    }

    @Test
    void whatCannotBeComparedIsSaid() {
        assertThatThrownBy(() -> worth(null)).isInstanceOf(Unanswerable.class).hasMessageContaining("1 to 4");
        assertThatThrownBy(() -> worth(null, KNOWN, KNOWN)).isInstanceOf(Unanswerable.class);
        assertThatThrownBy(() -> Worth.of(new Worth.Request(List.of(KNOWN), BigDecimal.TWO, null, null), LIMITS))
                .isInstanceOf(Unanswerable.class)
                .hasMessageContaining("say what that costs");
    }
}
