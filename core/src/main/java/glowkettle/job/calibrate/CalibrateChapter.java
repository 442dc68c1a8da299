package glowkettle.job.calibrate;

import static glowkettle.job.Traits.Hands.*;
import static glowkettle.job.Traits.Mended.*;
import static glowkettle.job.Traits.Reads.*;
import static glowkettle.job.Traits.Signed.*;
import static glowkettle.job.Traits.Source.*;

import glowkettle.calibrate.Kept;
import glowkettle.job.Admission;
import glowkettle.job.Admission.Author;
import glowkettle.job.Admission.Refusal;
import glowkettle.job.Chapter;
import glowkettle.job.Firmness;
import glowkettle.job.JobFile;
import glowkettle.job.Kind;
import glowkettle.job.Spark;
import glowkettle.job.Stage;
import glowkettle.job.Told;
import glowkettle.job.Traits;
import glowkettle.job.wayback.WayBackAdmission;
import glowkettle.library.DeviceModel;
import java.time.Instant;
import java.util.List;
import java.util.Optional;

/** The soak cycle. */
public final class CalibrateChapter implements Chapter<CalibrateEntry> {
    private static final List<Kind<? extends CalibrateEntry>> KINDS = List.of(
            Kind.of(
                    "cycle-event",
                    CalibrateEntry.CycleEvent.class,
                    new Traits(FORM, TAKEN_BACK, NO_READING, UNTIL_SIGNED, NO_TRAINEE_IN_DANGER),
                    Spark.KINDLES,
                    Firmness.LOOSE),
            Kind.of(
                    "cycle-mishap",
                    CalibrateEntry.CycleMishap.class,
                    new Traits(FORM, TAKEN_BACK, NO_READING, UNTIL_SIGNED, NO_TRAINEE_IN_DANGER),
                    Spark.HARMLESS,
                    Firmness.LOOSE),
            Kind.of(
                    "cycle-repeated",
                    CalibrateEntry.CycleRepeated.class,
                    new Traits(FORM, TAKEN_BACK, NO_READING, UNTIL_SIGNED, NO_TRAINEE_IN_DANGER),
                    Spark.KINDLES,
                    Firmness.LOOSE),
            Kind.of(
                    "cycle-left-out",
                    CalibrateEntry.CycleLeftOut.class,
                    new Traits(FORM, TAKEN_BACK, NO_READING, UNTIL_SIGNED, NO_TRAINEE_IN_DANGER),
                    Spark.HARMLESS,
                    Firmness.LOOSE));

    @Override
    public Class<CalibrateEntry> entries() {
        return CalibrateEntry.class;
    }

    @Override
    public List<Kind<? extends CalibrateEntry>> kinds() {
        return KINDS;
    }

    @Override
    public Stage page(CalibrateEntry entry) {
        return Stage.CALIBRATE;
    }

    @Override
    public String words(CalibrateEntry entry, JobFile job) {
        return switch (entry) {
            case CalibrateEntry.CycleEvent event ->
                "Soak cycle: " + event.step().words();
            case CalibrateEntry.CycleMishap mishap ->
                "Soak cycle: " + mishap.mishap().sentence();
            case CalibrateEntry.CycleRepeated ignored -> "Soak cycle: begun again";
            case CalibrateEntry.CycleLeftOut left -> "No calibration: " + left.reason();
        };
    }

    @Override
    public Optional<Told> tells(CalibrateEntry entry, DeviceModel model) {
        return switch (entry) {
            case CalibrateEntry.CycleEvent ignored -> Optional.empty();
            case CalibrateEntry.CycleMishap ignored -> Optional.empty();
            case CalibrateEntry.CycleRepeated ignored -> Optional.empty();
            case CalibrateEntry.CycleLeftOut ignored -> Optional.empty();
        };
    }

    @Override
    public Optional<Refusal> refuse(JobFile job, CalibrateEntry entry, Author author, Instant now) {
        return switch (entry) {
            case CalibrateEntry.CycleEvent event -> CycleAdmission.event(job, event, now);
            case CalibrateEntry.CycleMishap ignored -> Optional.empty();
            case CalibrateEntry.CycleRepeated ignored ->
                job.soak().verdict().result().standing() == Kept.Standing.REPEAT
                        ? Optional.empty()
                        : Admission.no("", "Only a cycle that was not kept is begun again.");
            case CalibrateEntry.CycleLeftOut ignored -> WayBackAdmission.afterWayBack(job);
        };
    }
}
