package glowkettle.job.assess;

import static glowkettle.job.Traits.Hands.*;
import static glowkettle.job.Traits.Holds.*;
import static glowkettle.job.Traits.Mended.*;
import static glowkettle.job.Traits.Reads.*;
import static glowkettle.job.Traits.Signed.*;
import static glowkettle.job.Traits.Source.*;

import glowkettle.assess.HazardReadings.Look;
import glowkettle.assess.Health;
import glowkettle.assess.Resistance;
import glowkettle.assess.RunDown;
import glowkettle.assess.Tier;
import glowkettle.assess.TimedRun;
import glowkettle.job.Admission;
import glowkettle.job.Admission.Author;
import glowkettle.job.Admission.Refusal;
import glowkettle.job.Call;
import glowkettle.job.Chapter;
import glowkettle.job.Firmness;
import glowkettle.job.JobFile;
import glowkettle.job.Kind;
import glowkettle.job.Moment;
import glowkettle.job.NextThing;
import glowkettle.job.Phrases;
import glowkettle.job.Spark;
import glowkettle.job.Stage;
import glowkettle.job.Told;
import glowkettle.job.Traits;
import glowkettle.job.arrive.Arriving;
import glowkettle.library.DeviceModel;
import glowkettle.limits.Limit;
import glowkettle.limits.ShopLimits;
import glowkettle.shop.OpeningHours;
import java.math.BigDecimal;
import java.time.Instant;
import java.util.List;
import java.util.Optional;

/** The pack that came: readings, run-down, and what a lead decides of it. */
public final class AssessChapter implements Chapter<AssessEntry> {
    public static final Stage STAGE = new Stage("Assess", "assess");

    private static final List<Kind<? extends AssessEntry>> KINDS = List.of(
            Kind.of("looked", AssessEntry.Looked.class, Traits.READ, Spark.HARMLESS, Firmness.LOOSE),
            Kind.of("warmth-taken", AssessEntry.WarmthTaken.class, Traits.READ, Spark.HARMLESS, Firmness.LOOSE),
            Kind.of("seam-taken", AssessEntry.SeamTaken.class, Traits.READ, Spark.HARMLESS, Firmness.LOOSE),
            Kind.of("thickness-taken", AssessEntry.ThicknessTaken.class, Traits.READ, Spark.HARMLESS, Firmness.LOOSE),
            // A meter of ten megohms draws no spark.
            Kind.of("voltage-taken", AssessEntry.VoltageTaken.class, Traits.READ, Spark.HARMLESS, Firmness.LOOSE),
            // A reader is plugged onto the pack, or the device is switched on for it.
            Kind.of("gauge-read", AssessEntry.GaugeRead.class, Traits.READ, Spark.KINDLES, Firmness.LOOSE),
            Kind.of("window-counted", AssessEntry.WindowCounted.class, Traits.TYPED, Spark.KINDLES, Firmness.LOOSE),
            Kind.of("run-timed", AssessEntry.RunTimed.class, Traits.TYPED, Spark.KINDLES, Firmness.LOOSE),
            Kind.of(
                    "resistance-measured",
                    AssessEntry.ResistanceMeasured.class,
                    Traits.TYPED,
                    Spark.KINDLES,
                    Firmness.LOOSE),
            new Kind<>(
                    "run-down-chosen",
                    AssessEntry.RunDownChosen.class,
                    Traits.TAPPED,
                    chosen -> chosen.school() == RunDown.School.RUN_DOWN_FIRST ? Spark.KINDLES : Spark.HARMLESS,
                    entry -> Firmness.LOOSE),
            Kind.of(
                    "run-down-waived",
                    AssessEntry.RunDownWaived.class,
                    Traits.TAPPED,
                    Spark.HARMLESS,
                    Firmness.A_LEADS),
            Kind.of("charge-seen", AssessEntry.ChargeSeen.class, Traits.TAPPED, Spark.KINDLES, Firmness.LOOSE),
            Kind.of("lead-continued", AssessEntry.LeadContinued.class, Traits.TAPPED, Spark.HARMLESS, Firmness.A_LEADS),
            Kind.of(
                    "tier-lowered",
                    AssessEntry.TierLowered.class,
                    new Traits(FORM, TAKEN_BACK, NO_READING, AFTER_SIGNING, NO_TRAINEE_IN_DANGER, UNTIL_TAKEN_BACK),
                    Spark.HARMLESS,
                    Firmness.A_LEADS),
            new Kind<>(
                    "cold-removal-confirmed",
                    AssessEntry.ColdRemovalConfirmed.class,
                    Traits.TAPPED,
                    entry -> Spark.HARMLESS,
                    confirmed -> confirmed.step() == AssessEntry.ColdStep.REMOVER ? Firmness.A_LEADS : Firmness.LOOSE),
            Kind.of(
                    "cold-step-looked",
                    AssessEntry.ColdStepLooked.class,
                    new Traits(FORM, TAKEN_BACK, READING, UNTIL_SIGNED, ANYBODY, UNTIL_TAKEN_BACK),
                    Spark.HARMLESS,
                    Firmness.LOOSE),
            Kind.of("rejudged", AssessEntry.Rejudged.class, Traits.TAPPED, Spark.HARMLESS, Firmness.A_LEADS),
            Kind.of(
                    "evacuated",
                    AssessEntry.Evacuated.class,
                    new Traits(FORM, TAKEN_BACK, NO_READING, UNTIL_SIGNED, ANYBODY, UNTIL_TAKEN_BACK),
                    Spark.HARMLESS,
                    Firmness.LOOSE));

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

    /** How much the pack still holds decides whether the owner is asked before it is opened. */
    @Override
    public boolean isReadFirst(JobFile job, AssessEntry entry) {
        return job.packKnown()
                && moment(entry) == Moment.BEFORE
                && (entry instanceof AssessEntry.GaugeRead
                        || entry instanceof AssessEntry.WindowCounted
                        || entry instanceof AssessEntry.RunTimed
                        || entry instanceof AssessEntry.ResistanceMeasured);
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
        return KINDS;
    }

    @Override
    public Moment moment(AssessEntry entry) {
        return entry instanceof AssessEntry.GaugeRead read ? read.moment() : Moment.BEFORE;
    }

    @Override
    public String words(AssessEntry entry, JobFile job) {
        return switch (entry) {
            case AssessEntry.Looked looked -> "Looked and smelt: " + Phrases.seen(looked.look());
            case AssessEntry.WarmthTaken taken ->
                "Surface %s, air %s"
                        .formatted(
                                Phrases.figure(taken.warmth().surfaceC(), "°C"),
                                Phrases.figure(taken.warmth().ambientC(), "°C"));
            case AssessEntry.SeamTaken taken ->
                "Seam %s%s"
                        .formatted(
                                Phrases.figures(taken.seam().seamMm(), "mm"),
                                taken.seam().rocks() == null
                                        ? ""
                                        : taken.seam().rocks() ? ", rocks" : ", does not rock");
            case AssessEntry.ThicknessTaken taken ->
                "Thickness: middle %s, corners %s"
                        .formatted(
                                Phrases.figure(taken.thickness().middleThicknessMm(), "mm"),
                                Phrases.figures(taken.thickness().cornerThicknessMm(), "mm"));
            case AssessEntry.VoltageTaken taken ->
                "Rested " + Phrases.figure(taken.voltage().restedCellV(), "V") + " per cell";
            case AssessEntry.GaugeRead read ->
                "Gauge %s: %s of %s"
                        .formatted(
                                read.moment() == Moment.BEFORE ? "before" : "after",
                                Phrases.figure(read.reading().fullChargeCapacityMah(), "mAh"),
                                Phrases.figure(read.reading().designCapacityMah(), "mAh"));
            case AssessEntry.WindowCounted counted ->
                "Window %s to %s: %s counted"
                        .formatted(
                                Phrases.figure(counted.window().fullerRestedCellV(), "V"),
                                Phrases.figure(counted.window().emptierRestedCellV(), "V"),
                                Phrases.figure(counted.window().chargeCountedAh(), "Ah"));
            case AssessEntry.RunTimed timed ->
                "Run: running after %s, off after %s"
                        .formatted(
                                Phrases.figure(timed.run().ran().lastSeenRunningHours(), "h"),
                                Phrases.figure(timed.run().ran().foundOffHours(), "h"));
            case AssessEntry.ResistanceMeasured measured ->
                "Load step %s: %s, then %s"
                        .formatted(
                                Phrases.figure(measured.step().load().loadA(), "A"),
                                Phrases.figure(measured.step().load().restV(), "V"),
                                Phrases.figure(measured.step().load().loadAfter1sV(), "V"));
            case AssessEntry.RunDownChosen chosen ->
                chosen.school().words() + ", at " + Phrases.figure(chosen.socPercent(), "%");
            case AssessEntry.RunDownWaived waived -> "A lead lets it be opened at a higher charge: " + waived.reason();
            case AssessEntry.ChargeSeen seen -> "Charge shown: " + Phrases.figure(seen.socPercent(), "%");
            case AssessEntry.LeadContinued lead -> "A lead goes on: " + lead.reason();
            case AssessEntry.TierLowered lowered -> "A lead lowers the tier: " + lowered.reason();
            case AssessEntry.ColdRemovalConfirmed confirmed ->
                "Cold removal: " + confirmed.step().words() + (confirmed.name() == null ? "" : ": " + confirmed.name());
            case AssessEntry.ColdStepLooked looked ->
                "Cold removal, looked: " + (looked.stops() ? "stop" : "no resistance, no smell, no warmth");
            case AssessEntry.Rejudged rejudged ->
                "Judged by version %s of the shop limits: %s".formatted(rejudged.limitsVersion(), rejudged.reason());
            case AssessEntry.Evacuated evacuated -> "Evacuated: " + evacuated.account();
        };
    }

    @Override
    public Optional<Told> tells(AssessEntry entry, DeviceModel model, ShopLimits limits) {
        return switch (entry) {
            case AssessEntry.Looked seen -> Optional.of(new Told.Seen(Told.Whose.AT_HAND, seen.look()));
            case AssessEntry.WarmthTaken taken -> Optional.of(new Told.Felt(Told.Whose.AT_HAND, taken.warmth()));
            case AssessEntry.SeamTaken taken -> Optional.of(new Told.Gauged(Told.Whose.AT_HAND, taken.seam()));
            case AssessEntry.ThicknessTaken taken ->
                Optional.of(new Told.Measured(Told.Whose.AT_HAND, taken.thickness()));
            case AssessEntry.VoltageTaken taken -> Optional.of(new Told.Rested(Told.Whose.AT_HAND, taken.voltage()));
            case AssessEntry.GaugeRead read ->
                Optional.of(new Told.Cells(
                        read.moment() == Moment.BEFORE ? Told.Whose.OLD : Told.Whose.NEW,
                        read.reading().cellV()));
            case AssessEntry.WindowCounted ignored -> Optional.empty();
            case AssessEntry.RunTimed ignored -> Optional.empty();
            case AssessEntry.ResistanceMeasured ignored -> Optional.of(new Told.CurrentPulse(Told.Whose.AT_HAND));
            case AssessEntry.RunDownChosen chosen -> Optional.of(runDown(chosen, limits));
            case AssessEntry.RunDownWaived ignored -> Optional.empty();
            case AssessEntry.ChargeSeen seen ->
                aboveTarget(seen.socPercent(), limits)
                        ? Optional.empty()
                        : Optional.of(new Told.CurrentOff(Told.Whose.OLD, null));
            case AssessEntry.LeadContinued ignored -> Optional.empty();
            case AssessEntry.TierLowered ignored -> Optional.of(new Told.Lowered());
            case AssessEntry.ColdRemovalConfirmed ignored -> Optional.empty();
            case AssessEntry.ColdStepLooked looked ->
                looked.smell() ? Optional.of(new Told.Seen(Told.Whose.OLD, Look.SMELLS)) : Optional.empty();
            case AssessEntry.Rejudged ignored -> Optional.empty();
            case AssessEntry.Evacuated ignored -> Optional.empty();
        };
    }

    @Override
    public Optional<Refusal> refuse(JobFile job, AssessEntry entry, Author author, Instant now) {
        return switch (entry) {
            case AssessEntry.Looked taken -> EmptyReading.refuse(taken.look());
            case AssessEntry.WarmthTaken taken ->
                EmptyReading.refuse(taken.warmth()).or(() -> ReadingAdmission.atRest(job, taken.warmth(), now));
            case AssessEntry.SeamTaken taken -> EmptyReading.refuse(taken.seam());
            case AssessEntry.ThicknessTaken taken ->
                EmptyReading.refuse(taken.thickness())
                        .or(() -> ReadingAdmission.thickness(job, taken.thickness(), "thickness."));
            case AssessEntry.VoltageTaken taken ->
                EmptyReading.refuse(taken.voltage())
                        .or(() -> ReadingAdmission.voltage(taken.voltage(), "voltage.", job.limits()));
            case AssessEntry.GaugeRead read ->
                Admission.answerable("reading.", () -> Health.fromGauge(read.reading(), job.limits()))
                        .or(() -> ReadingAdmission.gauge(job, read));
            case AssessEntry.WindowCounted counted ->
                Admission.answerable("window.", () -> PackHealth.of(job).window(counted.window()));
            case AssessEntry.RunTimed timed ->
                Admission.answerable("run.", () -> TimedRun.read(timed.run(), job.limits()));
            case AssessEntry.ResistanceMeasured measured ->
                Admission.answerable("step.", () -> Resistance.of(measured.step(), job.limits()));
            case AssessEntry.RunDownChosen chosen ->
                AssessAdmission.runDown(job, chosen).or(() -> AssessAdmission.charge(job, chosen.socPercent(), now));
            case AssessEntry.RunDownWaived ignored -> AssessAdmission.waived(job, author.role());
            case AssessEntry.ChargeSeen seen -> AssessAdmission.charge(job, seen.socPercent(), now);
            case AssessEntry.LeadContinued ignored -> AssessAdmission.leadContinues(job, author.role());
            case AssessEntry.TierLowered ignored -> AssessAdmission.lowered(job, author.role());
            case AssessEntry.ColdRemovalConfirmed confirmed -> AssessAdmission.cold(job, confirmed, author.role());
            case AssessEntry.ColdStepLooked ignored ->
                Assessing.of(job).isColdRemoval()
                        ? Optional.empty()
                        : Admission.no("", "No cold removal is under way; take the reading at Assess.");
            case AssessEntry.Rejudged rejudged -> AssessAdmission.rejudged(job, rejudged, author.role());
            case AssessEntry.Evacuated ignored -> Optional.empty();
        };
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

    private static Told runDown(AssessEntry.RunDownChosen chosen, ShopLimits limits) {
        return chosen.school() == RunDown.School.RUN_DOWN_FIRST && aboveTarget(chosen.socPercent(), limits)
                ? new Told.CurrentOn(Told.Whose.OLD, null)
                : new Told.CurrentOff(Told.Whose.OLD, null);
    }

    private static boolean aboveTarget(BigDecimal socPercent, ShopLimits limits) {
        return socPercent.compareTo(limits.of(Limit.RUN_DOWN_TARGET_PERCENT)) > 0;
    }
}
