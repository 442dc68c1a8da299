package glowkettle.job.open;

import glowkettle.finding.Figures;
import glowkettle.job.Admission;
import glowkettle.job.Firmness;
import glowkettle.job.JobFile;
import glowkettle.job.Kind;
import glowkettle.job.Phrases;
import glowkettle.job.Spark;
import glowkettle.job.Told;
import glowkettle.job.Traits;
import glowkettle.job.assess.Assessing;
import glowkettle.library.DeviceModel;
import glowkettle.library.Operation;
import glowkettle.library.OperationKind;
import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/** Every kind of entry that may be written at Open, each with all that is decided of it. */
final class OpenKinds {
    static final List<Kind<? extends OpenEntry>> ALL = List.of(
            Kind.of(
                            "conditions-confirmed",
                            OpenEntry.ConditionsConfirmed.class,
                            Traits.TAPPED,
                            Spark.HARMLESS,
                            Firmness.LOOSE)
                    .says("Mat or strap on, conditions read")
                    .tellsNothing()
                    .admits((job, ignored) -> Assessing.unlessHalted(job)),
            Kind.of("step-done", OpenEntry.StepDone.class, Traits.TAPPED.opening(), Spark.HARMLESS, Firmness.LOOSE)
                    .says((step, job) -> "Done: " + Phrases.step(step.step(), job))
                    .tells((step, model, limits) -> step(step, model))
                    .admits((job, step, author, now) -> WorkAdmission.stepDone(job, step, now)),
            Kind.of(
                            "fasteners-out",
                            OpenEntry.FastenersOut.class,
                            Traits.TAPPED.opening(),
                            Spark.HARMLESS,
                            Firmness.LOOSE)
                    .says(out -> "Out: " + String.join(", ", out.out())
                            + (out.missing().isEmpty() ? "" : "; were missing: " + String.join(", ", out.missing())))
                    .tellsNothing()
                    .admits((job, out) -> WorkAdmission.fastenersOut(job, out)),
            Kind.of("screws-counted", OpenEntry.ScrewsCounted.class, Traits.TYPED, Spark.HARMLESS, Firmness.LOOSE)
                    .says(counted -> "Screws: %s out, %s missing, %s stripped"
                            .formatted(counted.out(), noneOr(counted.missing()), noneOr(counted.stripped())))
                    .tellsNothing()
                    .admits((job, counted) -> WorkAdmission.counted(job, counted)),
            Kind.of("noted", OpenEntry.Noted.class, Traits.TAPPED, Spark.HARMLESS, Firmness.LOOSE)
                    .says(noted -> "Note: " + noted.note())
                    .tellsNothing()
                    .admitsAny(),
            Kind.of("targets-chosen", OpenEntry.TargetsChosen.class, Traits.TAPPED, Spark.HARMLESS, Firmness.LOOSE)
                    .says((chosen, job) -> "To reach: " + labels(chosen.targets(), job))
                    .tellsNothing()
                    .admits((job, chosen) -> OpenAdmission.targets(job, chosen)),
            Kind.of("reordered", OpenEntry.Reordered.class, Traits.TAPPED, Spark.HARMLESS, Firmness.LOOSE)
                    .says("Order laid down by hand")
                    .tellsNothing()
                    .admits((job, reordered) -> OpenAdmission.order(job, reordered)),
            Kind.of("order-dropped", OpenEntry.OrderDropped.class, Traits.TAPPED, Spark.HARMLESS, Firmness.LOOSE)
                    .says("The plan’s own order again")
                    .tellsNothing()
                    .admitsAny(),
            Kind.of("found-instead", OpenEntry.FoundInstead.class, Traits.TAPPED, Spark.HARMLESS, Firmness.LOOSE)
                    .says(found -> "Found at %s instead: %s"
                            .formatted(found.fastener(), found.found().words()))
                    .tellsNothing()
                    .admits((job, found) ->
                            job.model().anatomy().fastener(found.fastener()).isPresent()
                                    ? Optional.empty()
                                    : Admission.no(
                                            "fastener",
                                            "'%s' is no fastener of %s."
                                                    .formatted(
                                                            found.fastener(),
                                                            job.model()
                                                                    .identity()
                                                                    .name()))),
            Kind.of("screws-found", OpenEntry.ScrewsFound.class, Traits.TAPPED, Spark.HARMLESS, Firmness.LOOSE)
                    .says(found -> "On the map: %s screws, %s"
                            .formatted(found.screws().size(), ChartAdmission.kinds(found.screws())))
                    .tellsNothing()
                    .admits((job, found) -> ChartAdmission.screws(job, found)),
            Kind.of("step-found", OpenEntry.StepFound.class, Traits.TAPPED, Spark.HARMLESS, Firmness.LOOSE)
                    .says((found, job) -> "Found before “%s”: %s, %s"
                            .formatted(
                                    Phrases.step(found.before(), job),
                                    found.thing().words(),
                                    found.name()))
                    .tellsNothing()
                    .admits((job, found) -> ChartAdmission.step(job, found)),
            Kind.of(
                            "minutes-learnt",
                            OpenEntry.MinutesLearnt.class,
                            Traits.WRITTEN_BY_ITS_PAGE,
                            Spark.HARMLESS,
                            Firmness.RECKONED)
                    .says(learnt -> "Minutes of %s steps taken from earlier jobs"
                            .formatted(learnt.steps().size()))
                    .tellsNothing()
                    .admitsAny(),
            Kind.of("label-seen", OpenEntry.LabelSeen.class, Traits.TAPPED, Spark.HARMLESS, Firmness.LOOSE)
                    .says(seen -> seen.asOrdered()
                            ? "The old pack's label is as ordered"
                            : "The old pack's label differs: " + seen.difference())
                    .tellsNothing()
                    .admits((job, seen) -> !seen.asOrdered() && seen.difference() == null
                            ? Admission.no("difference", "Missing: what differs, such as the voltage or the code.")
                            : Optional.empty()));

    private OpenKinds() {}

    private static String noneOr(@Nullable BigDecimal screws) {
        return screws == null || screws.signum() == 0 ? "none" : Figures.of(screws);
    }

    private static Optional<Told> step(OpenEntry.StepDone step, DeviceModel model) {
        Optional<OperationKind> kind = model.anatomy().operation(step.step()).map(Operation::kind);
        return Opening.liftsOut(model, step.step())
                ? kind.map(lifting -> new Told.LiftedOut(lifting.disconnects()))
                : kind.flatMap(OpenKinds::cutsOff);
    }

    private static Optional<Told> cutsOff(OperationKind kind) {
        if (kind.disconnects()) {
            return Optional.of(new Told.Disconnected());
        }
        return kind == OperationKind.POWER_OFF
                ? Optional.of(new Told.CurrentOff(Told.Whose.OLD, null))
                : Optional.empty();
    }

    private static String labels(List<String> steps, JobFile job) {
        return steps.stream()
                .map(step ->
                        job.operation(step).map(operation -> operation.label()).orElse(step))
                .collect(Collectors.joining(", "));
    }
}
