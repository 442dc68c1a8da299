package glowkettle.journal;

import glowkettle.assess.Tier;
import glowkettle.calibrate.Kept;
import glowkettle.finding.Unanswerable;
import glowkettle.finding.Weight;
import glowkettle.fit.Verdict;
import glowkettle.library.Fastener;
import glowkettle.library.Operation;
import glowkettle.library.OperationKind;
import glowkettle.open.WayBack;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** Whether an entry may be written now, and if not, why. */
public final class Admission {
    private Admission() {}

    /** The reason an entry is not taken, with the field it belongs to. */
    public record Refusal(String field, String reason) {}

    public static Optional<Refusal> refuse(JobFile job, Entry entry, Role by, Instant now) {
        if (job.closed() && !(entry instanceof Entry.Addendum)) {
            return no("", "The job is signed and closed; write an addendum.");
        }
        if (by == Role.TRAINEE && job.tier().result().tier().atLeast(Tier.ISOLATE) && !(Hazards.isReading(entry))) {
            return no(
                    "",
                    "Trainees work up to tier Guarded; this job is %s."
                            .formatted(job.tier().result().tier().word()));
        }
        return switch (entry) {
            case Entry.JobOpened ignored -> Optional.empty();
            case Entry.Looked taken -> EmptyReading.refuse(taken.look());
            case Entry.WarmthTaken taken -> EmptyReading.refuse(taken.warmth());
            case Entry.SeamTaken taken -> EmptyReading.refuse(taken.seam());
            case Entry.ThicknessTaken taken -> EmptyReading.refuse(taken.thickness());
            case Entry.VoltageTaken taken -> EmptyReading.refuse(taken.voltage());
            case Entry.GaugeRead ignored -> Optional.empty();
            case Entry.Evacuated ignored -> Optional.empty();
            case Entry.Noted ignored -> Optional.empty();
            case Entry.PackOffered offered -> offered(job, offered);
            case Entry.TakenBack ignored -> Optional.empty();
            case Entry.CycleMishap ignored -> Optional.empty();
            case Entry.LeadContinued ignored -> leadContinues(job, by);
            case Entry.ConditionsConfirmed ignored -> unlessHalted(job);
            case Entry.StepDone step -> step(job, step);
            case Entry.FastenersOut out -> fastenersOut(job, out);
            case Entry.FastenersBack back -> fastenersBack(job, back);
            case Entry.PackChosen ignored -> chosen(job);
            case Entry.PackStored ignored -> stored(job);
            case Entry.Checked checked -> checked(job, checked);
            case Entry.CycleEvent event -> cycle(job, event, now);
            case Entry.CycleRepeated ignored ->
                job.cycleVerdict().result().standing() == Kept.Standing.REPEAT
                        ? Optional.empty()
                        : no("", "Only a cycle that was not kept is begun again.");
            case Entry.CycleLeftOut ignored -> afterWayBack(job);
            case Entry.SignedOff signed -> signed(job, signed, by);
            case Entry.Addendum ignored ->
                job.closed() ? Optional.empty() : no("", "The job is open; write a note instead.");
        };
    }

    private static Optional<Refusal> leadContinues(JobFile job, Role by) {
        if (by != Role.LEAD) {
            return no("reason", "Only a lead goes on with an isolated job.");
        }
        return job.tier().result().tier() == Tier.ISOLATE
                ? Optional.empty()
                : no(
                        "reason",
                        "Only a job of tier Isolate needs this; it is %s."
                                .formatted(job.tier().result().tier().word()));
    }

    private static Optional<Refusal> unlessHalted(JobFile job) {
        return job.halted()
                ? no(
                        "",
                        "Tier %s: the plan waits; %s."
                                .formatted(
                                        job.tier().result().tier().word(),
                                        job.tier().result().tier().meaning()))
                : Optional.empty();
    }

    private static Optional<Refusal> step(JobFile job, Entry.StepDone done) {
        return unlessHalted(job).or(() -> done.way() == Entry.Way.IN ? stepDoneIn(job, done) : stepBack(job, done));
    }

    private static Optional<Refusal> stepDoneIn(JobFile job, Entry.StepDone done) {
        return stepIn(job, done.step())
                .or(() -> job.operation(done.step()).flatMap(operation -> fastenersOf(job, operation)));
    }

    private static Optional<Refusal> stepIn(JobFile job, String step) {
        Optional<Operation> found = job.operation(step);
        if (found.isEmpty()) {
            return no(
                    "step", "'%s' is no step of %s.".formatted(step, job.model().name()));
        }
        Operation operation = found.get();
        List<String> sofar = job.stepsIn();
        if (sofar.contains(operation.id())) {
            return no("step", "“%s” is done already.".formatted(operation.label()));
        }
        if (!job.stepsBack().isEmpty()) {
            return no("step", "The way back has begun; take its steps back first.");
        }
        List<String> waiting = operation.after().stream()
                .filter(before -> !isDone(job, before, sofar))
                .map(before -> job.operation(before).map(Operation::label).orElse(before))
                .toList();
        if (!waiting.isEmpty()) {
            return no("step", "“%s” waits for “%s”.".formatted(operation.label(), waiting.getFirst()));
        }
        if (operation.isInside() && !job.conditionsConfirmed()) {
            return no("step", "Confirm mat or wrist strap, and the conditions, before the first work inside.");
        }
        return hardRule(job, operation, sofar);
    }

    private static boolean isDone(JobFile job, String name, List<String> sofar) {
        return sofar.contains(name)
                || job.model().operations().stream()
                        .anyMatch(option -> name.equals(option.choice()) && sofar.contains(option.id()));
    }

    /** Inside work that does not lead to the disconnect waits for it. */
    private static Optional<Refusal> hardRule(JobFile job, Operation operation, List<String> sofar) {
        Operation disconnect = job.model().operations().stream()
                .filter(other -> other.kind().disconnects())
                .findFirst()
                .orElseThrow();
        if (operation.isInside()
                && operation != disconnect
                && !sofar.contains(disconnect.id())
                && !leadsTo(job, operation, disconnect)) {
            return no("step", "“%s” works inside: first “%s”.".formatted(operation.label(), disconnect.label()));
        }
        return Optional.empty();
    }

    private static boolean leadsTo(JobFile job, Operation operation, Operation later) {
        List<Operation> pending = new ArrayList<>(List.of(later));
        for (int i = 0; i < pending.size(); i++) {
            Operation current = pending.get(i);
            job.model().operations().stream()
                    .filter(before -> current.after().contains(before.id())
                            || before.choice() != null && current.after().contains(before.choice()))
                    .filter(before -> !pending.contains(before))
                    .forEach(pending::add);
        }
        return pending.contains(operation);
    }

    private static Optional<Refusal> fastenersOf(JobFile job, Operation operation) {
        if (operation.kind() != OperationKind.LOOSEN_FASTENERS) {
            return Optional.empty();
        }
        List<String> stillIn = job.model().fastenersOf(operation.id()).stream()
                .map(fastener -> fastener.id())
                .filter(id -> !job.fastenersOut().contains(id)
                        && !job.fastenersMissing().contains(id))
                .toList();
        return stillIn.isEmpty()
                ? Optional.empty()
                : no(
                        "step",
                        "Still in: %s. Take them out, or mark them as missing.".formatted(String.join(", ", stillIn)));
    }

    private static Optional<Refusal> stepBack(JobFile job, Entry.StepDone done) {
        if (!job.packChosen()) {
            return no("step", "No pack has been chosen; nothing is closed over an empty bay.");
        }
        Optional<WayBack.Step> next = job.nextStepBack(job.wayBack().result());
        if (next.isEmpty() || !next.get().id().equals(done.step())) {
            return no(
                    "step",
                    "The next step back is “%s”."
                            .formatted(next.map(WayBack.Step::label).orElse("none: it is closed")));
        }
        Optional<Operation> operation = job.operation(done.step());
        if (operation.isPresent() && operation.get().kind() == OperationKind.LOOSEN_FASTENERS) {
            List<String> empty = job.tray().result().emptyHoles().stream()
                    .filter(hole -> job.model()
                            .fastener(hole)
                            .filter(fastener -> done.step().equals(fastener.operation()))
                            .isPresent())
                    .toList();
            if (!empty.isEmpty()) {
                return no(
                        "step",
                        "Empty holes: %s. Left over in the tray: %s."
                                .formatted(
                                        String.join(", ", empty),
                                        String.join(", ", job.tray().result().leftOver())));
            }
            return job.tray().findings().stream()
                    .filter(finding -> finding.weight().compareTo(Weight.STOP) >= 0)
                    .findFirst()
                    .map(finding -> new Refusal("step", finding.sentence()));
        }
        return Optional.empty();
    }

    private static Optional<Refusal> fastenersOut(JobFile job, Entry.FastenersOut out) {
        List<String> named =
                Stream.concat(out.out().stream(), out.missing().stream()).toList();
        if (named.isEmpty()) {
            return no("out", "Name at least one fastener.");
        }
        for (String id : named) {
            Optional<Fastener> fastener = job.model().fastener(id);
            if (fastener.isEmpty()) {
                return no(
                        "out",
                        "'%s' is no fastener of %s.".formatted(id, job.model().name()));
            }
            if (job.fastenersOut().contains(id)
                    || job.fastenersMissing().contains(id)
                    || Collections.frequency(named, id) > 1) {
                return no("out", "%s is out already.".formatted(id));
            }
            Optional<Refusal> tooEarly =
                    stepIn(job, String.valueOf(fastener.get().operation()));
            if (tooEarly.isPresent()) {
                return no("out", tooEarly.get().reason());
            }
        }
        return unlessHalted(job);
    }

    private static Optional<Refusal> fastenersBack(JobFile job, Entry.FastenersBack back) {
        for (var placement : back.placements()) {
            if (!job.fastenersOut().contains(placement.fastener())) {
                return no("placements", "%s is not in the tray.".formatted(placement.fastener()));
            }
            boolean used = job.placements().stream()
                    .anyMatch(other -> other.fastener().equals(placement.fastener())
                            || other.hole().equals(placement.hole()));
            if (used) {
                return no(
                        "placements",
                        "%s is in already, or its hole %s is taken; take it back first."
                                .formatted(placement.fastener(), placement.hole()));
            }
        }
        return unlessHalted(job);
    }

    /** A label nobody can judge is asked for again at once, while the pack is still in the hand. */
    private static Optional<Refusal> offered(JobFile job, Entry.PackOffered offered) {
        try {
            job.compare(offered.label());
            job.phaseTimes(offered.label().capacityMah());
            return Optional.empty();
        } catch (Unanswerable unanswerable) {
            boolean ofLabel = unanswerable.field().equals("sizeCode");
            return no(
                    "label." + (ofLabel ? unanswerable.field() : "capacityMah"),
                    ofLabel
                            ? unanswerable.getMessage()
                            : "%s mAh cannot be charged by this device: %s."
                                    .formatted(offered.label().capacityMah(), unanswerable.getMessage()));
        }
    }

    private static Optional<Refusal> chosen(JobFile job) {
        if (job.comparison().isEmpty()) {
            return no("", "Read the new pack's label first.");
        }
        Verdict verdict = job.comparison().get().result().verdict();
        return switch (verdict) {
            case FITS, WITH_CARE -> Optional.empty();
            case ASK -> no("", "The comparison has open questions; answer them first.");
            case REFUSED ->
                no(
                        "",
                        "This pack is refused: "
                                + job.comparison().get().findings().getFirst().sentence());
        };
    }

    /** A pack has one place; only a device that a lead took out of its container again gives up its own. */
    private static Optional<Refusal> stored(JobFile job) {
        long times = job.state().all(Entry.PackStored.class).count();
        long takenOn = job.state().all(Entry.LeadContinued.class).count();
        return times > takenOn
                ? no(
                        "container",
                        "It is in %s already; take that back first."
                                .formatted(job.stored().orElseThrow().containerName()))
                : Optional.empty();
    }

    private static Optional<Refusal> afterWayBack(JobFile job) {
        boolean backDone = job.packChosen()
                && !job.stepsBack().isEmpty()
                && job.nextStepBack(job.wayBack().result()).isEmpty();
        return backDone ? Optional.empty() : no("", "The device is not closed yet; finish the way back first.");
    }

    private static Optional<Refusal> checked(JobFile job, Entry.Checked checked) {
        boolean known = job.checks().stream().anyMatch(check -> check.id().equals(checked.check()));
        return known ? afterWayBack(job) : no("check", "'%s' is no check of this job.".formatted(checked.check()));
    }

    private static Optional<Refusal> cycle(JobFile job, Entry.CycleEvent event, Instant now) {
        Optional<Refusal> open = afterWayBack(job);
        if (open.isPresent()) {
            return open;
        }
        if (job.cycleVerdict().result().standing() == Kept.Standing.REPEAT) {
            return no("step", "This cycle was not kept; begin it again, or leave it out with a reason.");
        }
        if (event.happened().isAfter(now)) {
            return no("happened", "%s has not come yet; accepted is up to now.".formatted(event.happened()));
        }
        List<Entry.CycleEvent> events = job.soakLog().events();
        if (events.isEmpty()) {
            return event.step() == Entry.CycleStep.CHARGE_STARTED
                    ? Optional.empty()
                    : no("step", "The cycle begins with plugging in.");
        }
        Entry.CycleEvent last = events.getLast();
        if (event.step().compareTo(last.step()) <= 0) {
            return no(
                    "step",
                    "“%s” comes before “%s”, which has happened."
                            .formatted(event.step().words(), last.step().words()));
        }
        return event.happened().isBefore(last.happened())
                ? no(
                        "happened",
                        "%s lies before “%s” at %s."
                                .formatted(event.happened(), last.step().words(), last.happened()))
                : Optional.empty();
    }

    private static Optional<Refusal> signed(JobFile job, Entry.SignedOff signed, Role by) {
        if (by == Role.TRAINEE || signed.as().compareTo(by) > 0) {
            return no(
                    "as",
                    "A %s cannot sign as %s."
                            .formatted(
                                    by.name().toLowerCase(java.util.Locale.ROOT),
                                    signed.as().name().toLowerCase(java.util.Locale.ROOT)));
        }
        if (job.signedBy(signed.as())) {
            return no("as", "Signed already.");
        }
        NextThing next = job.next();
        return next.stage() == Stage.HAND_BACK && job.stored().isPresent()
                ? Optional.empty()
                : no("as", "Not ready to sign: %s.".formatted(next.what()));
    }

    private static Optional<Refusal> no(String field, String reason) {
        return Optional.of(new Refusal(field, reason));
    }
}
