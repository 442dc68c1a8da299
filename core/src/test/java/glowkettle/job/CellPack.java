package glowkettle.job;

import glowkettle.assess.HazardReadings.Damage;
import glowkettle.assess.HazardReadings.Look;
import glowkettle.assess.HazardReadings.Thickness;
import glowkettle.assess.HazardReadings.Warmth;
import glowkettle.assess.HazardReadings.Wet;
import glowkettle.job.assess.AssessEntry;
import glowkettle.job.match.Building;
import glowkettle.job.match.MatchEntry;
import glowkettle.job.match.Matching;
import glowkettle.match.BuildStep;
import glowkettle.match.CellSize;
import glowkettle.match.GroupVoltages;
import glowkettle.match.Grouping;
import glowkettle.match.Layout;
import glowkettle.match.PackFigures;
import glowkettle.match.Screening;
import java.math.BigDecimal;
import java.time.Duration;
import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/** A pack of cells on its way: listed, matched, built and charged. */
final class CellPack {
    private static final Look LEAKS = new Look(false, false, false, false, false, true, Wet.NO, Damage.NONE);

    private CellPack() {}

    static final MatchEntry.PackChargeBegun CHARGE =
            new MatchEntry.PackChargeBegun(new BigDecimal("8.4"), new BigDecimal("1.5"));

    static BigDecimal n(String figure) {
        return new BigDecimal(figure);
    }

    static Screening.Cell cell(String id, String mah, @Nullable String restedV, boolean torn) {
        return new Screening.Cell(
                id,
                null,
                n(mah),
                n("30"),
                restedV == null ? null : n(restedV),
                null,
                new Screening.Seen(null, null, null, null, null, torn),
                new Screening.Made(null, null));
    }

    static MatchEntry.CellsRead cells(String... restedV) {
        return new MatchEntry.CellsRead(
                "box",
                IntStream.range(0, restedV.length)
                        .mapToObj(i -> cell("K" + i, "2600", restedV[i].isEmpty() ? null : restedV[i], false))
                        .toList());
    }

    static MatchEntry.PackWanted wanted(String series, String parallel, @Nullable String loadA) {
        return new MatchEntry.PackWanted(
                n(series),
                n(parallel),
                new MatchEntry.Rated(n("2600"), n("3.6"), n("4.2"), n("8"), loadA == null ? null : n(loadA)),
                new CellSize(n("18"), n("65")),
                new PackFigures.Strips(null, null, null),
                null,
                new Layout.Parts(null, null, null),
                new Layout.Case(null, null, null));
    }

    static MatchEntry.Matched found(Bench bench) {
        Grouping.Sought sought =
                Grouping.search(Matching.of(bench.file()).asked().orElseThrow(), (moves, budget, best) -> true);
        return new MatchEntry.Matched(
                sought.groups().stream().map(Layout.Named::new).toList(), sought.proven(), sought.stopped());
    }

    /** Two groups of two, matched. */
    static Bench matched(String... restedV) {
        Bench bench = new Bench()
                .assessed()
                .torn()
                .measured()
                .write(wanted("2", "2", "5"))
                .write(cells(restedV));
        return bench.write(found(bench));
    }

    static Bench alike() {
        return matched("3.600", "3.600", "3.600", "3.600");
    }

    static MatchEntry.BuildStepDone done(BuildStep step, MatchEntry.@Nullable JoinedBy by) {
        return step.welds() == 0
                ? new MatchEntry.BuildStepDone(step.id(), null, null)
                : new MatchEntry.BuildStepDone(
                        step.id(), by, BigDecimal.valueOf(by == MatchEntry.JoinedBy.WELDS ? step.welds() : 0));
    }

    static BuildStep next(Bench bench) {
        return Building.of(bench.file()).next().orElseThrow();
    }

    static Bench until(Bench bench, BuildStep.Kind kind) {
        while (next(bench).kind() != kind) {
            bench.write(done(next(bench), MatchEntry.JoinedBy.TAGS));
        }
        return bench;
    }

    static Bench built() {
        Bench bench = alike();
        while (!Building.of(bench.file()).isBuilt()) {
            bench.write(done(next(bench), MatchEntry.JoinedBy.TAGS));
        }
        return bench;
    }

    static MatchEntry.BuiltGroupsMetered read(String packV, String... groupV) {
        return new MatchEntry.BuiltGroupsMetered(
                Look.GOOD,
                new Thickness(n("40"), List.of(), n("40")),
                new GroupVoltages.Request(Stream.of(groupV).map(BigDecimal::new).toList(), n(packV)));
    }

    static MatchEntry.BuiltPackFelt felt(String surfaceC) {
        return new MatchEntry.BuiltPackFelt(new Warmth(n(surfaceC), n("21"), false, null, null, null, null, null));
    }

    static Bench proven() {
        return charged(built().write(read("7.20", "3.600", "3.601")));
    }

    /** Felt every five minutes until two readings in a row have fallen. */
    static Bench charged(Bench bench) {
        bench.write(CHARGE);
        for (String surfaceC : List.of("23", "25", "24.5", "24")) {
            bench.later(Duration.ofMinutes(5)).write(felt(surfaceC));
        }
        return bench.write(new MatchEntry.PackChargeEnded());
    }

    static Bench charging() {
        return built().write(read("7.20", "3.600", "3.601")).write(CHARGE);
    }

    /** It leaks: nothing goes on. */
    static Bench isolated(Bench bench) {
        return bench.write(new AssessEntry.Looked(LEAKS));
    }
}
