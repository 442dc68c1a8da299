package glowkettle.job.handback;

import glowkettle.job.JobFile;
import glowkettle.job.JobState;
import glowkettle.job.Recorded;
import glowkettle.job.Role;
import glowkettle.job.prove.Proving;
import glowkettle.prove.CheckList;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** Who signed a job, whether that closed it, and what a failed check has to do with it. Source: handbook, Hand back. */
public final class Signatures {
    private final JobFile job;
    private final JobState state;

    private Signatures(JobFile job) {
        this.job = job;
        this.state = job.state();
    }

    public static Signatures of(JobFile job) {
        return new Signatures(job);
    }

    private Stream<Recorded> all() {
        return state.counting().stream().filter(recorded -> recorded.entry() instanceof HandBackEntry.SignedOff);
    }

    public boolean by(Role role) {
        return state.all(HandBackEntry.SignedOff.class).anyMatch(signed -> signed.as() == role);
    }

    /** When somebody signed first. */
    Optional<Instant> signedAt(String name) {
        return all().filter(signed -> signed.by().equals(name))
                .map(Recorded::at)
                .findFirst();
    }

    /** One person signed, twice, where two should have. */
    public boolean byOnePerson() {
        return job.needsLead()
                && job.closed()
                && all().map(Recorded::by).distinct().count() == 1;
    }

    /** Whoever signed first signs again: the shop has nobody else. */
    public boolean isOnePerson() {
        return new SignsAlone(job).isOnePerson();
    }

    /** Signed by everybody who must, as it stood when they signed: what comes later does not open it again. */
    public boolean close() {
        List<Recorded> counting = state.counting();
        for (int i = 0; i < counting.size(); i++) {
            if (counting.get(i).entry() instanceof HandBackEntry.SignedOff) {
                boolean last = i == counting.size() - 1;
                JobFile then = last ? job : job.at(state.before(i + 1));
                if (of(then).areComplete()) {
                    return true;
                }
            }
        }
        return false;
    }

    /** Where a lead must sign, two people have. */
    private boolean areComplete() {
        if (failedCheck().isPresent() && forTheOwner().isEmpty()) {
            return false;
        }
        return !job.needsLead()
                || by(Role.LEAD)
                        && (all().map(Recorded::by).distinct().count() >= 2
                                || new SignsAlone(job).isComplete(all().toList()));
    }

    /** A check that failed and stands so. */
    public Optional<String> failedCheck() {
        return Proving.of(job).failed().map(CheckList.Check::question);
    }

    /** What a lead says to the owner of a check that failed. */
    public Optional<String> forTheOwner() {
        return state.all(HandBackEntry.SignedOff.class)
                .filter(signed -> signed.as() == Role.LEAD && signed.forTheOwner() != null)
                .map(HandBackEntry.SignedOff::forTheOwner)
                .findFirst();
    }

    boolean failuresTakenOn() {
        return forTheOwner().isPresent();
    }
}
