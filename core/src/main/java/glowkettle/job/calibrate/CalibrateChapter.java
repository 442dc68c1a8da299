package glowkettle.job.calibrate;

import glowkettle.calibrate.SoakVerdict;
import glowkettle.job.Admission;
import glowkettle.job.Admission.Author;
import glowkettle.job.Admission.Refusal;
import glowkettle.job.Call;
import glowkettle.job.Chapter;
import glowkettle.job.Firmness;
import glowkettle.job.JobFile;
import glowkettle.job.Kind;
import glowkettle.job.NextThing;
import glowkettle.job.Spark;
import glowkettle.job.Stage;
import glowkettle.job.Told;
import glowkettle.job.Traits;
import glowkettle.job.assess.Assessing;
import glowkettle.job.open.Opening;
import glowkettle.job.wayback.WayBackAdmission;
import glowkettle.library.DeviceModel;
import glowkettle.limits.ShopLimits;
import glowkettle.shop.OpeningHours;
import java.time.Instant;
import java.util.List;
import java.util.Optional;

/** The soak cycle. */
public final class CalibrateChapter implements Chapter<CalibrateEntry> {
    public static final Stage STAGE = new Stage("Calibrate", "calibrate");

    private static final List<Kind<? extends CalibrateEntry>> KINDS = List.of(
            new Kind<>(
                    "cycle-event",
                    CalibrateEntry.CycleEvent.class,
                    Traits.TAPPED,
                    event -> event.step().spark(),
                    event -> Firmness.LOOSE),
            Kind.of(
                    "calibration-school-chosen",
                    CalibrateEntry.SchoolChosen.class,
                    Traits.TAPPED,
                    Spark.HARMLESS,
                    Firmness.LOOSE),
            Kind.of("cycle-mishap", CalibrateEntry.CycleMishap.class, Traits.TAPPED, Spark.HARMLESS, Firmness.LOOSE),
            Kind.of("cycle-repeated", CalibrateEntry.CycleRepeated.class, Traits.TAPPED, Spark.KINDLES, Firmness.LOOSE),
            Kind.of(
                    "cycle-left-out",
                    CalibrateEntry.CycleLeftOut.class,
                    Traits.TAPPED,
                    Spark.HARMLESS,
                    Firmness.LOOSE));

    @Override
    public Stage stage() {
        return STAGE;
    }

    @Override
    public Class<CalibrateEntry> entries() {
        return CalibrateEntry.class;
    }

    @Override
    public List<Kind<? extends CalibrateEntry>> kinds() {
        return KINDS;
    }

    @Override
    public String words(CalibrateEntry entry, JobFile job) {
        return switch (entry) {
            case CalibrateEntry.CycleEvent event ->
                SoakCycle.of(job).school().words()
                        + ": "
                        + event.step().words(SoakCycle.of(job).school());
            case CalibrateEntry.SchoolChosen chosen ->
                "Calibration: " + chosen.school().words();
            case CalibrateEntry.CycleMishap mishap ->
                "Soak cycle: " + mishap.mishap().sentence();
            case CalibrateEntry.CycleRepeated ignored -> "Soak cycle: begun again";
            case CalibrateEntry.CycleLeftOut left -> "No calibration: " + left.reason();
        };
    }

    @Override
    public Optional<Told> tells(CalibrateEntry entry, DeviceModel model, ShopLimits limits) {
        return switch (entry) {
            case CalibrateEntry.CycleEvent event -> Optional.of(current(event));
            case CalibrateEntry.SchoolChosen ignored -> Optional.empty();
            case CalibrateEntry.CycleMishap ignored -> Optional.empty();
            case CalibrateEntry.CycleRepeated ignored -> Optional.empty();
            case CalibrateEntry.CycleLeftOut ignored -> Optional.empty();
        };
    }

    @Override
    public Optional<Refusal> refuse(JobFile job, CalibrateEntry entry, Author author, Instant now) {
        return switch (entry) {
            case CalibrateEntry.CycleEvent event -> CycleAdmission.event(job, event, now);
            case CalibrateEntry.SchoolChosen ignored ->
                SoakCycle.of(job).log().events().isEmpty()
                        ? Optional.empty()
                        : Admission.no("school", "It has begun: it goes on as it is, or is left out with a reason.");
            case CalibrateEntry.CycleMishap mishap -> CycleAdmission.mishap(job, mishap.mishap());
            case CalibrateEntry.CycleRepeated ignored ->
                SoakCycle.of(job).verdict().result().standing() == SoakVerdict.Standing.REPEAT
                        ? Optional.empty()
                        : Admission.no("", "Only a cycle that was not kept is begun again.");
            case CalibrateEntry.CycleLeftOut ignored -> WayBackAdmission.afterWayBack(job);
        };
    }

    @Override
    public Optional<NextThing> next(JobFile job) {
        SoakCycle soak = SoakCycle.of(job);
        if (soak.leftOut() || Opening.of(job).goesBackAsItCame()) {
            return Optional.empty();
        }
        SoakVerdict.Verdict verdict = soak.verdict().result();
        return switch (verdict.standing()) {
            case UNDER_WAY, REPEAT -> Optional.of(NextThing.of(STAGE, cycleStep(job, verdict)));
            case VALID, VALID_WITH_REMARKS -> Optional.empty();
        };
    }

    @Override
    public Optional<NextThing> offFirst(JobFile job) {
        return Assessing.of(job).halted() && SoakCycle.of(job).isOnItsCharger()
                ? Optional.of(NextThing.of(STAGE, "Unplug it"))
                : Optional.empty();
    }

    @Override
    public List<Call> calls(JobFile job, OpeningHours hours) {
        return SoakCalls.of(job, hours);
    }

    private static Told current(CalibrateEntry.CycleEvent event) {
        return switch (event.step()) {
            case SHUT_DOWN_SEEN, LAST_CHARGE_ENDED -> new Told.CurrentOff(Told.Whose.AT_HAND, event.happened());
            case CHARGE_STARTED, FULL_SEEN, RUN_DOWN_STARTED, LAST_CHARGE_STARTED ->
                new Told.CurrentOn(Told.Whose.AT_HAND, event.happened());
        };
    }

    private static String cycleStep(JobFile job, SoakVerdict.Verdict verdict) {
        if (verdict.repeatFrom() != null) {
            return "Not kept: begin the soak cycle again";
        }
        var cycle = SoakCycle.of(job).progress();
        boolean soaks = SoakCycle.of(job).school().soaks();
        if (cycle.chargeStarted() == null) {
            return soaks ? "Plug in: charge and soak" : "Plug in: charge to 100 % in one go";
        }
        if (cycle.runDownStarted() == null) {
            return soaks ? "Unplug after the soak and start the run-down" : "Unplug when full, and use it";
        }
        if (cycle.shutDownSeen() == null) {
            return soaks ? "Look whether it has shut itself down" : "Look whether it is down to 10 %";
        }
        return cycle.lastChargeStarted() == null ? "Plug in for the last charge" : "Unplug when full: done";
    }
}
