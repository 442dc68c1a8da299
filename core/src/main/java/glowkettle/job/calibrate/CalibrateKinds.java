package glowkettle.job.calibrate;

import glowkettle.calibrate.SoakVerdict;
import glowkettle.job.Admission;
import glowkettle.job.Firmness;
import glowkettle.job.Kind;
import glowkettle.job.Spark;
import glowkettle.job.Told;
import glowkettle.job.Traits;
import glowkettle.job.wayback.WayBackAdmission;
import java.util.List;
import java.util.Optional;

/** Every kind of entry that may be written at Calibrate, each with all that is decided of it. */
final class CalibrateKinds {
    static final List<Kind<? extends CalibrateEntry>> ALL = List.of(
            Kind.by(
                            "cycle-event",
                            CalibrateEntry.CycleEvent.class,
                            Traits.TAPPED,
                            event -> event.step().spark(),
                            event -> Firmness.LOOSE)
                    .says((event, job) -> SoakCycle.of(job).school().words()
                            + ": "
                            + event.step().words(SoakCycle.of(job).school()))
                    .tells(event -> current(event))
                    .admits((job, event, author, now) -> CycleAdmission.event(job, event, now)),
            Kind.of(
                            "calibration-school-chosen",
                            CalibrateEntry.SchoolChosen.class,
                            Traits.TAPPED,
                            Spark.HARMLESS,
                            Firmness.LOOSE)
                    .says(chosen -> "Calibration: " + chosen.school().words())
                    .tellsNothing()
                    .admits((job, ignored) -> SoakCycle.of(job).log().events().isEmpty()
                            ? Optional.empty()
                            : Admission.no(
                                    "school", "It has begun: it goes on as it is, or is left out with a reason.")),
            Kind.of("cycle-mishap", CalibrateEntry.CycleMishap.class, Traits.TAPPED, Spark.HARMLESS, Firmness.LOOSE)
                    .says(mishap -> "Soak cycle: " + mishap.mishap().sentence())
                    .tellsNothing()
                    .admits((job, mishap) -> CycleAdmission.mishap(job, mishap.mishap())),
            Kind.of("cycle-repeated", CalibrateEntry.CycleRepeated.class, Traits.TAPPED, Spark.KINDLES, Firmness.LOOSE)
                    .says("Soak cycle: begun again")
                    .tellsNothing()
                    .admits((job, ignored) ->
                            SoakCycle.of(job).verdict().result().standing() == SoakVerdict.Standing.REPEAT
                                    ? Optional.empty()
                                    : Admission.no("", "Only a cycle that was not kept is begun again.")),
            Kind.of("cycle-left-out", CalibrateEntry.CycleLeftOut.class, Traits.TAPPED, Spark.HARMLESS, Firmness.LOOSE)
                    .says(left -> "No calibration: " + left.reason())
                    .tellsNothing()
                    .admits((job, ignored) -> WayBackAdmission.afterWayBack(job)));

    private CalibrateKinds() {}

    private static Told current(CalibrateEntry.CycleEvent event) {
        return switch (event.step()) {
            case SHUT_DOWN_SEEN, LAST_CHARGE_ENDED -> new Told.CurrentOff(Told.Whose.AT_HAND, event.happened());
            case CHARGE_STARTED, FULL_SEEN, RUN_DOWN_STARTED, LAST_CHARGE_STARTED ->
                new Told.CurrentOn(Told.Whose.AT_HAND, event.happened());
        };
    }
}
