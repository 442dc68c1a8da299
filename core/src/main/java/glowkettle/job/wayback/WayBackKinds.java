package glowkettle.job.wayback;

import glowkettle.assess.HazardReadings;
import glowkettle.job.Firmness;
import glowkettle.job.JobFile;
import glowkettle.job.Kind;
import glowkettle.job.Phrases;
import glowkettle.job.Spark;
import glowkettle.job.Told;
import glowkettle.job.Traits;
import glowkettle.open.WayBack;
import java.util.List;
import java.util.stream.Collectors;

/** Every kind of entry that may be written at WayBack, each with all that is decided of it. */
final class WayBackKinds {
    static final List<Kind<? extends WayBackEntry>> ALL = List.of(
            Kind.of("press-begun", WayBackEntry.PressBegun.class, Traits.TAPPED, Spark.HARMLESS, Firmness.LOOSE)
                    .says((begun, job) -> "Pressed: " + Phrases.step(begun.step(), job))
                    .tellsNothing()
                    .admits((job, begun) -> WayBackAdmission.press(job, begun.step())),
            Kind.of(
                            "live-check-chosen",
                            WayBackEntry.LiveCheckChosen.class,
                            Traits.TAPPED,
                            Spark.HARMLESS,
                            Firmness.LOOSE)
                    .says(chosen -> chosen.last() ? "Live check after closing" : "Live check before closing")
                    .tellsNothing()
                    .admits((job, chosen) -> WayBackAdmission.liveCheck(job, chosen.last())),
            Kind.of("step-back", WayBackEntry.StepBack.class, Traits.TAPPED, Spark.KINDLES, Firmness.LOOSE)
                    .says((step, job) -> "Back: " + backwards(step.step(), job)
                            + (step.bonding() == null
                                    ? ""
                                    : ", with " + step.bonding().words()))
                    .tells(ignored -> new Told.ClosedUp())
                    .admits((job, step, author, now) -> WayBackAdmission.stepBack(job, step, now)),
            Kind.of("pack-woken", WayBackEntry.PackWoken.class, Traits.READ, Spark.HARMLESS, Firmness.LOOSE)
                    .says(woken -> "The new pack woke: %s per cell, %s into it"
                            .formatted(Phrases.figure(woken.cellV(), "V"), Phrases.figure(woken.chargeA(), "A")))
                    .tells(woken -> new Told.Rested(
                            Told.Whose.NEW,
                            new HazardReadings.Voltage(
                                    woken.cellV(), null, HazardReadings.VoltageSource.PLUG, null, null)))
                    .admits((job, woken, author, now) -> Waking.of(job).refuse(woken, now)),
            Kind.of("fasteners-back", WayBackEntry.FastenersBack.class, Traits.TAPPED, Spark.KINDLES, Firmness.LOOSE)
                    .says(back -> "Back in: "
                            + back.placements().stream()
                                    .map(placement -> placement.fastener().equals(placement.hole())
                                            ? placement.hole()
                                            : placement.fastener() + " in the hole of " + placement.hole())
                                    .collect(Collectors.joining(", ")))
                    .tellsNothing()
                    .admits((job, back) -> WayBackAdmission.fastenersBack(job, back)));

    private WayBackKinds() {}

    /** As the way back says it; as the way in does where it has no such step any more. */
    private static String backwards(String step, JobFile job) {
        return ClosingUp.of(job).wayBack().result().steps().stream()
                .filter(back -> back.id().equals(step))
                .map(WayBack.Step::label)
                .findFirst()
                .orElseGet(() -> Phrases.step(step, job));
    }
}
