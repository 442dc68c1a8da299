package glowkettle.job.prove;

import glowkettle.finding.Result;
import glowkettle.job.JobFile;
import glowkettle.job.JobState;
import glowkettle.job.arrive.Arriving;
import glowkettle.job.assess.PackHealth;
import glowkettle.job.fit.Fitting;
import glowkettle.job.open.Opening;
import glowkettle.prove.CheckList;
import glowkettle.prove.RunAfter;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** What was tried, and how it came out. */
public final class Proving {
    private final JobFile job;
    private final JobState state;

    private Proving(JobFile job) {
        this.job = job;
        this.state = job.state();
    }

    public static Proving of(JobFile job) {
        return new Proving(job);
    }

    public List<CheckList.Check> checks() {
        return CheckList.of(job.model(), Set.copyOf(Opening.of(job).stepsIn()));
    }

    public Map<String, ProveEntry.Checked> checked() {
        Map<String, ProveEntry.Checked> checked = new HashMap<>();
        state.all(ProveEntry.Checked.class).forEach(check -> checked.put(check.check(), check));
        return checked;
    }

    /** How a check came out; empty while nobody tried. */
    public Optional<CheckList.Outcome> outcome(CheckList.Check check) {
        return Optional.ofNullable(checked().get(check.id())).map(ProveEntry.Checked::outcome);
    }

    /** What the run after says, against the one before and the label; empty while nobody timed one. */
    public Optional<Result<RunAfter>> runAfter() {
        return state.latest(ProveEntry.RanAfter.class).map(this::judged);
    }

    Result<RunAfter> judged(ProveEntry.RanAfter ran) {
        return RunAfter.of(
                new RunAfter.Request(ran.run(), runBefore().orElse(null), label().orElse(null)), job.limits());
    }

    /** The one that was timed before the work, else what the owner said at the counter. */
    public Optional<RunAfter.Span> runBefore() {
        return PackHealth.of(job)
                .run()
                .map(ran -> new RunAfter.Span(ran.lastSeenRunningHours(), ran.foundOffHours()))
                .or(() -> Arriving.of(job)
                        .toldRuntimeHours()
                        .filter(hours -> hours.signum() > 0)
                        .map(hours -> new RunAfter.Span(hours, hours)));
    }

    private Optional<RunAfter.Label> label() {
        return Fitting.of(job)
                .offered()
                .filter(label -> Fitting.of(job).fitsNewPack())
                .map(label -> new RunAfter.Label(
                        label.printed().nominalV(), label.printed().capacityMah()));
    }

    /** A check that failed and stands so. */
    public Optional<CheckList.Check> failed() {
        Map<String, ProveEntry.Checked> checked = checked();
        return checks().stream()
                .filter(check -> checked.containsKey(check.id())
                        && checked.get(check.id()).outcome() == CheckList.Outcome.FAILS)
                .findFirst();
    }
}
