package glowkettle.job;

import glowkettle.assess.HazardReadings.Warmth;
import glowkettle.cell.Box;
import glowkettle.cell.Chemistry;
import glowkettle.job.assess.AssessEntry;
import glowkettle.job.join.GaugeSchool;
import glowkettle.job.join.JoinEntry;
import glowkettle.job.join.TransplantStep;
import glowkettle.join.GaugeData;
import glowkettle.join.Transplant;
import glowkettle.join.WeldLadder;
import glowkettle.shop.OpeningHours;
import java.math.BigDecimal;
import java.time.Duration;
import java.time.ZoneId;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/** A controller on its way from one cell to another. */
final class BoardMove {
    private BoardMove() {}

    static final GaugeData OLD = gauge("5000", "2900", "612", "2022-04-11", "2022-06-02");
    static final GaugeData NEW = gauge("2800", "2800", "0", "2026-05-01", "2026-11-01");

    static final OpeningHours HOURS = new OpeningHours(ZoneId.of("UTC"), Map.of(), Map.of());

    static BigDecimal figure(String text) {
        return new BigDecimal(text);
    }

    static GaugeData gauge(String design, String full, String cycles, String made, String used) {
        return new GaugeData(figure(design), figure(full), figure(cycles), "00417", made, used);
    }

    static Transplant.Request sheets(String cellLimitV, String cutOffV, @Nullable String tabMm) {
        Transplant.Tab tab = new Transplant.Tab(figure("14"), figure("4"), figure("3"));
        return new Transplant.Request(
                new Transplant.Board(
                        figure("4.2"), figure(cutOffV), figure("2"), Chemistry.Family.LITHIUM, figure("10")),
                new Transplant.Cell(figure(cellLimitV), figure("2"), Chemistry.Family.LITHIUM, figure("10")),
                tab,
                tab,
                List.of(tab),
                tabMm == null ? null : figure(tabMm));
    }

    static Bench fitted() {
        return new Bench().assessed().torn().measured().fitted();
    }

    static Bench planned() {
        return fitted().write(new JoinEntry.TransplantPlanned(sheets("4.2", "4.25", "20")));
    }

    static JoinEntry.WeldTried tried(String level, String pullN, int pulls, boolean burnt) {
        return new JoinEntry.WeldTried(
                new WeldLadder.Trial(figure(level), Collections.nCopies(pulls, figure(pullN)), burnt));
    }

    /** What proves a step, or its tap. */
    static List<JoinEntry> proof(TransplantStep step, GaugeSchool school) {
        return switch (step) {
            case GAUGE_READ -> List.of(new JoinEntry.GaugeReadOut(OLD));
            case WELD_PROVEN ->
                List.of(
                        new JoinEntry.WelderSet(figure("0.1"), figure("1"), figure("9")),
                        tried("1", "9", 5, false),
                        tried("2", "21", 5, false));
            case FOLDED -> List.of(new JoinEntry.FoldedMeasured(new Box(figure("5"), figure("80"), figure("120"))));
            case METERED -> List.of(new JoinEntry.BoardMetered(figure("7.61"), figure("7.605")));
            case SCHOOL_CHOSEN -> List.of(new JoinEntry.GaugeSchoolChosen(school));
            case GAUGE_SETTLED ->
                switch (school) {
                    case LEAVE -> List.of();
                    case WRITE -> List.of(new JoinEntry.GaugeWriteBegun(NEW), new JoinEntry.GaugeReadOut(NEW));
                    case HELPER -> List.of(new JoinEntry.HelperPackUsed("shelf pack, lot 26-09", figure("3.8"), true));
                };
            case FIRST_CHARGED -> List.of(new JoinEntry.FirstChargeBegun());
            case KIT,
                    PHOTOGRAPHED,
                    WRAPS_OFF,
                    MINUS_TRIMMED,
                    PLUS_TRIMMED,
                    BOARD_CUT,
                    BOARD_TAPS_CUT,
                    TAPS_TRIMMED,
                    TAPS_WELDED,
                    BOARD_FREE,
                    MINUS_WELDED,
                    PLUS_WELDED,
                    WRAPS_BACK,
                    WOKEN -> List.of(new JoinEntry.TransplantStepDone(step));
        };
    }

    static Bench upTo(TransplantStep end, GaugeSchool school) {
        Bench bench = planned();
        Stream.of(TransplantStep.values())
                .filter(step -> step.compareTo(end) < 0)
                .flatMap(step -> proof(step, school).stream())
                .forEach(bench::write);
        return bench;
    }

    static Bench felt(Bench bench, String surfaceC) {
        return bench.write(new AssessEntry.WarmthTaken(
                new Warmth(figure(surfaceC), figure("21"), false, null, null, null, null, null)));
    }

    static Bench charged(Bench bench) {
        bench.write(new JoinEntry.FirstChargeBegun());
        for (String surfaceC : List.of("25", "24.5", "24")) {
            felt(bench.later(Duration.ofMinutes(5)), surfaceC);
        }
        return bench.write(new JoinEntry.FirstChargeEnded());
    }
}
