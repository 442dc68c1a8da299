package glowkettle.journal;

import glowkettle.assess.Resistance;
import glowkettle.assess.Tier;
import glowkettle.assess.TimedRun;
import glowkettle.calibrate.Kept;
import glowkettle.finding.Unanswerable;
import glowkettle.fit.Verdict;
import glowkettle.open.WayBack;
import java.time.Instant;
import java.util.List;
import java.util.Optional;

/** Whether an entry may be written now, and if not, why. */
public final class Admission {
    private Admission() {}

    /** The reason an entry is not taken, with the field it belongs to. */
    public record Refusal(String field, String reason) {}

    public static Optional<Refusal> refuse(JobFile job, Entry entry, Role by, Instant now) {
        if (job.closed() && !afterClosing(entry)) {
            return no("", "The job is signed and closed; write an addendum.");
        }
        // Whoever stands nearest takes the heat away.
        boolean always = Hazards.isReading(entry) || entry instanceof FreeEntry.HeatStopped;
        if (by == Role.TRAINEE && job.tier().result().tier().atLeast(Tier.ISOLATE) && !always) {
            return no(
                    "",
                    "Trainees work up to tier Guarded; this job is %s."
                            .formatted(job.tier().result().tier().word()));
        }
        Optional<Refusal> locked = kindles(job, entry) ? FreeAdmission.ignition(job, now) : Optional.empty();
        if (locked.isPresent()) {
            return locked;
        }
        return switch (entry) {
            case OpenEntry open -> OpenAdmission.refuse(job, open);
            case FreeEntry free -> FreeAdmission.refuse(job, free, now);
            case Entry.JobOpened ignored -> Optional.empty();
            case Entry.Looked taken -> EmptyReading.refuse(taken.look());
            case Entry.WarmthTaken taken -> EmptyReading.refuse(taken.warmth());
            case Entry.SeamTaken taken -> EmptyReading.refuse(taken.seam());
            case Entry.ThicknessTaken taken -> EmptyReading.refuse(taken.thickness());
            case Entry.VoltageTaken taken -> EmptyReading.refuse(taken.voltage());
            case Entry.GaugeRead ignored -> Optional.empty();
            case Entry.Promised promised -> ArriveAdmission.promised(promised, now);
            case Entry.PressureHeld ignored -> Optional.empty();
            case Entry.Quoted ignored -> Optional.empty();
            case Entry.QuoteAnswered answered -> ArriveAdmission.answered(job, answered);
            case Entry.PhotoTaken ignored -> Optional.empty();
            case Entry.PhotoRemoved removed -> ArriveAdmission.photoRemoved(job, removed, by);
            case Entry.OldPackRead read -> ArriveAdmission.oldPack(job, read);
            case Entry.ModelNamed ignored -> Optional.empty();
            case Entry.WindowCounted ignored -> Optional.empty();
            case Entry.RunTimed timed -> answerable("run.", () -> TimedRun.read(timed.run(), job.limits()));
            case Entry.ResistanceMeasured measured ->
                answerable("step.", () -> Resistance.of(measured.step(), job.limits()));
            case Entry.RunDownChosen chosen -> runDown(job, chosen);
            case Entry.ChargeSeen ignored -> Optional.empty();
            case Entry.Evacuated ignored -> Optional.empty();
            case Entry.Noted ignored -> Optional.empty();
            case Entry.PackOffered offered -> offered(job, offered);
            case Entry.TakenBack ignored -> Optional.empty();
            case Entry.CycleMishap ignored -> Optional.empty();
            case Entry.LeadContinued ignored -> leadContinues(job, by);
            case Entry.Rejudged rejudged -> rejudged(job, rejudged, by);
            case Entry.ConditionsConfirmed ignored -> unlessHalted(job);
            case Entry.StepDone step -> WorkAdmission.step(job, step, now);
            case Entry.FastenersOut out -> WorkAdmission.fastenersOut(job, out);
            case Entry.FastenersBack back -> WorkAdmission.fastenersBack(job, back);
            case Entry.PackChosen ignored -> chosen(job);
            case Entry.PackStored ignored -> stored(job);
            case Entry.Watched ignored -> inTheStore(job);
            case Entry.PackReleased ignored -> released(job, by);
            case Entry.Checked checked -> checked(job, checked);
            case Entry.CycleEvent event -> cycle(job, event, now);
            case Entry.CycleRepeated ignored ->
                job.soak().verdict().result().standing() == Kept.Standing.REPEAT
                        ? Optional.empty()
                        : no("", "Only a cycle that was not kept is begun again.");
            case Entry.CycleLeftOut ignored -> afterWayBack(job);
            case Entry.SignedOff signed -> signed(job, signed, by);
            case Entry.Addendum ignored ->
                job.closed() ? Optional.empty() : no("", "The job is open; write a note instead.");
        };
    }

    /** What closes a circuit, loads or charges a pack: a spark beside wet solvent. */
    private static boolean kindles(JobFile job, Entry entry) {
        return switch (entry) {
            case Entry.StepDone step ->
                step.way() == Entry.Way.BACK
                        && (step.step().equals(WayBack.LIVE_CHECK)
                                || job.operation(step.step())
                                        .filter(operation -> operation.kind().disconnects())
                                        .isPresent());
            case Entry.Checked ignored -> true;
            case Entry.CycleEvent ignored -> true;
            case Entry.ResistanceMeasured ignored -> true;
            default -> false;
        };
    }

    /** The old pack outlives its job: it is watched, and leaves, when the device is long gone. */
    private static boolean afterClosing(Entry entry) {
        return entry instanceof Entry.Addendum || entry instanceof Entry.Watched || entry instanceof Entry.PackReleased;
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

    /** Values that are each in range and cannot be judged together are asked for again at once. */
    private static Optional<Refusal> answerable(String record, Runnable sum) {
        try {
            sum.run();
            return Optional.empty();
        } catch (Unanswerable unanswerable) {
            return no(record + unanswerable.field(), String.valueOf(unanswerable.getMessage()));
        }
    }

    private static Optional<Refusal> runDown(JobFile job, Entry.RunDownChosen chosen) {
        return PackHealth.of(job).runDown(chosen.socPercent(), chosen.loadW()).result().schools().stream()
                .filter(ranked -> ranked.school() == chosen.school() && ranked.refused())
                .findFirst()
                .map(ranked -> new Refusal("school", ranked.reason()));
    }

    private static Optional<Refusal> rejudged(JobFile job, Entry.Rejudged rejudged, Role by) {
        if (by != Role.LEAD) {
            return no("reason", "Only a lead has a job judged by another version of the shop limits.");
        }
        return rejudged.limitsVersion() > job.limits().version()
                ? Optional.empty()
                : no(
                        "reason",
                        "The job is judged by version %s already."
                                .formatted(job.limits().version()));
    }

    static Optional<Refusal> unlessHalted(JobFile job) {
        return job.halted()
                ? no(
                        "",
                        "Tier %s: the plan waits; %s."
                                .formatted(
                                        job.tier().result().tier().word(),
                                        job.tier().result().tier().meaning()))
                : Optional.empty();
    }

    /** A label nobody can judge is asked for again at once, while the pack is still in the hand. */
    private static Optional<Refusal> offered(JobFile job, Entry.PackOffered offered) {
        if (!job.packKnown()) {
            return no("label.capacityMah", "Read the old pack's label and measure its bay first.");
        }
        try {
            job.compare(offered.label());
            job.soak().phaseTimes(offered.label().capacityMah());
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
        if (job.released().isPresent()) {
            return no("container", "The old pack has left the store.");
        }
        long times = job.state().all(Entry.PackStored.class).count();
        long takenOn = job.state().all(Entry.LeadContinued.class).count();
        return times > takenOn
                ? no(
                        "container",
                        "It is in %s already; take that back first."
                                .formatted(job.stored().orElseThrow().containerName()))
                : Optional.empty();
    }

    private static Optional<Refusal> inTheStore(JobFile job) {
        if (job.stored().isEmpty()) {
            return no("surfaceC", "The pack of job %s is in no container.".formatted(job.number()));
        }
        return job.released().isPresent()
                ? no("surfaceC", "The pack of job %s has left the store.".formatted(job.number()))
                : Optional.empty();
    }

    private static Optional<Refusal> released(JobFile job, Role by) {
        return by == Role.LEAD ? inTheStore(job) : no("", "Only a lead releases a pack for disposal.");
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
        if (job.soak().verdict().result().standing() == Kept.Standing.REPEAT) {
            return no("step", "This cycle was not kept; begin it again, or leave it out with a reason.");
        }
        if (event.happened().isAfter(now)) {
            return no("happened", "%s has not come yet; accepted is up to now.".formatted(event.happened()));
        }
        List<Entry.CycleEvent> events = job.soak().log().events();
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
        return next.stage() == Stage.HAND_BACK && (job.stored().isPresent() || job.keepsPack())
                ? Optional.empty()
                : no("as", "Not ready to sign: %s.".formatted(next.what()));
    }

    static Optional<Refusal> no(String field, String reason) {
        return Optional.of(new Refusal(field, reason));
    }
}
