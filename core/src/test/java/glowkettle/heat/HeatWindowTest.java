package glowkettle.heat;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import glowkettle.finding.Result;
import glowkettle.finding.Unanswerable;
import glowkettle.limits.Limit;
import glowkettle.limits.ShopLimits;
import java.math.BigDecimal;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

class HeatWindowTest {
    private static final ShopLimits LIMITS = ShopLimits.defaults();
    private static final HeatWindow.Request FRONT_GLASS =
            Stacks.heated(Stacks.FRONT_GLASS, Setting.Source.MAT, "84", Setting.Face.BELOW, "20");

    @Test
    void theFrontGlassOfTheWorkedExampleHasItsWindow() {
        HeatWindow window = window(takenOff(FRONT_GLASS, "110"));
        near(window.bondReadyS(), "62.0", "1.5");
        near(window.limitS(), "213", "1.5");
        near(window.latestLiftOffS(), "207", "1.5");
        near(window.afterwards().cellPeakC(), "40.1", "0.1");
        near(window.afterwards().worksUntilS(), "292.2", "1.5");
        assertThat(window.clippedBy()).isEqualTo(Layer.Part.CELL);
    }

    @Test
    void theCurveGoesOnOverTheLiftOffToItsPeakAndDownToWhereTheBondHolds() {
        HeatWindow window = window(takenOff(FRONT_GLASS, "110"));
        List<HeatWindow.Point> curve =
                HeatWindow.curveCooling(FRONT_GLASS, new BigDecimal("110"), new BigDecimal("360"), LIMITS);

        for (int i = 1; i < curve.size(); i++) {
            HeatWindow.Point before = curve.get(i - 1);
            HeatWindow.Point here = curve.get(i);
            assertThat(here.sinceS()).isGreaterThan(before.sinceS());
            assertThat(here.bondC().subtract(before.bondC()).abs()).isLessThan(new BigDecimal("4"));
        }
        near(
                curve.stream()
                        .map(HeatWindow.Point::cellC)
                        .max(BigDecimal::compareTo)
                        .orElseThrow(),
                window.afterwards().cellPeakC().toPlainString(),
                "0.5");
        BigDecimal holdC = LIMITS.of(Limit.WORK_SEAM_GLUE_C).max(LIMITS.of(Limit.WORK_SEAM_FOAM_C));
        assertThat(curve.getLast().bondC()).isLessThan(holdC);
        assertThat(curve.getLast().sinceS()).isEqualByComparingTo("360");
    }

    @Test
    void nothingCoolsBeforeItsLiftOff() {
        assertThatThrownBy(() ->
                        HeatWindow.curveCooling(FRONT_GLASS, new BigDecimal("110"), new BigDecimal("110"), LIMITS))
                .hasMessageContaining("110 s is not after the lift-off");
    }

    /** A late lift-off is reckoned as asked: nothing is cut to the latest one. */
    @ParameterizedTest
    @CsvSource({"300,56.7,62.0,518", "600,67.8,62.0,818", "61,,62.1,170.4", "110,40.1,62.0,292.2"})
    void aLiftOffIsReckonedAsAskedHoweverLate(
            String liftOffS, @org.jspecify.annotations.Nullable String peakC, String readyS, String untilS) {
        HeatWindow.Afterwards after = HeatWindow.of(
                        Stacks.heated(Stacks.FRONT_GLASS, Setting.Source.MAT, "84", Setting.Face.BELOW, "20")
                                .until(new BigDecimal(liftOffS)),
                        LIMITS)
                .result()
                .afterwards();

        assertThat(after.liftOffS()).isEqualByComparingTo(liftOffS);
        if (peakC != null) {
            near(after.cellPeakC(), peakC, "0.1");
        }
        near(after.worksFromS(), readyS, "1.5");
        near(after.worksUntilS(), untilS, "1.5");
    }

    @Test
    void aBondThatIsNeverReadyHasNoWorkingTime() {
        HeatWindow.Afterwards after = HeatWindow.of(
                        Stacks.heated(Stacks.FRONT_GLASS, Setting.Source.MAT, "84", Setting.Face.BELOW, "20")
                                .until(new BigDecimal("20")),
                        LIMITS)
                .result()
                .afterwards();
        assertThat(after.worksFromS()).isNull();
        assertThat(after.worksUntilS()).isNull();
    }

    /** The rim's heat is in the pack when its own bond is heated: ready sooner, and at its limit sooner. */
    @Test
    void theHeatOfTheRimIsStillInThePackBehindIt() {
        HeatWindow.Request cold = Stacks.heated(Stacks.HANDHELD, Setting.Source.DRYER, "60", Setting.Face.ABOVE, "22");
        HeatWindow alone = HeatWindow.of(cold, LIMITS).result();
        HeatWindow behind = HeatWindow.of(
                        new HeatWindow.Request(
                                cold.stack(),
                                cold.setting(),
                                cold.ambientC(),
                                List.of(new HeatWindow.Earlier(
                                        new Setting(Setting.Source.MAT, new BigDecimal("84"), Setting.Face.BELOW, null),
                                        new BigDecimal("200"),
                                        new BigDecimal("60"),
                                        Stacks.FRONT_GLASS)),
                                null,
                                null),
                        LIMITS)
                .result();
        assertThat(behind.bondReadyS()).isLessThan(alone.bondReadyS());
        assertThat(behind.latestLiftOffS()).isLessThan(alone.latestLiftOffS());
    }

    @ParameterizedTest
    @CsvSource({"60, 649, 923", "75, 341, 351"})
    void airOnTheBackOfTheGluedHandheldLeavesTheWindowOfTheWorkedExample(String airC, String ready, String limit) {
        HeatWindow window =
                window(Stacks.heated(Stacks.HANDHELD, Setting.Source.DRYER, airC, Setting.Face.ABOVE, "22"));
        near(window.bondReadyS(), ready, "2");
        near(window.limitS(), limit, "2");
        assertThat(window.isEmpty()).isFalse();
    }

    @ParameterizedTest
    @CsvSource({"80", "90", "110"})
    void hotterAirOnTheBackOfTheGluedHandheldLeavesNoWindow(String airC) {
        Result<HeatWindow> result = HeatWindow.of(
                Stacks.heated(Stacks.HANDHELD, Setting.Source.DRYER, airC, Setting.Face.ABOVE, "22"), LIMITS);
        assertThat(result.result().isEmpty()).isTrue();
        assertThat(result.findings().getFirst().rule()).isEqualTo("heat-window-empty");
    }

    @ParameterizedTest
    @CsvSource({"55, 211, 400", "60, 154, 242"})
    void aMatUnderTheGlassOfTheGluedHandheldLeavesAWiderOne(String matC, String ready, String liftOff) {
        HeatWindow window =
                window(Stacks.heated(Stacks.HANDHELD_WITH_DISPLAY, Setting.Source.MAT, matC, Setting.Face.BELOW, "22"));
        near(window.bondReadyS(), ready, "2");
        near(window.latestLiftOffS(), liftOff, "2");
    }

    @Test
    void theSecondHeatingStartsWhereTheFirstOneLeftAndIsReadySooner() {
        HeatWindow.Request again = new HeatWindow.Request(
                FRONT_GLASS.stack(),
                FRONT_GLASS.setting(),
                FRONT_GLASS.ambientC(),
                List.of(new HeatWindow.Earlier(FRONT_GLASS.setting(), new BigDecimal("90"), new BigDecimal("30"))),
                null,
                null);
        HeatWindow first = window(FRONT_GLASS);
        HeatWindow second = window(again);
        assertThat(second.bondReadyS()).isLessThan(first.bondReadyS());
        assertThat(second.latestLiftOffS()).isLessThan(first.latestLiftOffS());
    }

    @Test
    void aLongPauseMakesTheSecondHeatingLikeTheFirst() {
        HeatWindow.Request again = new HeatWindow.Request(
                FRONT_GLASS.stack(),
                FRONT_GLASS.setting(),
                FRONT_GLASS.ambientC(),
                List.of(new HeatWindow.Earlier(FRONT_GLASS.setting(), new BigDecimal("90"), new BigDecimal("20000"))),
                null,
                null);
        near(window(again).bondReadyS(), window(FRONT_GLASS).bondReadyS().toPlainString(), "0.2");
    }

    @Test
    void aDeviceLeftOnItsHotMatMustBeSwitchedOffEarlier() {
        HeatWindow.Request left = new HeatWindow.Request(
                FRONT_GLASS.stack(), FRONT_GLASS.setting(), FRONT_GLASS.ambientC(), List.of(), true, null);
        // The mat stays far above what the cell bears for minutes: even an immediate end overshoots.
        assertThat(window(left).latestLiftOffS()).isEqualByComparingTo("0");
        assertThat(window(left).isEmpty()).isTrue();
    }

    @ParameterizedTest
    @EnumSource(
            value = Layer.Part.class,
            names = {"DISPLAY", "TOUCH_PANEL", "CAMERA"})
    void aLayerThatBearsLessThanTheHeatGivesEndsTheWindowAndIsNamed(Layer.Part part) {
        Stack fragile = new Stack(
                Stacks.FRONT_GLASS.adhesive(),
                List.of(
                        Stacks.FRONT_GLASS.rim().get(0),
                        Stacks.layer(Material.DISPLAY_STACK, "0.9", part),
                        Stacks.FRONT_GLASS.rim().get(2),
                        Stacks.FRONT_GLASS.rim().get(3)),
                Stacks.FRONT_GLASS.cell());
        Result<HeatWindow> result =
                HeatWindow.of(Stacks.heated(fragile, Setting.Source.MAT, "90", Setting.Face.BELOW, "20"), LIMITS);
        assertThat(result.result().clippedBy()).isEqualTo(part);
        assertThat(result.findings()).anySatisfy(finding -> {
            assertThat(finding.rule()).isEqualTo("heat-clipped");
        });
        assertThat(result.result().latestLiftOffS()).isLessThan(new BigDecimal("200"));
    }

    @Test
    void liquidGlueOnThePackIsNeverForHeat() {
        Stack glued = new Stack(Adhesive.PACK_GLUE, List.of(), Stacks.HANDHELD.cell());
        Result<HeatWindow> result =
                HeatWindow.of(Stacks.heated(glued, Setting.Source.MAT, "90", Setting.Face.BELOW, "22"), LIMITS);
        assertThat(result.result().isEmpty()).isTrue();
        assertThat(result.findings().getFirst().rule()).isEqualTo("heat-never");
        assertThat(SettingSearch.of(Stacks.heated(glued, Setting.Source.MAT, "90", Setting.Face.BELOW, "22"), LIMITS)
                        .result()
                        .offers())
                .isEmpty();
    }

    @Test
    void stretchStripsAndStacksWithoutABondAreRefused() {
        Stack strips = new Stack(Adhesive.STRETCH_STRIPS, List.of(), Stacks.HANDHELD.cell());
        assertThatThrownBy(() -> window(Stacks.heated(strips, Setting.Source.MAT, "50", Setting.Face.BELOW, "22")))
                .isInstanceOf(Unanswerable.class)
                .hasMessageContaining("tear");
        Stack bare =
                new Stack(Adhesive.PACK_TAPE, List.of(), List.of(Stacks.layer(Material.CELL, "5", Layer.Part.CELL)));
        assertThatThrownBy(() -> window(Stacks.heated(bare, Setting.Source.MAT, "50", Setting.Face.BELOW, "22")))
                .isInstanceOf(Unanswerable.class)
                .hasMessageContaining("0 layers are the bond");
    }

    /** Worse circumstances never give more time. */
    @ParameterizedTest
    @CsvSource({"CELL_HEATING_C, 45", "MAT_WM2K, 250"})
    void aStricterCellOrABetterContactNeverLengthensTheHeating(Limit limit, String value) {
        HeatWindow plain = window(FRONT_GLASS);
        HeatWindow worse = HeatWindow.of(FRONT_GLASS, LIMITS.with(limit, new BigDecimal(value)))
                .result();
        assertThat(worse.latestLiftOffS()).isLessThan(plain.latestLiftOffS());
    }

    @ParameterizedTest
    @CsvSource({"20, 25", "25, 32", "60, 70", "70, 84", "84, 90"})
    void aHotterMatOrShopNeverLengthensTheHeating(int cooler, int hotter) {
        boolean shop = hotter < 40;
        HeatWindow before = window(shop ? at("84", cooler) : at(String.valueOf(cooler), 20));
        HeatWindow after = window(shop ? at("84", hotter) : at(String.valueOf(hotter), 20));
        assertThat(after.latestLiftOffS()).isLessThanOrEqualTo(before.latestLiftOffS());
    }

    private static HeatWindow.Request at(String matC, int ambientC) {
        return Stacks.heated(
                Stacks.FRONT_GLASS, Setting.Source.MAT, matC, Setting.Face.BELOW, String.valueOf(ambientC));
    }

    private static HeatWindow.Request takenOff(HeatWindow.Request request, String liftOffS) {
        return new HeatWindow.Request(
                request.stack(),
                request.setting(),
                request.ambientC(),
                request.earlier(),
                request.leftOnMat(),
                new BigDecimal(liftOffS));
    }

    private static HeatWindow window(HeatWindow.Request request) {
        return HeatWindow.of(request, LIMITS).result();
    }

    private static void near(BigDecimal value, String wanted, String by) {
        assertThat(value).isCloseTo(new BigDecimal(wanted), within(new BigDecimal(by)));
    }
}
