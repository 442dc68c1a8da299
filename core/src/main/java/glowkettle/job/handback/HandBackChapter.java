package glowkettle.job.handback;

import glowkettle.job.Call;
import glowkettle.job.Chapter;
import glowkettle.job.JobFile;
import glowkettle.job.Kind;
import glowkettle.job.NextThing;
import glowkettle.job.Role;
import glowkettle.job.Stage;
import glowkettle.job.fit.Fitting;
import glowkettle.job.isolation.Isolating;
import glowkettle.shop.OpeningHours;
import java.util.List;
import java.util.Optional;

/** Signatures, and what is added later. */
public final class HandBackChapter implements Chapter<HandBackEntry> {
    public static final Stage STAGE = new Stage("Hand back", "handback");

    @Override
    public Stage stage() {
        return STAGE;
    }

    @Override
    public Class<HandBackEntry> entries() {
        return HandBackEntry.class;
    }

    @Override
    public List<Kind<? extends HandBackEntry>> kinds() {
        return HandBackKinds.ALL;
    }

    @Override
    public Optional<NextThing> next(JobFile job) {
        Optional<Declined> declined = Declined.of(job);
        if (declined.isPresent() && !(declined.get() == Declined.SETTLED && Declined.isAgreed(job))) {
            return Optional.of(NextThing.of(STAGE, declined.get().words()));
        }
        boolean outdoors = Isolating.of(job).outdoors().isPresent();
        if (declined.isEmpty()
                && (outdoors || !job.isPutAway())
                && !Fitting.of(job).keepsPack()) {
            return Optional.of(NextThing.of(STAGE, "Put the old pack into a container"));
        }
        Signatures signatures = Signatures.of(job);
        if (signatures.failedCheck().isPresent() && !signatures.failuresTakenOn()) {
            return Optional.of(NextThing.of(STAGE, "A check failed: mend it, or a lead takes it on"));
        }
        if (signatures.by(Role.TECHNICIAN)) {
            return Optional.of(new NextThing(STAGE, "A lead signs, too", true));
        }
        return Optional.of(NextThing.of(
                STAGE, signatures.by(Role.LEAD) ? "A technician signs, too" : "Read the owner's sheet and sign"));
    }

    @Override
    public List<Call> calls(JobFile job, OpeningHours hours) {
        return List.of();
    }

    @Override
    public boolean closes(JobFile job) {
        return Signatures.of(job).close();
    }
}
