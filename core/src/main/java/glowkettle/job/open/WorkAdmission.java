package glowkettle.job.open;

import glowkettle.job.Admission;
import glowkettle.job.Admission.Refusal;
import glowkettle.job.JobFile;
import glowkettle.job.assess.Assessing;
import glowkettle.job.assess.PackHealth;
import glowkettle.library.Fastener;
import glowkettle.library.Operation;
import glowkettle.library.OperationKind;
import glowkettle.limits.Limit;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** Whether a step of the teardown or of the way back, and its fasteners, may be written now. */
final class WorkAdmission {
    private WorkAdmission() {}

    static Optional<Refusal> stepDone(JobFile job, OpenEntry.StepDone done, Instant now) {
        return Assessing.unlessHalted(job)
                .or(() -> OpenAdmission.paused(job))
                .or(() -> runDown(job))
                .or(() -> cold(job))
                .or(() -> stepIn(job, done.step()))
                .or(() -> job.operation(done.step()).flatMap(operation -> fastenersOf(job, operation)))
                .or(() -> job.operation(done.step())
                        .flatMap(operation -> job.chapters().holds(job, operation, now)));
    }

    /** Nothing of a cold removal is done before all that it begins with stands ready. */
    static Optional<Refusal> cold(JobFile job) {
        return Assessing.of(job)
                .coldRemovalNext()
                .map(next -> new Refusal("", "Cold removal: confirm first, %s.".formatted(next.words())))
                .or(() -> Assessing.of(job).owesAColdLook()
                        ? Admission.no("", "Cold removal: look, smell and feel before the next step.")
                        : Optional.empty());
    }

    /** Run down first means first: it is a step, not advice. */
    static Optional<Refusal> runDown(JobFile job) {
        return PackHealth.of(job).waitsForRunDown()
                ? Admission.no(
                        "",
                        "Run it down first: nothing is opened until its charge is read at %s or below, or a lead lets it be."
                                .formatted(job.limits().applied(Limit.RUN_DOWN_TARGET_PERCENT)))
                : Optional.empty();
    }

    private static Optional<Refusal> stepIn(JobFile job, String step) {
        Optional<Operation> found = job.operation(step);
        if (found.isEmpty()) {
            return Admission.no(
                    "step",
                    "'%s' is no step of %s."
                            .formatted(step, job.model().identity().name()));
        }
        Operation operation = found.get();
        List<String> sofar = Opening.of(job).stepsIn();
        if (sofar.contains(operation.id())) {
            return Admission.no("step", "“%s” is done already.".formatted(operation.label()));
        }
        if (job.isClosingUp()) {
            return Admission.no("step", "The way back has begun; take its steps back first.");
        }
        List<String> waiting = operation.order().after().stream()
                .filter(before -> !isDone(job, before, sofar))
                .map(before -> job.operation(before).map(Operation::label).orElse(before))
                .toList();
        if (!waiting.isEmpty()) {
            return Admission.no("step", "“%s” waits for “%s”.".formatted(operation.label(), waiting.getFirst()));
        }
        if (operation.isInside() && !Opening.of(job).conditionsConfirmed()) {
            return Admission.no(
                    "step", "Confirm mat or wrist strap, and the conditions, before the first work inside.");
        }
        return hardRule(job, operation, sofar);
    }

    private static boolean isDone(JobFile job, String name, List<String> sofar) {
        return sofar.contains(name)
                || job.model().anatomy().operations().stream()
                        .anyMatch(option -> name.equals(option.order().choice()) && sofar.contains(option.id()));
    }

    /** Inside work that does not lead to the disconnect waits for it. */
    private static Optional<Refusal> hardRule(JobFile job, Operation operation, List<String> sofar) {
        Operation disconnect = job.model().anatomy().operations().stream()
                .filter(other -> other.kind().disconnects())
                .findFirst()
                .orElseThrow();
        if (operation.isInside()
                && operation != disconnect
                && !sofar.contains(disconnect.id())
                && !leadsTo(job, operation, disconnect)) {
            return Admission.no(
                    "step", "“%s” works inside: first “%s”.".formatted(operation.label(), disconnect.label()));
        }
        return Optional.empty();
    }

    private static boolean leadsTo(JobFile job, Operation operation, Operation later) {
        List<Operation> pending = new ArrayList<>(List.of(later));
        for (int i = 0; i < pending.size(); i++) {
            Operation current = pending.get(i);
            job.model().anatomy().operations().stream()
                    .filter(current::waitsFor)
                    .filter(before -> !pending.contains(before))
                    .forEach(pending::add);
        }
        return pending.contains(operation);
    }

    private static Optional<Refusal> fastenersOf(JobFile job, Operation operation) {
        if (operation.kind() != OperationKind.LOOSEN_FASTENERS) {
            return Optional.empty();
        }
        List<String> stillIn = job.model().anatomy().fastenersOf(operation.id()).stream()
                .map(fastener -> fastener.id())
                .filter(id -> !FastenerLog.of(job).out().contains(id)
                        && !FastenerLog.of(job).missing().contains(id))
                .toList();
        return stillIn.isEmpty()
                ? Optional.empty()
                : Admission.no(
                        "step",
                        "Still in: %s. Take them out, or mark them as missing.".formatted(String.join(", ", stillIn)));
    }

    /** Where the map shows none, at the step that loosens them or after it. */
    static Optional<Refusal> counted(JobFile job, OpenEntry.ScrewsCounted counted) {
        boolean uncharted = job.operation(counted.step())
                .filter(operation -> Opening.isUncharted(job, operation))
                .isPresent();
        if (!uncharted) {
            return Admission.no("step", "'%s' has no screws that nobody described.".formatted(counted.step()));
        }
        return Opening.of(job).stepsIn().contains(counted.step())
                ? Optional.empty()
                : stepIn(job, counted.step()).flatMap(tooEarly -> Admission.no("step", tooEarly.reason()));
    }

    static Optional<Refusal> fastenersOut(JobFile job, OpenEntry.FastenersOut out) {
        List<String> named =
                Stream.concat(out.out().stream(), out.missing().stream()).toList();
        if (named.isEmpty()) {
            return Admission.no("out", "Name at least one fastener.");
        }
        for (String id : named) {
            Optional<Fastener> fastener = job.model().anatomy().fastener(id);
            if (fastener.isEmpty()) {
                return Admission.no(
                        "out",
                        "'%s' is no fastener of %s."
                                .formatted(id, job.model().identity().name()));
            }
            if (FastenerLog.of(job).out().contains(id)
                    || FastenerLog.of(job).missing().contains(id)
                    || Collections.frequency(named, id) > 1) {
                return Admission.no("out", "%s is out already.".formatted(id));
            }
            Optional<Refusal> tooEarly =
                    stepIn(job, String.valueOf(fastener.get().operation()));
            if (tooEarly.isPresent()) {
                return Admission.no("out", tooEarly.get().reason());
            }
        }
        return Assessing.unlessHalted(job)
                .or(() -> OpenAdmission.paused(job))
                .or(() -> runDown(job))
                .or(() -> cold(job));
    }
}
