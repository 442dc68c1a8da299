package glowkettle.demo;

import glowkettle.assess.HazardReadings.Look;
import glowkettle.assess.HazardReadings.Thickness;
import glowkettle.assess.HazardReadings.Warmth;
import glowkettle.job.Entry;
import glowkettle.job.JobFile;
import glowkettle.job.match.Building;
import glowkettle.job.match.FirstCharge;
import glowkettle.job.match.MatchAct;
import glowkettle.job.match.MatchEntry;
import glowkettle.job.match.Matching;
import glowkettle.job.match.OldPackSketch;
import glowkettle.match.BuildStep;
import glowkettle.match.CellSize;
import glowkettle.match.GroupVoltages;
import glowkettle.match.Grouping;
import glowkettle.match.Layout;
import glowkettle.match.PackFigures;
import glowkettle.match.Screening;
import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.IntStream;

/** A lamp pack built anew from a box of cells, one thing after the other. */
final class MatchSteps {
    private static final BigDecimal TWO = BigDecimal.valueOf(2);
    private static final double[] WARMING = {22, 24, 23.5, 23};

    private MatchSteps() {}

    /** What comes next until the pack is proven; empty when it is. */
    static Optional<Entry> next(JobFile job) {
        return switch (MatchAct.of(job)) {
            case NOT_BEGUN, PROVEN, KEEP -> Optional.empty();
            case DRAW -> OldPackSketch.of(job).nextPin().map(MatchSteps::followed);
            case METER_OLD -> Optional.of(new MatchEntry.OldGroupsMetered(read("3.61", "3.60", "3.59", "3.62")));
            case WANT -> Optional.of(lampPack());
            case LIST, FEW -> Optional.of(new MatchEntry.CellsRead("box of Tuesday", cells(12, 5)));
            case SEARCH -> Matching.of(job).asked().map(asked -> matched(asked, job));
            case BUILD -> Building.of(job).next().map(MatchSteps::done);
            case METER, APART -> Optional.of(metered(job));
            case CHARGE ->
                Building.of(job)
                        .charger()
                        .map(charger -> new MatchEntry.PackChargeBegun(charger.volts(), charger.mostA()));
            case STAY -> Building.of(job).firstCharge().map(charge -> charged(job, charge));
            case HOT -> Optional.of(new MatchEntry.PackChargeEnded());
        };
    }

    /** It warms a little, cools again, and is taken off. */
    private static MatchEntry charged(JobFile job, FirstCharge charge) {
        BigDecimal surfaceC = BigDecimal.valueOf(
                charge.looks().size() < WARMING.length ? WARMING[charge.looks().size()] : WARMING[WARMING.length - 1]);
        return charge.isSettled(job.limits())
                ? new MatchEntry.PackChargeEnded()
                : new MatchEntry.BuiltPackFelt(
                        new Warmth(surfaceC, new BigDecimal("21"), false, null, null, null, null, null));
    }

    private static MatchEntry.BuiltGroupsMetered metered(JobFile job) {
        BigDecimal thick = Matching.of(job).label().orElseThrow().size().thicknessMm();
        return new MatchEntry.BuiltGroupsMetered(
                Look.GOOD, new Thickness(thick, List.of(), thick), read("3.621", "3.622", "3.620", "3.621"));
    }

    static MatchEntry.OldPackBegun drawn() {
        return new MatchEntry.OldPackBegun(
                BigDecimal.valueOf(4), TWO, TWO, Layout.Arrangement.SQUARE, MatchEntry.Start.COLUMNS);
    }

    private static MatchEntry.SenseLeadFollowed followed(int pin) {
        return new MatchEntry.SenseLeadFollowed(BigDecimal.valueOf(pin), BigDecimal.valueOf(pin - 1L));
    }

    private static GroupVoltages.Request read(String... groupV) {
        List<BigDecimal> volts = List.of(groupV).stream().map(BigDecimal::new).toList();
        return new GroupVoltages.Request(volts, volts.stream().reduce(BigDecimal.ZERO, BigDecimal::add));
    }

    static MatchEntry.PackWanted lampPack() {
        return wanted(
                "4", "2", new Layout.Case(new BigDecimal("41.2"), new BigDecimal("74"), new BigDecimal("80")), "0");
    }

    static MatchEntry.PackWanted wanted(String series, String parallel, Layout.Case box, String gapMm) {
        return new MatchEntry.PackWanted(
                new BigDecimal(series),
                new BigDecimal(parallel),
                new MatchEntry.Rated(
                        new BigDecimal("2600"),
                        new BigDecimal("3.6"),
                        new BigDecimal("4.2"),
                        new BigDecimal("8"),
                        new BigDecimal("5")),
                new CellSize(new BigDecimal("18"), new BigDecimal("65")),
                new PackFigures.Strips(new BigDecimal("0.5"), new BigDecimal("0.3"), null),
                null,
                new Layout.Parts(new BigDecimal(gapMm), null, null),
                box);
    }

    /** A box of one lot, with a few that are no good. */
    static List<Screening.Cell> cells(int count, long seed) {
        Random chance = new Random(seed);
        return IntStream.rangeClosed(1, count)
                .mapToObj(i -> new Screening.Cell(
                        "K%03d".formatted(i),
                        i <= (count + 1) / 2 || count < 20 ? "L4" : "L5",
                        new BigDecimal((i % 37 == 0 ? 2040 : 2570) + Math.round(chance.nextGaussian() * 22)),
                        BigDecimal.valueOf((i % 53 == 0 ? 560 : 312) + Math.round(chance.nextGaussian() * 14), 1),
                        BigDecimal.valueOf(3620 + chance.nextInt(3), 3),
                        BigDecimal.valueOf(2 + chance.nextInt(6), 1),
                        new Screening.Seen(null, null, null, null, null, i == 10),
                        new Screening.Made(null, null)))
                .toList();
    }

    static MatchEntry.Matched matched(Grouping.Request asked, JobFile job) {
        Grouping found = Grouping.of(asked, job.limits()).result();
        return new MatchEntry.Matched(
                found.groups().stream()
                        .map(group -> new Layout.Named(group.ids()))
                        .toList(),
                found.proven(),
                false);
    }

    /** Soldered to tags: no welder is set up in this room. */
    private static MatchEntry.BuildStepDone done(BuildStep step) {
        return step.welds() == 0
                ? new MatchEntry.BuildStepDone(step.id(), null, null)
                : new MatchEntry.BuildStepDone(step.id(), MatchEntry.JoinedBy.TAGS, BigDecimal.ZERO);
    }
}
