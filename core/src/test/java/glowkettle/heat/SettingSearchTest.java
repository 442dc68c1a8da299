package glowkettle.heat;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import glowkettle.limits.Limit;
import glowkettle.limits.ShopLimits;
import java.math.BigDecimal;
import java.util.EnumSet;
import java.util.List;
import org.junit.jupiter.api.Test;

class SettingSearchTest {
    private static final ShopLimits LIMITS = ShopLimits.defaults();

    @Test
    void lowAndSlowWinsWhereHotLeavesNoWindow() {
        SettingSearch search = search(Stacks.HANDHELD, "22", LIMITS);
        assertThat(search.offers().getFirst().tolerant()).isTrue();
        assertThat(search.offers())
                .filteredOn(offer -> offer.setting().source() == Setting.Source.DRYER
                        && offer.setting().face() == Setting.Face.ABOVE)
                .extracting(offer -> offer.setting().temperatureC().intValue())
                .doesNotContain(75, 80, 90)
                .contains(60);
    }

    @Test
    void offersStandInTheirOrderAndEachKeepsWhatItPromisesWhenReckonedFinely() {
        SettingSearch search = search(Stacks.HANDHELD_WITH_DISPLAY, "22", LIMITS);
        List<SettingSearch.Offer> offers = search.offers();
        for (int i = 1; i < offers.size(); i++) {
            assertThat(rank(offers.get(i - 1))).isLessThanOrEqualTo(rank(offers.get(i)));
        }
        for (SettingSearch.Offer offer : offers.subList(0, 4)) {
            HeatWindow fine = HeatWindow.of(request(Stacks.HANDHELD_WITH_DISPLAY, offer.setting(), "22"), LIMITS)
                    .result();
            assertThat(offer.bondReadyS()).isCloseTo(fine.bondReadyS(), within(new BigDecimal("2")));
            assertThat(offer.latestLiftOffS()).isCloseTo(fine.latestLiftOffS(), within(new BigDecimal("3")));
        }
    }

    /** Tenths that are not shown decide between equal widths, except where all of them count no more. */
    private static String rank(SettingSearch.Offer offer) {
        BigDecimal counts = new BigDecimal("120");
        return "%s %06d %06d"
                .formatted(
                        offer.tolerant() ? 0 : 1,
                        1000 - offer.widthS().min(counts).intValue(),
                        offer.widthS().compareTo(counts) > 0
                                ? offer.bondReadyS().intValue()
                                : 0);
    }

    @Test
    void aTolerantSettingStaysWorkableWhenEveryTransferIsOff() {
        SettingSearch.Offer best =
                search(Stacks.FRONT_GLASS, "20", LIMITS).offers().getFirst();
        HeatWindow.Request request = request(Stacks.FRONT_GLASS, best.setting(), "20");
        double slowS = new HeatedColumns(request, new HeatedColumns.Doubt(0.7, 1), 0.05, 0.05, LIMITS).bondReadyS(60);
        double earlyS = new HeatedColumns(request, new HeatedColumns.Doubt(1.3, 1), 0.05, 0.05, LIMITS)
                .outcome(60)
                .latestLiftOffS();
        assertThat(slowS).isLessThan(earlyS);
    }

    @Test
    void aCellThatBearsNothingLeavesTheOtherWay() {
        ShopLimits strict = LIMITS.with(Limit.CELL_HEATING_C, new BigDecimal("40"));
        var result = SettingSearch.of(
                Stacks.heated(Stacks.HANDHELD, Setting.Source.MAT, "60", Setting.Face.BELOW, "22"), strict);
        assertThat(result.result().offers()).isEmpty();
        assertThat(result.findings().getFirst().sentence()).contains("the solvent way");
    }

    @Test
    void onlyWhatTheShopHasIsTried() {
        var request = Stacks.heated(Stacks.HANDHELD, Setting.Source.MAT, "60", Setting.Face.BELOW, "22");
        var dryer =
                SettingSearch.of(request, EnumSet.of(HeatPlace.DRYER), LIMITS).result();
        assertThat(dryer.tried())
                .isBetween(1, SettingSearch.of(request, LIMITS).result().tried() / 2);
        assertThat(dryer.offers()).extracting(offer -> offer.setting().source()).containsOnly(Setting.Source.DRYER);
        assertThat(SettingSearch.of(request, EnumSet.noneOf(HeatPlace.class), LIMITS)
                        .result()
                        .offers())
                .isEmpty();
    }

    private static SettingSearch search(Stack stack, String ambientC, ShopLimits limits) {
        return SettingSearch.of(Stacks.heated(stack, Setting.Source.MAT, "60", Setting.Face.BELOW, ambientC), limits)
                .result();
    }

    private static HeatWindow.Request request(Stack stack, Setting setting, String ambientC) {
        return Stacks.heated(stack, Setting.Source.MAT, "60", Setting.Face.BELOW, ambientC)
                .with(setting);
    }
}
