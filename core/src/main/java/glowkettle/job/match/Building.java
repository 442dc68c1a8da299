package glowkettle.job.match;

import glowkettle.finding.Figures;
import glowkettle.finding.Result;
import glowkettle.job.Fold;
import glowkettle.job.JobFile;
import glowkettle.job.Recorded;
import glowkettle.job.Sum;
import glowkettle.match.BuildStep;
import glowkettle.match.GroupVoltages;
import glowkettle.match.Layout;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** How far the new pack is: its steps one after the other, then its groups under the meter, then its first charge. */
public final class Building {
    private static final Sum<Building> BUILDING = new Sum<>();

    private final JobFile job;
    private final List<BuildStep> steps;
    private final Set<String> done;

    private Building(JobFile job) {
        this.job = job;
        this.steps =
                Matching.of(job).layout().map(layout -> layout.result().order()).orElse(List.of());
        this.done = done();
    }

    /** What was done since the cells were matched, and did not come off again. */
    private Set<String> done() {
        return Fold.<Set<String>>from(new HashSet<>())
                .at(MatchEntry.BuildStepDone.class, (ids, step) -> {
                    ids.add(step.step());
                    return ids;
                })
                .at(MatchEntry.StripsOff.class, (ids, off) -> {
                    ids.removeAll(undoneBy(off.group().intValue()));
                    return ids;
                })
                .over(sinceMatched());
    }

    private Set<String> undoneBy(int group) {
        return steps.stream()
                .filter(step ->
                        step.welds() > 0 && touches(step, group) || step.kind().closesThePack())
                .map(BuildStep::id)
                .collect(Collectors.toSet());
    }

    private static boolean touches(BuildStep step, int group) {
        return step.number() == null || step.number() == group || step.number() + 1 == group;
    }

    public static Building of(JobFile job) {
        return job.once(BUILDING, Building::new);
    }

    private Stream<Recorded> sinceMatched() {
        long matched = job.state()
                .latestRecorded(MatchEntry.Matched.class)
                .map(Recorded::seq)
                .orElse(Long.MAX_VALUE);
        return job.state().counting().stream().filter(recorded -> recorded.seq() > matched);
    }

    /** Since strips came off for the last time: what was measured or charged before was another pack. */
    private Stream<Recorded> sinceWhole() {
        long off = job.state()
                .latestRecorded(MatchEntry.StripsOff.class)
                .map(Recorded::seq)
                .orElse(0L);
        return sinceMatched().filter(recorded -> recorded.seq() > off);
    }

    public List<BuildStep> steps() {
        return steps;
    }

    public boolean isDone(BuildStep step) {
        return done.contains(step.id());
    }

    /** The one to do now; empty before the cells are matched, and when all are done. */
    public Optional<BuildStep> next() {
        return steps.stream().filter(step -> !isDone(step)).findFirst();
    }

    /** Cells are joined: which go together is settled. */
    public boolean isJoined() {
        return steps.stream().anyMatch(step -> step.welds() > 0 && isDone(step));
    }

    /** A strip lies on this group. */
    boolean isJoined(int group) {
        return steps.stream().filter(step -> step.welds() > 0 && isDone(step)).anyMatch(step -> touches(step, group));
    }

    /** Every step is done. */
    public boolean isBuilt() {
        return !steps.isEmpty() && next().isEmpty();
    }

    public Optional<Result<GroupVoltages>> voltages() {
        return sinceWhole()
                .filter(recorded -> recorded.entry() instanceof MatchEntry.BuiltGroupsMetered)
                .reduce((earlier, later) -> later)
                .map(recorded -> ((MatchEntry.BuiltGroupsMetered) recorded.entry()).voltages())
                .map(voltages -> GroupVoltages.of(voltages, job.limits()));
    }

    public boolean isAlike() {
        return isBuilt() && voltages().filter(found -> found.result().alike()).isPresent();
    }

    /** The newest attempt at a first charge; empty before the first one. */
    public Optional<FirstCharge> firstCharge() {
        return Fold.from(new FirstCharge.Course())
                .at(MatchEntry.PackChargeBegun.class, (charge, begun, at) -> charge.begun(at))
                .at(
                        MatchEntry.BuiltPackFelt.class,
                        (charge, felt, at) -> charge.felt(at, felt.warmth(), job.lastAmbientC()))
                .at(MatchEntry.PackChargeEnded.class, (charge, ended, at) -> charge.ended(at))
                .over(sinceWhole())
                .newest();
    }

    public boolean isCharging() {
        return firstCharge().filter(FirstCharge::isOn).isPresent();
    }

    /** Felt when it was off, and no warmer than a charge may make it. */
    boolean isFeltCoolSince(FirstCharge charge) {
        return sinceMatched()
                .filter(recorded -> charge.ended() != null && recorded.at().isAfter(charge.ended()))
                .filter(recorded -> recorded.entry() instanceof MatchEntry.BuiltPackFelt)
                .reduce((earlier, later) -> later)
                .filter(recorded -> FirstCharge.isCool(
                        recorded.at(),
                        ((MatchEntry.BuiltPackFelt) recorded.entry()).warmth(),
                        job.lastAmbientC(),
                        job.limits()))
                .isPresent();
    }

    /** Empty until the pack is matched and its groups were metered. */
    public Optional<FirstCharge.Charger> charger() {
        return Matching.of(job)
                .wanted()
                .flatMap(wanted -> Matching.of(job)
                        .figures()
                        .flatMap(figures -> voltages()
                                .map(read -> FirstCharge.Charger.of(
                                        wanted.series().multiply(wanted.rated().chargeLimitV()),
                                        figures.result().usableAh(),
                                        read.result().leastV(),
                                        job.limits()))));
    }

    private boolean isCharged() {
        return firstCharge().filter(charge -> charge.counts(job.limits())).isPresent();
    }

    /** Built, alike and charged once while somebody stayed. */
    public boolean isProven() {
        return isAlike() && isCharged();
    }

    /** What the owner is told of it. */
    public List<String> ownersLines() {
        List<String> lines = new ArrayList<>();
        if (!isProven()) {
            return lines;
        }
        Matching matching = Matching.of(job);
        Layout layout = matching.layout().orElseThrow().result();
        lines.add("The pack was built anew of %s cells, each measured: %s groups of %s."
                .formatted(
                        layout.places().size(),
                        layout.fittings().senses().size() - 1,
                        layout.places().size() / (layout.fittings().senses().size() - 1)));
        matching.figures()
                .ifPresent(figures -> lines.add("By its weakest group it holds %s, %s."
                        .formatted(
                                Figures.withUnit(figures.result().usableAh(), "Ah"),
                                Figures.energy(figures.result().usableWh()))));
        voltages()
                .ifPresent(read -> lines.add("Its groups were within %s of each other."
                        .formatted(Figures.withUnit(read.result().apartMv(), "mV"))));
        return lines;
    }
}
