package glowkettle.job.prove;

import glowkettle.job.Admission.Refusal;
import glowkettle.job.Attention;
import glowkettle.job.Call;
import glowkettle.job.Chapter;
import glowkettle.job.JobFile;
import glowkettle.job.Kind;
import glowkettle.job.NextThing;
import glowkettle.job.Stage;
import glowkettle.job.open.Opening;
import glowkettle.job.wayback.Sealing;
import glowkettle.job.wayback.WayBackAdmission;
import glowkettle.shop.OpeningHours;
import java.util.List;
import java.util.Optional;

/** What is tried when it is closed. */
public final class ProveChapter implements Chapter<ProveEntry> {
    public static final Stage STAGE = new Stage("Prove", "prove");

    @Override
    public Stage stage() {
        return STAGE;
    }

    @Override
    public boolean measuresAfterTheWork() {
        return true;
    }

    @Override
    public Optional<Refusal> beforeTheEnd(JobFile job) {
        return WayBackAdmission.afterWayBack(job);
    }

    @Override
    public Class<ProveEntry> entries() {
        return ProveEntry.class;
    }

    @Override
    public List<Kind<? extends ProveEntry>> kinds() {
        return ProveKinds.ALL;
    }

    @Override
    public Optional<NextThing> next(JobFile job) {
        if (Opening.of(job).goesBackAsItCame()) {
            return Optional.empty();
        }
        Proving proving = Proving.of(job);
        return proving.checks().stream()
                .filter(check -> !proving.checked().containsKey(check.id()))
                .findFirst()
                .map(check -> NextThing.of(STAGE, check.question()));
    }

    @Override
    public List<Call> calls(JobFile job, OpeningHours hours) {
        return Sealing.of(job).setAt().stream()
                .map(at -> new Call(at, Attention.WORK, "the seal has set: hold it under pressure", STAGE, true))
                .toList();
    }
}
