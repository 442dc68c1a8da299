package glowkettle.job.free;

import static glowkettle.job.Traits.Hands.*;
import static glowkettle.job.Traits.Holds.*;
import static glowkettle.job.Traits.Mended.*;
import static glowkettle.job.Traits.Reads.*;
import static glowkettle.job.Traits.Signed.*;
import static glowkettle.job.Traits.Source.*;

import glowkettle.assess.HazardReadings;
import glowkettle.assess.HazardReadings.Look;
import glowkettle.finding.Figures;
import glowkettle.free.Bending;
import glowkettle.heat.Refit;
import glowkettle.job.Admission;
import glowkettle.job.Admission.Author;
import glowkettle.job.Admission.Refusal;
import glowkettle.job.Call;
import glowkettle.job.Chapter;
import glowkettle.job.Danger;
import glowkettle.job.Firmness;
import glowkettle.job.JobFile;
import glowkettle.job.JobState;
import glowkettle.job.Kind;
import glowkettle.job.NextThing;
import glowkettle.job.Overheat;
import glowkettle.job.Spark;
import glowkettle.job.Stage;
import glowkettle.job.Told;
import glowkettle.job.Traits;
import glowkettle.job.assess.Assessing;
import glowkettle.job.open.OpenChapter;
import glowkettle.job.open.Opening;
import glowkettle.library.DeviceModel;
import glowkettle.library.Lead;
import glowkettle.library.Operation;
import glowkettle.limits.ShopLimits;
import glowkettle.shop.OpeningHours;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;

/** Bonds and leads. */
public final class FreeChapter implements Chapter<FreeEntry> {
    public static final Stage STAGE = new Stage("Free", "free");

    private static final List<Kind<? extends FreeEntry>> KINDS = List.of(
            Kind.of("sand-ready", FreeEntry.SandReady.class, Traits.TAPPED, Spark.HARMLESS, Firmness.LOOSE),
            Kind.of("heat-started", FreeEntry.HeatStarted.class, Traits.TAPPED, Spark.KINDLES, Firmness.DONE),
            // Heat off is what makes it safer.
            Kind.of(
                    "heat-stopped",
                    FreeEntry.HeatStopped.class,
                    new Traits(FORM, TAKEN_BACK, NO_READING, UNTIL_SIGNED, ANYBODY, UNTIL_TAKEN_BACK),
                    Spark.HARMLESS,
                    Firmness.DONE),
            Kind.of(
                    "heat-read",
                    FreeEntry.HeatRead.class,
                    new Traits(FORM, TAKEN_BACK, READING, UNTIL_SIGNED, ANYBODY, UNTIL_TAKEN_BACK),
                    Spark.HARMLESS,
                    Firmness.LOOSE),
            Kind.of("strip-drawn", FreeEntry.StripDrawn.class, Traits.TAPPED, Spark.HARMLESS, Firmness.LOOSE),
            Kind.of("prised", FreeEntry.Prised.class, Traits.TAPPED, Spark.HARMLESS, Firmness.DONE),
            Kind.of(
                    "bent",
                    FreeEntry.Bent.class,
                    new Traits(FORM, TAKEN_BACK, READING, UNTIL_SIGNED, ANYBODY, UNTIL_TAKEN_BACK),
                    Spark.HARMLESS,
                    Firmness.DONE),
            Kind.of("solvent-applied", FreeEntry.SolventApplied.class, Traits.TAPPED, Spark.HARMLESS, Firmness.DONE),
            Kind.of(
                    "solvent-uncovered",
                    FreeEntry.SolventUncovered.class,
                    Traits.TAPPED,
                    Spark.HARMLESS,
                    Firmness.LOOSE),
            Kind.of("leads-found", FreeEntry.LeadsFound.class, Traits.TYPED, Spark.HARMLESS, Firmness.LOOSE),
            Kind.of("rim-found", FreeEntry.RimFound.class, Traits.TYPED, Spark.HARMLESS, Firmness.LOOSE),
            Kind.of("bed-found", FreeEntry.BedFound.class, Traits.TYPED, Spark.HARMLESS, Firmness.LOOSE),
            Kind.of("not-glued", FreeEntry.NotGlued.class, Traits.TAPPED, Spark.HARMLESS, Firmness.LOOSE),
            Kind.of("leads-noted", FreeEntry.LeadsNoted.class, Traits.TAPPED, Spark.HARMLESS, Firmness.LOOSE),
            Kind.of(
                    "lead-school-chosen",
                    FreeEntry.LeadSchoolChosen.class,
                    Traits.TAPPED,
                    Spark.HARMLESS,
                    Firmness.LOOSE),
            // An iron, or a cutter that may bridge two leads of a charged pack.
            Kind.of("conductor-freed", FreeEntry.ConductorFreed.class, Traits.TAPPED, Spark.KINDLES, Firmness.DONE),
            Kind.of(
                    "conductor-covered",
                    FreeEntry.ConductorCovered.class,
                    Traits.TAPPED,
                    Spark.HARMLESS,
                    Firmness.LOOSE));

    @Override
    public Stage stage() {
        return STAGE;
    }

    /** A bond may lie behind a cover and another before it: the job goes to and fro between the two. */
    @Override
    public boolean keepsOnItsPage(Stage next, JobFile job, boolean takenBack) {
        return !next.equals(OpenChapter.STAGE) && Chapter.super.keepsOnItsPage(next, job, takenBack);
    }

    @Override
    public Class<FreeEntry> entries() {
        return FreeEntry.class;
    }

    @Override
    public List<Kind<? extends FreeEntry>> kinds() {
        return KINDS;
    }

    @Override
    public String words(FreeEntry entry, JobFile job) {
        return switch (entry) {
            case FreeEntry.SandReady ignored -> "Sand in reach, exit clear";
            case FreeEntry.HeatStarted started ->
                "Heat on, %s: %s, air %s"
                        .formatted(
                                place(started.bond(), job),
                                started.setting().words(),
                                Figures.withUnit(started.ambientC(), "°C"));
            case FreeEntry.HeatStopped stopped -> "Heat off, " + place(stopped.bond(), job);
            case FreeEntry.HeatRead read ->
                "Read, %s: %s%s"
                        .formatted(
                                read.spot().words(),
                                Figures.withUnit(read.temperatureC(), "°C"),
                                read.predictedC() == null
                                        ? ""
                                        : "; the curve said " + Figures.withUnit(read.predictedC(), "°C"));
            case FreeEntry.StripDrawn drawn ->
                drawn.whole()
                        ? "Strip %s drawn whole".formatted(Figures.of(drawn.strip()))
                        : "Strip %s broke after %s"
                                .formatted(
                                        Figures.of(drawn.strip()),
                                        drawn.brokeAtMm() == null
                                                ? "an unknown length"
                                                : Figures.withUnit(drawn.brokeAtMm(), "mm"));
            case FreeEntry.Prised prised ->
                "Tried, %s: %s, effort %s"
                        .formatted(
                                place(prised.bond(), job),
                                prised.way().words(),
                                prised.effort().words());
            case FreeEntry.Bent bent ->
                "Pack bent: %s, %s over %s%s"
                        .formatted(
                                bent.bend().shape().words(),
                                Figures.withUnit(bent.bend().bentMm(), "mm"),
                                Figures.withUnit(bent.bend().overMm(), "mm"),
                                Boolean.TRUE.equals(bent.bend().creased()) ? ", creased" : "");
            case FreeEntry.SolventApplied applied ->
                "Solvent, %s: %s, %s"
                        .formatted(
                                place(applied.bond(), job),
                                applied.solvent().words(),
                                applied.lies().words());
            case FreeEntry.SolventUncovered ignored -> "The wetted place lies open";
            case FreeEntry.LeadsFound ignored ->
                "Leads found: "
                        + Optional.ofNullable(job.model().housing().leads()).stream()
                                .flatMap(leads -> leads.leads().stream())
                                .map(Lead::pad)
                                .collect(Collectors.joining(", "));
            case FreeEntry.RimFound rim ->
                "Rim found: %s of %s, %s"
                        .formatted(
                                rim.lid().words(),
                                Figures.withUnit(rim.lidMm(), "mm"),
                                rim.adhesive().words());
            case FreeEntry.BedFound bed ->
                "Under the pack: "
                        + (bed.strips() == null ? "" : Figures.of(bed.strips()) + " ")
                        + bed.adhesive().words();
            case FreeEntry.NotGlued not ->
                "Nothing glued: "
                        + job.operation(not.bond()).map(Operation::label).orElse(not.bond());
            case FreeEntry.LeadsNoted noted ->
                "Leads noted: "
                        + noted.leads().stream()
                                .map(lead -> lead.lead() + " is " + lead.colour()
                                        + (lead.routing() == null ? "" : ", runs " + lead.routing()))
                                .collect(Collectors.joining("; "));
            case FreeEntry.LeadSchoolChosen chosen ->
                "Leads: " + chosen.school().words();
            case FreeEntry.ConductorFreed freed -> "Off: " + freed.lead();
            case FreeEntry.ConductorCovered covered -> "Both ends covered: " + covered.lead();
        };
    }

    @Override
    public Optional<Told> tells(FreeEntry entry, DeviceModel model, ShopLimits limits) {
        return switch (entry) {
            case FreeEntry.SandReady ignored -> Optional.empty();
            case FreeEntry.HeatStarted started -> Optional.of(new Told.HeatOn(started.bond()));
            case FreeEntry.HeatStopped stopped -> Optional.of(new Told.HeatOff(stopped.bond()));
            case FreeEntry.HeatRead read ->
                Optional.of(
                        read.spot() == Refit.Spot.CELL
                                ? new Told.Heated(read.temperatureC(), read.predictedC())
                                : new Told.Elsewhere());
            case FreeEntry.StripDrawn ignored -> Optional.empty();
            case FreeEntry.Prised ignored -> Optional.empty();
            case FreeEntry.Bent bent -> Optional.of(new Told.Seen(Told.Whose.OLD, bent(bent)));
            case FreeEntry.SolventApplied ignored -> Optional.empty();
            case FreeEntry.SolventUncovered ignored -> Optional.empty();
            case FreeEntry.LeadsFound ignored -> Optional.empty();
            case FreeEntry.RimFound ignored -> Optional.empty();
            case FreeEntry.BedFound ignored -> Optional.empty();
            case FreeEntry.NotGlued ignored -> Optional.empty();
            case FreeEntry.LeadsNoted ignored -> Optional.empty();
            case FreeEntry.LeadSchoolChosen ignored -> Optional.empty();
            case FreeEntry.ConductorFreed ignored -> Optional.empty();
            case FreeEntry.ConductorCovered ignored -> Optional.empty();
        };
    }

    @Override
    public Optional<Refusal> refuse(JobFile job, FreeEntry entry, Author author, Instant now) {
        return switch (entry) {
            case FreeEntry.SandReady ignored -> Assessing.unlessHalted(job);
            case FreeEntry.HeatStarted started -> FreeAdmission.heat(job, started, now);
            // What makes it safer is always taken, halted or not.
            case FreeEntry.HeatStopped stopped ->
                Freeing.of(job).heatings(stopped.bond()).isOn()
                        ? Optional.empty()
                        : Admission.no("bond", "Nothing is being heated there.");
            case FreeEntry.HeatRead read ->
                Freeing.of(job).heatings(read.bond()).isWarm(now)
                        ? Optional.empty()
                        : Admission.no("bond", "Nothing was heated there lately; take the reading at Assess.");
            case FreeEntry.StripDrawn drawn -> FreeAdmission.strip(job, drawn);
            case FreeEntry.Prised prised -> FreeAdmission.prised(job, prised, now);
            case FreeEntry.Bent ignored -> Optional.empty();
            case FreeEntry.SolventApplied applied -> FreeAdmission.solvent(job, applied);
            case FreeEntry.SolventUncovered ignored ->
                Freeing.of(job).ignition().filter(lock -> lock.dryAt() == null).isPresent()
                        ? Optional.empty()
                        : Admission.no("", "No solvent is covered.");
            case FreeEntry.LeadsFound ignored -> FoundAdmission.leads(job);
            case FreeEntry.RimFound rim -> FoundAdmission.rim(job, rim);
            case FreeEntry.BedFound bed -> FoundAdmission.bed(job, bed);
            case FreeEntry.NotGlued not -> FoundAdmission.notGlued(job, not);
            case FreeEntry.LeadsNoted noted -> FreeAdmission.noted(job, noted);
            case FreeEntry.LeadSchoolChosen ignored -> FreeAdmission.leadSchool(job);
            case FreeEntry.ConductorFreed freed -> FreeAdmission.freed(job, freed, now);
            case FreeEntry.ConductorCovered covered ->
                Freeing.of(job).bareConductor().filter(covered.lead()::equals).isPresent()
                        ? Optional.empty()
                        : Admission.no("lead", "'%s' is not bare.".formatted(covered.lead()));
        };
    }

    @Override
    public Optional<NextThing> next(JobFile job) {
        return Optional.empty();
    }

    /** Heat that is on too long, or on an isolated pack, goes off before anything is carried anywhere. */
    @Override
    public Optional<NextThing> offFirst(JobFile job) {
        boolean tooLong = Assessing.of(job).halted()
                || Overheating.of(job).overruns().stream().anyMatch(Overrun::isOn);
        return Freeing.of(job).isHeating() && tooLong
                ? Optional.of(NextThing.of(STAGE, "Heat off, and the device off the heat"))
                : Optional.empty();
    }

    @Override
    public List<Call> calls(JobFile job, OpeningHours hours) {
        return BenchClocks.of(job).stream().map(FreeChapter::call).toList();
    }

    private static Call call(BenchClocks.Clock clock) {
        return clock.kind() == BenchClocks.Kind.LIFT_OFF
                ? Call.danger(clock.at(), clock.what(), STAGE, Danger.ON)
                : new Call(
                        clock.at(),
                        clock.kind().attention(),
                        clock.what(),
                        STAGE,
                        clock.kind().needsHands());
    }

    @Override
    public Optional<Refusal> bars(JobFile job, Spark spark, Instant now) {
        return switch (spark) {
            case KINDLES, WELDS -> FreeAdmission.ignition(job, now);
            case HARMLESS -> Optional.empty();
        };
    }

    @Override
    public Optional<Refusal> holds(JobFile job, Operation step, Instant now) {
        return FreeAdmission.stepDone(job, step.id(), now);
    }

    /** Where nothing is glued or soldered, nothing is freed. */
    @Override
    public boolean isOnTheWayOf(JobFile job) {
        return !job.model().anatomy().bonds().isEmpty()
                || job.model().housing().leads() != null
                || job.model().anatomy().operations().stream()
                        .anyMatch(operation ->
                                Opening.heldUndescribed(job, operation).isPresent());
    }

    @Override
    public boolean works(JobFile job, Operation step) {
        return Opening.isHeld(job, step);
    }

    @Override
    public DeviceModel known(JobState state, DeviceModel model) {
        return FoundHold.in(state, model);
    }

    @Override
    public List<Overheat> overheats(JobFile job) {
        return Overheating.of(job).overruns().stream().map(Overrun::asOverheat).toList();
    }

    /** Heat that was on is followed by its curve. */
    @Override
    public boolean runsOn(JobState state) {
        return !Heatings.every(state).isEmpty();
    }

    /** A crease counts as torn; anything else by the strain of its face. */
    private static Look bent(FreeEntry.Bent bent) {
        boolean creased = Boolean.TRUE.equals(bent.bend().creased());
        return new Look(
                null,
                null,
                null,
                creased ? true : null,
                null,
                null,
                null,
                new HazardReadings.Damage(null, Bending.strainPercent(bent.bend())));
    }

    private static String place(String bond, JobFile job) {
        return job.model().anatomy().bondOf(bond).map(found -> found.place()).orElse(bond);
    }
}
