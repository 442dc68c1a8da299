package glowkettle.job.assess;

import glowkettle.assess.Tier;
import glowkettle.job.Admission.Refusal;
import glowkettle.job.Call;
import glowkettle.job.Chapter;
import glowkettle.job.JobFile;
import glowkettle.job.Kind;
import glowkettle.job.Moment;
import glowkettle.job.NextThing;
import glowkettle.job.Spark;
import glowkettle.job.Stage;
import glowkettle.job.arrive.Arriving;
import glowkettle.shop.OpeningHours;
import java.time.Instant;
import java.util.List;
import java.util.Optional;

/** The pack that came: readings, run-down, and what a lead decides of it. */
public final class AssessChapter implements Chapter<AssessEntry> {
    public static final Stage STAGE = new Stage("Assess", "assess");

    @Override
    public Stage stage() {
        return STAGE;
    }

    /** Nobody can say afterwards what was not measured before, so the gauge is offered once. */
    @Override
    public boolean keepsOnItsPage(Stage next, JobFile job, boolean takenBack) {
        boolean gaugeUnread = !job.chapters().hasBegun(next, job)
                && Assessing.of(job).gauge(Moment.BEFORE).isEmpty();
        return gaugeUnread && job.chapters().isNext(STAGE, next) || Chapter.super.keepsOnItsPage(next, job, takenBack);
    }

    @Override
    public boolean callsBack() {
        return true;
    }

    @Override
    public Class<AssessEntry> entries() {
        return AssessEntry.class;
    }

    @Override
    public List<Kind<? extends AssessEntry>> kinds() {
        return AssessKinds.ALL;
    }

    @Override
    public Moment moment(AssessEntry entry) {
        return entry instanceof AssessEntry.GaugeRead read ? read.moment() : Moment.BEFORE;
    }

    /** No power, no charge, no heat, no force on an isolated pack, whoever asks and wherever it stands. */
    @Override
    public Optional<Refusal> bars(JobFile job, Spark spark, Instant now) {
        return switch (spark) {
            case KINDLES, WELDS -> Assessing.unlessHalted(job);
            case HARMLESS -> Optional.empty();
        };
    }

    @Override
    public Optional<NextThing> next(JobFile job) {
        Assessing assessing = Assessing.of(job);
        if (job.tier().result().tier() == Tier.EVACUATE) {
            return Optional.of(new NextThing(STAGE, "Evacuate: hands off, everybody out", true));
        }
        if (assessing.wantsAContainer()) {
            return Optional.of(NextThing.of(STAGE, "Isolate it: into container, then the watch"));
        }
        if (assessing.halted()) {
            // Whoever declined is not opened: what becomes of it is settled with the owner.
            return Arriving.of(job).isDeclined() && !job.liftedOut()
                    ? Optional.empty()
                    : Optional.of(new NextThing(STAGE, "Isolated: a lead decides how it goes on", true));
        }
        Optional<String> reading = job.isClosingUp()
                ? Optional.empty()
                : assessing.readingsToTake().stream().findFirst();
        return reading.or(() -> assessing.coldRemovalNext().map(step -> "Cold removal: " + step.words()))
                .or(() -> assessing.owesAColdLook()
                        ? Optional.of("Cold removal: look, smell and feel before the next step")
                        : Optional.empty())
                .map(what -> NextThing.of(STAGE, what));
    }

    @Override
    public List<Call> calls(JobFile job, OpeningHours hours) {
        return AssessCalls.of(job, hours);
    }
}
