package glowkettle.app.web;

import glowkettle.finding.Figures;
import glowkettle.journal.Entry;
import glowkettle.journal.Firmness;
import glowkettle.journal.FreeEntry;
import glowkettle.journal.JobFile;
import glowkettle.journal.Kinds;
import glowkettle.journal.OpenEntry;
import glowkettle.journal.Recorded;
import glowkettle.journal.Stage;
import java.math.BigDecimal;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/** A journal in words. */
public record EntryWords(
        long seq,
        Instant at,
        String by,
        String what,
        Stage stage,
        boolean replaced,
        boolean takeable,
        boolean correctable,
        @Nullable Long corrects) {
    /** What templates ask for words. */
    public enum Speaker {
        INSTANCE;

        public String of(Recorded recorded, JobFile job) {
            return words(recorded.entry(), job);
        }

        /** The words beside an entry field, for a fault that concerns it. */
        public String field(String kind, String path) {
            Class<?> type = Kinds.BY_ID.get(kind);
            return type == null ? path : FieldWords.of(type, path);
        }
    }

    static List<EntryWords> list(List<Recorded> journal, JobFile job, @Nullable Long before, int most) {
        Set<Long> replaced = journal.stream()
                .map(Recorded::corrects)
                .filter(Objects::nonNull)
                .collect(Collectors.toSet());
        return journal.reversed().stream()
                .filter(recorded -> before == null || recorded.seq() < before)
                .limit(most)
                .map(recorded -> new EntryWords(
                        recorded.seq(),
                        recorded.at(),
                        recorded.by(),
                        words(recorded.entry(), job),
                        stage(recorded.entry()),
                        replaced.contains(recorded.seq()),
                        Firmness.of(recorded.entry()).isTakeable(),
                        hasForm(recorded.entry()),
                        recorded.corrects()))
                .toList();
    }

    /** Readings and labels are typed, so they are corrected by typing them again; everything else is taken back. */
    private static boolean hasForm(Entry entry) {
        return switch (entry) {
            case Entry.Looked ignored -> true;
            case Entry.WarmthTaken ignored -> true;
            case Entry.SeamTaken ignored -> true;
            case Entry.ThicknessTaken ignored -> true;
            case Entry.VoltageTaken ignored -> true;
            case Entry.GaugeRead ignored -> true;
            case Entry.WindowCounted ignored -> true;
            case Entry.OldPackRead ignored -> true;
            case Entry.RunTimed ignored -> true;
            case Entry.ResistanceMeasured ignored -> true;
            case Entry.PackOffered ignored -> true;
            case Entry.NewPackSeen ignored -> true;
            default -> false;
        };
    }

    static Stage stage(Entry entry) {
        return switch (entry) {
            case OpenEntry.OldPackReturns ignored -> Stage.FIT;
            case FreeEntry.NewLeadsMeasured ignored -> Stage.FIT;
            case OpenEntry ignored -> Stage.OPEN;
            case FreeEntry ignored -> Stage.FREE;
            case Entry.JobOpened ignored -> Stage.ARRIVE;
            case Entry.PressureHeld held -> held.moment() == Entry.Moment.BEFORE ? Stage.ARRIVE : Stage.PROVE;
            case Entry.Promised ignored -> Stage.ARRIVE;
            case Entry.Quoted ignored -> Stage.ARRIVE;
            case Entry.QuoteAnswered ignored -> Stage.ARRIVE;
            case Entry.PhotoTaken ignored -> Stage.ARRIVE;
            case Entry.PhotoRemoved ignored -> Stage.ARRIVE;
            case Entry.OldPackRead ignored -> Stage.FIT;
            case Entry.ModelNamed ignored -> Stage.ARRIVE;
            case Entry.Looked ignored -> Stage.ASSESS;
            case Entry.WarmthTaken ignored -> Stage.ASSESS;
            case Entry.SeamTaken ignored -> Stage.ASSESS;
            case Entry.ThicknessTaken ignored -> Stage.ASSESS;
            case Entry.VoltageTaken ignored -> Stage.ASSESS;
            case Entry.GaugeRead read -> read.moment() == Entry.Moment.BEFORE ? Stage.ASSESS : Stage.PROVE;
            case Entry.LeadContinued ignored -> Stage.ASSESS;
            case Entry.TierLowered ignored -> Stage.ASSESS;
            case Entry.Evacuated ignored -> Stage.ASSESS;
            case Entry.Rejudged ignored -> Stage.ASSESS;
            case Entry.WindowCounted ignored -> Stage.ASSESS;
            case Entry.RunTimed ignored -> Stage.ASSESS;
            case Entry.ResistanceMeasured ignored -> Stage.ASSESS;
            case Entry.RunDownChosen ignored -> Stage.ASSESS;
            case Entry.ChargeSeen ignored -> Stage.ASSESS;
            case Entry.RunDownWaived ignored -> Stage.ASSESS;
            case Entry.ColdRemovalConfirmed ignored -> Stage.ASSESS;
            case Entry.NewPackSeen ignored -> Stage.FIT;
            case Entry.ConditionsConfirmed ignored -> Stage.OPEN;
            case Entry.StepDone step -> step.way() == Entry.Way.IN ? Stage.OPEN : Stage.WAY_BACK;
            case Entry.FastenersOut ignored -> Stage.OPEN;
            case Entry.FastenersBack ignored -> Stage.WAY_BACK;
            case Entry.Noted ignored -> Stage.OPEN;
            case Entry.PackOffered ignored -> Stage.FIT;
            case Entry.PackChosen ignored -> Stage.FIT;
            case Entry.PackStored ignored -> Stage.HAND_BACK;
            case Entry.Watched ignored -> Stage.HAND_BACK;
            case Entry.PackReleased ignored -> Stage.HAND_BACK;
            case Entry.Checked ignored -> Stage.PROVE;
            case Entry.CycleEvent ignored -> Stage.CALIBRATE;
            case Entry.CycleMishap ignored -> Stage.CALIBRATE;
            case Entry.CycleRepeated ignored -> Stage.CALIBRATE;
            case Entry.CycleLeftOut ignored -> Stage.CALIBRATE;
            case Entry.SignedOff ignored -> Stage.HAND_BACK;
            case Entry.Addendum ignored -> Stage.HAND_BACK;
            case Entry.TakenBack ignored -> Stage.ARRIVE;
        };
    }

    static String words(Entry entry, JobFile job) {
        return switch (entry) {
            case OpenEntry open -> BenchWords.of(open, job);
            case FreeEntry free -> BenchWords.of(free, job);
            case Entry.JobOpened opened ->
                "Job opened for " + opened.owner() + ": " + job.model().name();
            case Entry.PressureHeld held ->
                "Pressure hold: " + held.held().verdict().words()
                        + (held.held().leakMlPerMin() == null
                                ? ""
                                : ", " + figure(held.held().leakMlPerMin(), "mL/min"));
            case Entry.Promised promised ->
                "Promised for " + promised.promise().truncatedTo(ChronoUnit.MINUTES)
                        + (promised.reason() == null ? "" : ": " + promised.reason());
            case Entry.Quoted quoted ->
                "Quoted: %s, %s packs to choose from"
                        .formatted(
                                figure(quoted.request().labourMinutes(), "min"),
                                quoted.request().offers().size());
            case Entry.QuoteAnswered answered ->
                answered.accepted()
                        ? "Quote accepted" + (answered.offer() == null ? "" : ": " + answered.offer())
                        : "Quote declined";
            case Entry.PhotoTaken photo -> "Photo" + (photo.caption() == null ? "" : ": " + photo.caption());
            case Entry.PhotoRemoved removed -> "Photo removed: " + removed.reason();
            case Entry.OldPackRead read ->
                "Old pack: %s, %s, charged to %s per cell"
                        .formatted(
                                figure(read.pack().nominalV(), "V"),
                                figure(read.pack().capacityMah(), "mAh"),
                                figure(read.pack().chargeLimitV(), "V"));
            case Entry.ModelNamed named -> "It is a " + job.model().name() + " (" + named.modelId() + ")";
            case Entry.Looked looked -> "Looked and smelt: " + seen(looked.look());
            case Entry.WarmthTaken taken ->
                "Surface %s, air %s"
                        .formatted(
                                figure(taken.warmth().surfaceC(), "°C"),
                                figure(taken.warmth().ambientC(), "°C"));
            case Entry.SeamTaken taken ->
                "Seam %s%s"
                        .formatted(
                                figures(taken.seam().seamMm(), "mm"),
                                taken.seam().rocks() == null
                                        ? ""
                                        : taken.seam().rocks() ? ", rocks" : ", does not rock");
            case Entry.ThicknessTaken taken ->
                "Thickness: middle %s, corners %s"
                        .formatted(
                                figure(taken.thickness().middleThicknessMm(), "mm"),
                                figures(taken.thickness().cornerThicknessMm(), "mm"));
            case Entry.VoltageTaken taken -> "Rested " + figure(taken.voltage().restedCellV(), "V") + " per cell";
            case Entry.GaugeRead read ->
                "Gauge %s: %s of %s"
                        .formatted(
                                read.moment() == Entry.Moment.BEFORE ? "before" : "after",
                                figure(read.reading().fullChargeCapacityMah(), "mAh"),
                                figure(read.reading().designCapacityMah(), "mAh"));
            case Entry.LeadContinued lead -> "A lead goes on: " + lead.reason();
            case Entry.TierLowered lowered -> "A lead lowers the tier: " + lowered.reason();
            case Entry.Evacuated evacuated -> "Evacuated: " + evacuated.account();
            case Entry.WindowCounted counted ->
                "Window %s to %s: %s counted"
                        .formatted(
                                figure(counted.window().fullerRestedCellV(), "V"),
                                figure(counted.window().emptierRestedCellV(), "V"),
                                figure(counted.window().chargeCountedAh(), "Ah"));
            case Entry.RunTimed timed ->
                "Run: running after %s, off after %s"
                        .formatted(
                                figure(timed.run().lastSeenRunningHours(), "h"),
                                figure(timed.run().foundOffHours(), "h"));
            case Entry.ResistanceMeasured measured ->
                "Load step %s: %s, then %s"
                        .formatted(
                                figure(measured.step().loadA(), "A"),
                                figure(measured.step().restV(), "V"),
                                figure(measured.step().loadAfter1sV(), "V"));
            case Entry.RunDownChosen chosen -> chosen.school().words() + ", at " + figure(chosen.socPercent(), "%");
            case Entry.ChargeSeen seen -> "Charge shown: " + figure(seen.socPercent(), "%");
            case Entry.RunDownWaived waived -> "A lead lets it be opened at a higher charge: " + waived.reason();
            case Entry.ColdRemovalConfirmed confirmed ->
                "Cold removal: " + confirmed.step().words() + (confirmed.name() == null ? "" : ": " + confirmed.name());
            case Entry.NewPackSeen seen ->
                "New pack looked at: %s, %s, %s per cell"
                        .formatted(
                                seen(seen.look()),
                                figure(seen.thickness().middleThicknessMm(), "mm"),
                                figure(seen.voltage().restedCellV(), "V"));
            case Entry.Rejudged rejudged ->
                "Judged by version %s of the shop limits: %s".formatted(rejudged.limitsVersion(), rejudged.reason());
            case Entry.ConditionsConfirmed ignored -> "Mat or strap on, conditions read";
            case Entry.StepDone step -> (step.way() == Entry.Way.IN ? "Done: " : "Back: ") + label(step.step(), job);
            case Entry.FastenersOut out ->
                "Out: " + String.join(", ", out.out())
                        + (out.missing().isEmpty() ? "" : "; were missing: " + String.join(", ", out.missing()));
            case Entry.FastenersBack back ->
                "Back in: "
                        + back.placements().stream()
                                .map(placement -> placement.fastener().equals(placement.hole())
                                        ? placement.hole()
                                        : placement.fastener() + " in the hole of " + placement.hole())
                                .collect(Collectors.joining(", "));
            case Entry.Noted noted -> "Note: " + noted.note();
            case Entry.PackOffered offered ->
                "New pack: %s, %s"
                        .formatted(
                                figure(offered.label().nominalV(), "V"),
                                figure(offered.label().capacityMah(), "mAh"));
            case Entry.PackChosen ignored -> "This pack goes in";
            case Entry.PackStored stored ->
                (Boolean.TRUE.equals(stored.wholeDevice()) ? "Whole device" : "Old pack") + " into “"
                        + stored.containerName() + "”";
            case Entry.Watched watched ->
                "Watch: surface %s, air %s%s"
                        .formatted(
                                figure(watched.surfaceC(), "°C"),
                                figure(watched.ambientC(), "°C"),
                                watched.look() == null ? "" : "; " + seen(watched.look()));
            case Entry.PackReleased released ->
                "Old pack handed over to %s, hand-over %s".formatted(released.collector(), released.handOver());
            case Entry.Checked checked ->
                "Check “%s”: %s".formatted(checked.check(), lower(checked.outcome()))
                        + (checked.remark() == null ? "" : ", " + checked.remark());
            case Entry.CycleEvent event -> "Soak cycle: " + event.step().words();
            case Entry.CycleRepeated ignored -> "Soak cycle: begun again";
            case Entry.CycleMishap mishap -> "Soak cycle: " + mishap.mishap().sentence();
            case Entry.CycleLeftOut left -> "No calibration: " + left.reason();
            case Entry.SignedOff signed ->
                "Signed as " + lower(signed.as()) + (signed.forTheOwner() == null ? "" : ": " + signed.forTheOwner());
            case Entry.Addendum addendum -> "Addendum: " + addendum.text();
            case Entry.TakenBack taken -> "Taken back" + (taken.reason() == null ? "" : ": " + taken.reason());
        };
    }

    private static String label(String step, JobFile job) {
        return job.operation(step).map(operation -> operation.label()).orElse(step.replace('-', ' '));
    }

    private static String seen(glowkettle.assess.HazardReadings.Look look) {
        List<String> seen = new ArrayList<>();
        add(seen, look.flameSmokeHissJet(), "flame, smoke or hiss");
        add(seen, look.visiblePillow(), "pillow");
        add(seen, look.pushedOutOfPlace(), "something pushed out of place");
        add(seen, look.piercedTornCreased(), "pierced or torn");
        add(seen, look.dentedBentDropped(), "dented, bent or dropped");
        add(seen, look.leakOrSolventSmell(), "leak or solvent smell");
        if (look.wet() != null && look.wet() != glowkettle.assess.HazardReadings.Wet.NO) {
            seen.add(lower(look.wet()) + " wet");
        }
        return seen.isEmpty() ? "nothing found" : String.join(", ", seen);
    }

    private static void add(List<String> seen, @Nullable Boolean yes, String words) {
        if (Boolean.TRUE.equals(yes)) {
            seen.add(words);
        }
    }

    private static String figure(@Nullable BigDecimal value, String unit) {
        return value == null ? "not taken" : Figures.withUnit(value, unit);
    }

    private static String figures(List<BigDecimal> values, String unit) {
        return values.isEmpty()
                ? "not taken"
                : values.stream().map(Figures::of).collect(Collectors.joining(" · ")) + " " + unit;
    }

    private static String lower(Enum<?> constant) {
        return constant.name().toLowerCase(Locale.ROOT).replace('_', ' ');
    }
}
