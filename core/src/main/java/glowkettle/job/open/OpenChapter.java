package glowkettle.job.open;

import static glowkettle.job.Traits.Hands.*;
import static glowkettle.job.Traits.Mended.*;
import static glowkettle.job.Traits.Reads.*;
import static glowkettle.job.Traits.Signed.*;
import static glowkettle.job.Traits.Source.*;

import glowkettle.finding.Figures;
import glowkettle.job.Admission;
import glowkettle.job.Admission.Author;
import glowkettle.job.Admission.Refusal;
import glowkettle.job.Chapter;
import glowkettle.job.Firmness;
import glowkettle.job.Hazards;
import glowkettle.job.JobFile;
import glowkettle.job.Kind;
import glowkettle.job.Spark;
import glowkettle.job.Stage;
import glowkettle.job.Told;
import glowkettle.job.Traits;
import glowkettle.library.DeviceModel;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;

/** The plan, the steps of the teardown and its fasteners. */
public final class OpenChapter implements Chapter<OpenEntry> {
    private static final List<Kind<? extends OpenEntry>> KINDS = List.of(
            Kind.of(
                    "conditions-confirmed",
                    OpenEntry.ConditionsConfirmed.class,
                    new Traits(FORM, TAKEN_BACK, NO_READING, UNTIL_SIGNED, NO_TRAINEE_IN_DANGER),
                    Spark.HARMLESS,
                    Firmness.LOOSE),
            new Kind<>(
                    "step-done",
                    OpenEntry.StepDone.class,
                    new Traits(FORM, TAKEN_BACK, NO_READING, UNTIL_SIGNED, NO_TRAINEE_IN_DANGER),
                    step -> step.way() == OpenEntry.Way.BACK ? Spark.KINDLES : Spark.HARMLESS,
                    entry -> Firmness.LOOSE),
            Kind.of(
                    "fasteners-out",
                    OpenEntry.FastenersOut.class,
                    new Traits(FORM, TAKEN_BACK, NO_READING, UNTIL_SIGNED, NO_TRAINEE_IN_DANGER),
                    Spark.HARMLESS,
                    Firmness.LOOSE),
            Kind.of(
                    "noted",
                    OpenEntry.Noted.class,
                    new Traits(FORM, TAKEN_BACK, NO_READING, UNTIL_SIGNED, NO_TRAINEE_IN_DANGER),
                    Spark.HARMLESS,
                    Firmness.LOOSE),
            Kind.of(
                    "targets-chosen",
                    OpenEntry.TargetsChosen.class,
                    new Traits(FORM, TAKEN_BACK, NO_READING, UNTIL_SIGNED, NO_TRAINEE_IN_DANGER),
                    Spark.HARMLESS,
                    Firmness.LOOSE),
            Kind.of(
                    "reordered",
                    OpenEntry.Reordered.class,
                    new Traits(FORM, TAKEN_BACK, NO_READING, UNTIL_SIGNED, NO_TRAINEE_IN_DANGER),
                    Spark.HARMLESS,
                    Firmness.LOOSE),
            Kind.of(
                    "order-dropped",
                    OpenEntry.OrderDropped.class,
                    new Traits(FORM, TAKEN_BACK, NO_READING, UNTIL_SIGNED, NO_TRAINEE_IN_DANGER),
                    Spark.HARMLESS,
                    Firmness.LOOSE),
            Kind.of(
                    "found-instead",
                    OpenEntry.FoundInstead.class,
                    new Traits(FORM, TAKEN_BACK, NO_READING, UNTIL_SIGNED, NO_TRAINEE_IN_DANGER),
                    Spark.HARMLESS,
                    Firmness.LOOSE),
            Kind.of(
                    "minutes-learnt",
                    OpenEntry.MinutesLearnt.class,
                    new Traits(OWN_PAGE, TAKEN_BACK, NO_READING, UNTIL_SIGNED, NO_TRAINEE_IN_DANGER),
                    Spark.HARMLESS,
                    Firmness.RECKONED),
            Kind.of(
                    "label-seen",
                    OpenEntry.LabelSeen.class,
                    new Traits(FORM, TAKEN_BACK, NO_READING, UNTIL_SIGNED, NO_TRAINEE_IN_DANGER),
                    Spark.HARMLESS,
                    Firmness.LOOSE));

    @Override
    public Class<OpenEntry> entries() {
        return OpenEntry.class;
    }

    @Override
    public List<Kind<? extends OpenEntry>> kinds() {
        return KINDS;
    }

    @Override
    public Stage page(OpenEntry entry) {
        return switch (entry) {
            case OpenEntry.ConditionsConfirmed ignored -> Stage.OPEN;
            case OpenEntry.StepDone step -> step.way() == OpenEntry.Way.IN ? Stage.OPEN : Stage.WAY_BACK;
            case OpenEntry.FastenersOut ignored -> Stage.OPEN;
            case OpenEntry.Noted ignored -> Stage.OPEN;
            case OpenEntry.TargetsChosen ignored -> Stage.OPEN;
            case OpenEntry.Reordered ignored -> Stage.OPEN;
            case OpenEntry.OrderDropped ignored -> Stage.OPEN;
            case OpenEntry.FoundInstead ignored -> Stage.OPEN;
            case OpenEntry.MinutesLearnt ignored -> Stage.OPEN;
            case OpenEntry.LabelSeen ignored -> Stage.OPEN;
        };
    }

    @Override
    public String words(OpenEntry entry, JobFile job) {
        return switch (entry) {
            case OpenEntry.ConditionsConfirmed ignored -> "Mat or strap on, conditions read";
            case OpenEntry.StepDone step ->
                (step.way() == OpenEntry.Way.IN ? "Done: " : "Back: ") + label(step.step(), job);
            case OpenEntry.FastenersOut out ->
                "Out: " + String.join(", ", out.out())
                        + (out.missing().isEmpty() ? "" : "; were missing: " + String.join(", ", out.missing()));
            case OpenEntry.Noted noted -> "Note: " + noted.note();
            case OpenEntry.TargetsChosen chosen -> "To reach: " + labels(chosen.targets(), job);
            case OpenEntry.Reordered ignored -> "Order laid down by hand";
            case OpenEntry.OrderDropped ignored -> "The plan’s own order again";
            case OpenEntry.FoundInstead found ->
                "Found at %s instead: %s, M%s × %s, %s"
                        .formatted(
                                found.fastener(),
                                found.drive(),
                                Figures.of(found.threadMm()),
                                Figures.withUnit(found.lengthMm(), "mm"),
                                found.head());
            case OpenEntry.MinutesLearnt learnt ->
                "Minutes of %s steps taken from earlier jobs"
                        .formatted(learnt.steps().size());
            case OpenEntry.LabelSeen seen ->
                seen.asOrdered()
                        ? "The old pack's label is as ordered"
                        : "The old pack's label differs: " + seen.difference();
        };
    }

    @Override
    public Optional<Told> tells(OpenEntry entry, DeviceModel model) {
        return switch (entry) {
            case OpenEntry.ConditionsConfirmed ignored -> Optional.empty();
            case OpenEntry.StepDone step -> step(step, model);
            case OpenEntry.FastenersOut ignored -> Optional.empty();
            case OpenEntry.Noted ignored -> Optional.empty();
            case OpenEntry.TargetsChosen ignored -> Optional.empty();
            case OpenEntry.Reordered ignored -> Optional.empty();
            case OpenEntry.OrderDropped ignored -> Optional.empty();
            case OpenEntry.FoundInstead ignored -> Optional.empty();
            case OpenEntry.MinutesLearnt ignored -> Optional.empty();
            case OpenEntry.LabelSeen ignored -> Optional.empty();
        };
    }

    @Override
    public Optional<Refusal> refuse(JobFile job, OpenEntry entry, Author author, Instant now) {
        return switch (entry) {
            case OpenEntry.ConditionsConfirmed ignored -> Admission.unlessHalted(job);
            case OpenEntry.StepDone step -> WorkAdmission.step(job, step, now);
            case OpenEntry.FastenersOut out -> WorkAdmission.fastenersOut(job, out);
            case OpenEntry.Noted ignored -> Optional.empty();
            case OpenEntry.TargetsChosen chosen -> OpenAdmission.targets(job, chosen);
            case OpenEntry.Reordered reordered -> OpenAdmission.order(job, reordered);
            case OpenEntry.OrderDropped ignored -> Optional.empty();
            case OpenEntry.FoundInstead found ->
                job.model().fastener(found.fastener()).isPresent()
                        ? Optional.empty()
                        : Admission.no(
                                "fastener",
                                "'%s' is no fastener of %s."
                                        .formatted(found.fastener(), job.model().name()));
            case OpenEntry.MinutesLearnt ignored -> Optional.empty();
            case OpenEntry.LabelSeen seen ->
                !seen.asOrdered() && seen.difference() == null
                        ? Admission.no("difference", "Missing: what differs, such as the voltage or the code.")
                        : Optional.empty();
        };
    }

    private static Optional<Told> step(OpenEntry.StepDone step, DeviceModel model) {
        if (step.way() == OpenEntry.Way.BACK) {
            return Optional.of(new Told.ClosedUp());
        }
        return Hazards.liftsOut(model, step.step()) ? Optional.of(new Told.LiftedOut()) : Optional.empty();
    }

    private static String label(String step, JobFile job) {
        return job.operation(step).map(operation -> operation.label()).orElse(step.replace('-', ' '));
    }

    private static String labels(List<String> steps, JobFile job) {
        return steps.stream()
                .map(step ->
                        job.operation(step).map(operation -> operation.label()).orElse(step))
                .collect(Collectors.joining(", "));
    }
}
