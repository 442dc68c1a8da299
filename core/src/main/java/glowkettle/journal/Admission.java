package glowkettle.journal;

import glowkettle.assess.Health;
import glowkettle.assess.Resistance;
import glowkettle.assess.Tier;
import glowkettle.assess.TimedRun;
import glowkettle.calibrate.Kept;
import glowkettle.finding.Unanswerable;
import java.time.Instant;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** Whether an entry may be written now, and if not, why. */
public final class Admission {
    private static final Optional<Refusal> NOBODY_CARRIES_IT = no(
            "",
            "Tier Evacuate: nobody carries it. Keep out until it is released; a lead lowers the tier, with a reason.");

    private Admission() {}

    /** The reason an entry is not taken, with the field it belongs to. */
    public record Refusal(String field, String reason) {}

    /** Who wants to write. */
    public record Author(String name, Role role) {}

    /**
     * @param corrects the entry that is corrected or taken back; none for what is new
     * @param files the same job at other states and moments
     */
    public static Optional<Refusal> refuse(
            JobFile job, Entry entry, @Nullable Long corrects, Author author, Instant now, Correction.Files files) {
        return corrects != null || entry instanceof Entry.TakenBack
                ? Correction.refuse(job, corrects, entry, author, files)
                : refuse(job, entry, author, now).or(() -> lowers(job, entry, author, now, files));
    }

    /** What is no reading and lowers a tier all the same, such as another size of the pack, is a lead's to say. */
    private static Optional<Refusal> lowers(
            JobFile job, Entry entry, Author author, Instant now, Correction.Files files) {
        if (author.role() == Role.LEAD || entry instanceof Entry.Reading) {
            return Optional.empty();
        }
        Recorded next = new Recorded(job.state().seq() + 1, now, author.name(), entry, null);
        return Correction.lowered(job, files.at(job.state().and(next), now), file -> Optional.of(file.oldPackTier()))
                .flatMap(lowered ->
                        no("", "This would lower the tier %s: only a lead does that.".formatted(lowered.words())));
    }

    static Optional<Refusal> closedOrTrainee(JobFile job, Entry entry, Role by) {
        if (job.closed() && !afterClosing(entry)) {
            return no("", "The job is signed and closed; write an addendum.");
        }
        // Whoever stands nearest takes the heat away, says what is seen, and shows it.
        boolean always = entry instanceof Entry.Reading
                || entry instanceof FreeEntry.HeatStopped
                || entry instanceof Entry.PhotoTaken
                || entry instanceof Entry.Evacuated;
        return by == Role.TRAINEE && job.tier().result().tier().atLeast(Tier.ISOLATE) && !always
                ? no(
                        "",
                        "Trainees work up to tier Guarded; this job is %s."
                                .formatted(job.tier().result().tier().word()))
                : Optional.empty();
    }

    /** Of a new entry, by what stands in this job alone. */
    public static Optional<Refusal> refuse(JobFile job, Entry entry, Author author, Instant now) {
        Role by = author.role();
        Optional<Refusal> barred = closedOrTrainee(job, entry, by);
        if (barred.isPresent()) {
            return barred;
        }
        Optional<Refusal> locked = Sparks.kindles(entry) ? FreeAdmission.ignition(job, now) : Optional.empty();
        if (locked.isPresent()) {
            return locked;
        }
        return switch (entry) {
            case OpenEntry open -> OpenAdmission.refuse(job, open);
            case FreeEntry free -> FreeAdmission.refuse(job, free, now);
            case Entry.JobOpened ignored -> Optional.empty();
            case Entry.Looked taken -> EmptyReading.refuse(taken.look());
            case Entry.WarmthTaken taken ->
                EmptyReading.refuse(taken.warmth()).or(() -> ReadingAdmission.atRest(job, taken.warmth(), now));
            case Entry.SeamTaken taken -> EmptyReading.refuse(taken.seam());
            case Entry.ThicknessTaken taken ->
                EmptyReading.refuse(taken.thickness())
                        .or(() -> ReadingAdmission.thickness(job, taken.thickness(), "thickness."));
            case Entry.VoltageTaken taken ->
                EmptyReading.refuse(taken.voltage())
                        .or(() -> ReadingAdmission.voltage(taken.voltage(), "voltage.", job.limits()));
            case Entry.NewPackSeen seen -> ReadingAdmission.newPack(job, seen);
            case Entry.GaugeRead read ->
                answerable("reading.", () -> Health.fromGauge(read.reading(), job.limits()))
                        .or(() -> ReadingAdmission.gauge(job, read));
            case Entry.Promised promised -> ArriveAdmission.promised(promised, now);
            case Entry.PressureHeld ignored -> Optional.empty();
            case Entry.Quoted ignored -> Optional.empty();
            case Entry.QuoteAnswered answered -> ArriveAdmission.answered(job, answered);
            case Entry.PhotoTaken ignored -> Optional.empty();
            case Entry.PhotoRemoved removed -> ArriveAdmission.photoRemoved(job, removed, by);
            case Entry.OldPackRead read -> ArriveAdmission.oldPack(job, read);
            case Entry.ModelNamed ignored -> Optional.empty();
            case Entry.WindowCounted counted ->
                answerable("window.", () -> PackHealth.of(job).window(counted.window()));
            case Entry.RunTimed timed -> answerable("run.", () -> TimedRun.read(timed.run(), job.limits()));
            case Entry.ResistanceMeasured measured ->
                answerable("step.", () -> Resistance.of(measured.step(), job.limits()));
            case Entry.RunDownChosen chosen -> runDown(job, chosen);
            case Entry.RunDownWaived ignored -> waived(job, by);
            case Entry.ChargeSeen ignored -> Optional.empty();
            case Entry.Evacuated ignored -> Optional.empty();
            case Entry.Noted ignored -> Optional.empty();
            case Entry.PackOffered offered -> wayBackBegun(job).or(() -> offered(job, offered));
            case Entry.TakenBack ignored -> Optional.empty();
            case Entry.CycleMishap ignored -> Optional.empty();
            case Entry.LeadContinued ignored -> leadContinues(job, by);
            case Entry.TierLowered ignored -> lowered(job, by);
            case Entry.ColdRemovalConfirmed confirmed -> cold(job, confirmed, by);
            case Entry.Rejudged rejudged -> rejudged(job, rejudged, by);
            case Entry.ConditionsConfirmed ignored -> unlessHalted(job);
            case Entry.StepDone step -> WorkAdmission.step(job, step, now);
            case Entry.FastenersOut out -> WorkAdmission.fastenersOut(job, out);
            case Entry.FastenersBack back -> WorkAdmission.fastenersBack(job, back);
            case Entry.PackChosen chosen -> chosen(job, chosen);
            case Entry.PackStored stored -> stored(job, stored, now);
            case Entry.Watched ignored -> inTheStore(job);
            case Entry.PackReleased ignored -> released(job, by);
            case Entry.Checked checked -> checked(job, checked);
            case Entry.CycleEvent event -> CycleAdmission.event(job, event, now);
            case Entry.CycleRepeated ignored ->
                job.soak().verdict().result().standing() == Kept.Standing.REPEAT
                        ? Optional.empty()
                        : no("", "Only a cycle that was not kept is begun again.");
            case Entry.CycleLeftOut ignored -> afterWayBack(job);
            case Entry.SignedOff signed -> SignAdmission.signed(job, signed, author);
            case Entry.Addendum ignored ->
                job.closed() ? Optional.empty() : no("", "The job is open; write a note instead.");
        };
    }

    /** The old pack outlives its job: it is watched, and leaves, when the device is long gone. */
    private static boolean afterClosing(Entry entry) {
        return entry instanceof Entry.Addendum
                || entry instanceof Entry.Watched
                || entry instanceof Entry.TierLowered
                || entry instanceof Entry.PackReleased;
    }

    private static Optional<Refusal> lowered(JobFile job, Role by) {
        if (by != Role.LEAD) {
            return no("reason", "Only a lead lowers a tier.");
        }
        return job.held().isEmpty()
                ? no(
                        "reason",
                        "Nothing is held: it is as the newest readings say. Correct what is wrong, or take it again.")
                : Optional.empty();
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

    /** One after the other, each by itself; who takes it out is a lead's word. */
    private static Optional<Refusal> cold(JobFile job, Entry.ColdRemovalConfirmed confirmed, Role by) {
        Optional<Entry.ColdStep> next = job.coldRemovalNext();
        if (next.isEmpty() || next.get() != confirmed.step()) {
            return no(
                    "step",
                    next.map(step -> "First: %s.".formatted(step.words()))
                            .orElse("Nothing more is to be confirmed for a cold removal."));
        }
        if (confirmed.step().named() && confirmed.name() == null) {
            return no("name", "Say who.");
        }
        return confirmed.step() == Entry.ColdStep.REMOVER && by != Role.LEAD
                ? no("name", "A lead says who takes it out.")
                : Optional.empty();
    }

    /** Values that are each in range and cannot be judged together are asked for again at once. */
    static Optional<Refusal> answerable(String record, Runnable sum) {
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

    private static Optional<Refusal> waived(JobFile job, Role by) {
        if (by != Role.LEAD) {
            return no("reason", "Only a lead lets it be opened at a higher charge.");
        }
        return PackHealth.of(job).waitsForRunDown() ? Optional.empty() : no("reason", "No run-down is waited for.");
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

    private static Optional<Refusal> chosen(JobFile job, Entry.PackChosen chosen) {
        if (!job.liftedOut()) {
            return no("", "The old pack is still in the device: take it out first.");
        }
        long newest = job.state()
                .latestRecorded(Entry.PackOffered.class)
                .map(Recorded::seq)
                .orElse(0L);
        if (chosen.offer() != null && chosen.offer().longValue() != newest) {
            return no("offer", "Another pack has been read since; look at it, then choose.");
        }
        return wayBackBegun(job)
                .or(() -> new PackPromise(job).good())
                // Something may have been read of it since it came out of its box.
                .or(() -> PackPromise.isSound(job.newPackTier()));
    }

    private static Optional<Refusal> wayBackBegun(JobFile job) {
        return job.stepsBack().isEmpty()
                ? Optional.empty()
                : no("", "The way back has begun; take its steps back first.");
    }

    /** A pack has one place; only a device that a lead took out of its container again gives up its own. */
    private static Optional<Refusal> stored(JobFile job, Entry.PackStored stored, Instant now) {
        if (job.released().isPresent()) {
            return no("container", "The old pack has left the store.");
        }
        if (!Boolean.TRUE.equals(stored.wholeDevice()) && !job.liftedOut()) {
            return no(
                    "wholeDevice", "The pack is still in the device: put the whole device away, or take it out first.");
        }
        if (job.freeing().isHeating()) {
            return no("", "It is being heated: take it off the heat first.");
        }
        Optional<Refusal> wet = FreeAdmission.ignition(job, now);
        if (wet.isPresent()) {
            return no("", wet.get().reason() + " It stands open, outdoors or under extraction, until it is dry.");
        }
        if (job.oldPackTier().result().tier() == Tier.EVACUATE) {
            return NOBODY_CARRIES_IT;
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
        if (by != Role.LEAD) {
            return no("", "Only a lead releases a pack for disposal.");
        }
        return job.oldPackTier().result().tier() == Tier.EVACUATE ? NOBODY_CARRIES_IT : inTheStore(job);
    }

    static Optional<Refusal> afterWayBack(JobFile job) {
        boolean backDone = job.packChosen()
                && !job.stepsBack().isEmpty()
                && job.nextStepBack(job.wayBack().result()).isEmpty();
        return backDone ? Optional.empty() : no("", "The device is not closed yet; finish the way back first.");
    }

    private static Optional<Refusal> checked(JobFile job, Entry.Checked checked) {
        boolean known = job.checks().stream().anyMatch(check -> check.id().equals(checked.check()));
        return known ? afterWayBack(job) : no("check", "'%s' is no check of this job.".formatted(checked.check()));
    }

    static Optional<Refusal> no(String field, String reason) {
        return Optional.of(new Refusal(field, reason));
    }
}
