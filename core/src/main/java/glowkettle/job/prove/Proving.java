package glowkettle.job.prove;

import glowkettle.job.JobFile;
import glowkettle.job.JobState;
import glowkettle.job.open.Opening;
import glowkettle.prove.CheckList;
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

    /** A check that failed and stands so. */
    public Optional<CheckList.Check> failed() {
        Map<String, ProveEntry.Checked> checked = checked();
        return checks().stream()
                .filter(check -> checked.containsKey(check.id())
                        && checked.get(check.id()).outcome() == CheckList.Outcome.FAILS)
                .findFirst();
    }
}
