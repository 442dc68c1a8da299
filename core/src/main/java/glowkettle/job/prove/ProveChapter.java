package glowkettle.job.prove;

import glowkettle.job.Admission.Author;
import glowkettle.job.Admission.Refusal;
import glowkettle.job.Attention;
import glowkettle.job.Call;
import glowkettle.job.Chapter;
import glowkettle.job.Firmness;
import glowkettle.job.JobFile;
import glowkettle.job.Kind;
import glowkettle.job.NextThing;
import glowkettle.job.Phrases;
import glowkettle.job.Spark;
import glowkettle.job.Stage;
import glowkettle.job.Told;
import glowkettle.job.Traits;
import glowkettle.job.open.Opening;
import glowkettle.job.wayback.Sealing;
import glowkettle.job.wayback.WayBackAdmission;
import glowkettle.library.DeviceModel;
import glowkettle.limits.ShopLimits;
import glowkettle.shop.OpeningHours;
import java.time.Instant;
import java.util.List;
import java.util.Optional;

/** What is tried when it is closed. */
public final class ProveChapter implements Chapter<ProveEntry> {
    public static final Stage STAGE = new Stage("Prove", "prove");

    private static final List<Kind<? extends ProveEntry>> KINDS =
            List.of(Kind.of("checked", ProveEntry.Checked.class, Traits.TAPPED, Spark.KINDLES, Firmness.LOOSE));

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
        return KINDS;
    }

    @Override
    public String words(ProveEntry entry, JobFile job) {
        return switch (entry) {
            case ProveEntry.Checked checked ->
                "Check “%s”: %s".formatted(checked.check(), Phrases.lower(checked.outcome()))
                        + (checked.remark() == null ? "" : ", " + checked.remark());
        };
    }

    @Override
    public Optional<Told> tells(ProveEntry entry, DeviceModel model, ShopLimits limits) {
        return switch (entry) {
            case ProveEntry.Checked ignored -> Optional.empty();
        };
    }

    @Override
    public Optional<Refusal> refuse(JobFile job, ProveEntry entry, Author author, Instant now) {
        return switch (entry) {
            case ProveEntry.Checked checked -> ProveAdmission.checked(job, checked);
        };
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
