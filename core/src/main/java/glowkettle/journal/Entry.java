package glowkettle.journal;

import glowkettle.arrive.OpenedBefore;
import glowkettle.arrive.PressureHold;
import glowkettle.arrive.Quote;
import glowkettle.arrive.Symptom;
import glowkettle.assess.GaugeReading;
import glowkettle.assess.HazardReadings;
import glowkettle.assess.PartialWindow;
import glowkettle.assess.Resistance;
import glowkettle.assess.RunDown;
import glowkettle.assess.Tier;
import glowkettle.assess.TimedRun;
import glowkettle.calibrate.Kept;
import glowkettle.finding.Says;
import glowkettle.finding.Within;
import glowkettle.fit.PackLabel;
import glowkettle.library.OldPack;
import glowkettle.open.Tray;
import glowkettle.prove.CheckList;
import java.math.BigDecimal;
import java.time.Instant;
import java.util.Collections;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import org.jspecify.annotations.Nullable;

/** Something that happened to a job. Sealed: a new kind makes every switch that must know it fail to compile. */
public sealed interface Entry {
    /** Kinds that stand in files of their own. */
    sealed interface Apart extends Entry permits OpenEntry, FreeEntry {}

    /** What is read of a pack, and can tell its tier. */
    sealed interface Reading extends Entry
            permits Looked,
                    WarmthTaken,
                    SeamTaken,
                    ThicknessTaken,
                    VoltageTaken,
                    GaugeRead,
                    NewPackSeen,
                    Watched,
                    FreeEntry.HeatRead,
                    FreeEntry.Bent {}

    /** Which way a step went. */
    enum Way {
        IN,
        BACK
    }

    /** When a gauge was read: the old pack's, or the new one's. */
    enum Moment {
        BEFORE,
        AFTER
    }

    /** The device came to the counter. */
    record JobOpened(
            @Says(value = "Model", longest = 60) String modelId,

            @Says(value = "Model or regulatory code", longest = 60) @Nullable
            String modelCode,

            @Says(value = "Serial", longest = 60) @Nullable String serial,
            @Says(value = "Owner", longest = 120) String owner,

            @Says(value = "How to reach the owner", longest = 200) @Nullable
            String contact,

            @Says("What is wrong") Set<Symptom> symptoms,

            @Says("Runs from full for") @Within(min = "0", max = "200", unit = "h") @Nullable
            BigDecimal runtimeHours,

            @Says("Shuts down at") @Within(min = "0", max = "100", unit = "%") @Nullable
            BigDecimal shutDownPercent,

            @Says("Opened before") OpenedBefore openedBefore,
            @Says("Promised for") @Nullable Instant promise,
            int limitsVersion)
            implements Entry {
        public JobOpened {
            symptoms = Collections.unmodifiableSet(new TreeSet<>(symptoms));
        }
    }

    /** When the owner is told to come; earlier than the plan allows needs a reason. */
    record Promised(
            @Says("Promised for") Instant promise,

            @Says(value = "Why earlier than the plan", longest = 300) @Nullable
            String reason)
            implements Entry {}

    /** The shell held under pressure; the samples stand in the bench log that is named. */
    record PressureHeld(
            Moment moment,
            @Says(value = "Bench log", longest = 40) String log,
            BigDecimal targetKpa,
            BigDecimal volumeMl,
            PressureHold held)
            implements Entry {}

    /** What the job costs. */
    record Quoted(Quote.Request request) implements Entry {}

    /** What the owner said to the quote; an accepted one names the pack. */
    record QuoteAnswered(
            @Says("Accepted") Boolean accepted,

            @Says(value = "Pack taken", longest = 80) @Nullable
            String offer) implements Entry {}

    /** A photo of the job, kept beside the journal. */
    record PhotoTaken(
            @Says(value = "Photo", longest = 40) String photo,
            @Says(value = "Step", longest = 60) @Nullable String step,

            @Says(value = "What it shows", longest = 200) @Nullable
            String caption)
            implements Entry {}

    /** A lead removed a photo, and said why. */
    record PhotoRemoved(
            @Says(value = "Photo", longest = 40) String photo,
            @Says(value = "Reason", longest = 300) String reason) implements Entry {}

    /** The label of the old pack and its bay, where the model is only a family. */
    record OldPackRead(OldPack pack) implements Entry {}

    /** The device turned out to be this model. */
    record ModelNamed(@Says(value = "Model", longest = 60) String modelId) implements Entry {}

    /** What is seen and smelt. */
    record Looked(HazardReadings.Look look) implements Reading {}

    /** Surface temperature and what could explain it. */
    record WarmthTaken(HazardReadings.Warmth warmth) implements Reading {}

    /** The seam gauged, or the rock test made. */
    record SeamTaken(HazardReadings.Seam seam) implements Reading {}

    /** The pack's thickness, in hand. */
    record ThicknessTaken(HazardReadings.Thickness thickness) implements Reading {}

    /** Rested voltage per cell. */
    record VoltageTaken(HazardReadings.Voltage voltage) implements Reading {}

    /** The gauge read out. */
    record GaugeRead(Moment moment, GaugeReading reading) implements Reading {}

    /** Charge counted between two rested voltages. */
    record WindowCounted(PartialWindow.Readings window) implements Entry {}

    /** A run from full to shut-down, timed. */
    record RunTimed(TimedRun.Readings run) implements Entry {}

    /** A load step at the pack. */
    record ResistanceMeasured(Resistance.Readings step) implements Entry {}

    /** How the pack is brought to the charge it is worked on with. */
    record RunDownChosen(
            @Says("How it is brought down") RunDown.School school,

            @Says("Load") @Within(min = "0.05", max = "1000", unit = "W") @Nullable
            BigDecimal loadW,

            @Says("State of charge now") @Within(min = "0", max = "100", unit = "%")
            BigDecimal socPercent)
            implements Entry {}

    /** A lead lets it be opened at a higher charge than it was to be run down to, and says why. */
    record RunDownWaived(
            @Says(value = "Reason", longest = 300) String reason) implements Entry {}

    /** The charge shown while it runs down. */
    record ChargeSeen(
            @Says("State of charge now") @Within(min = "0", max = "100", unit = "%")
            BigDecimal socPercent) implements Entry {}

    /** A lead goes on with an isolated job, and says why. */
    record LeadContinued(
            @Says(value = "Reason", longest = 500) String reason) implements Entry {}

    /** What isolated a pack is over: a lead lowers its tier to what the newest readings say, and says why. */
    record TierLowered(
            @Says(value = "Reason", longest = 500) String reason) implements Entry {}

    /** One thing that a cold removal begins with, confirmed. */
    record ColdRemovalConfirmed(
            @Says("Confirmed") ColdStep step,
            @Says(value = "Who", longest = 80) @Nullable String name) implements Entry {}

    /** What stands ready before an isolated pack is taken out cold, in order. Source: handbook, Assess, Cards. */
    enum ColdStep {
        OFF("Off and unplugged; no run-down, no charge, no heat", false),
        EYES("Eye protection on, everybody near it", false),
        GLOVES("Nitrile gloves on, no rings, no metal watch", false),
        PLACE("Outdoors, or under extraction", false),
        SECOND_PERSON("A second person stays near", true),
        CONTAINER("The open container stands beside it", false),
        REMOVER("Who takes it out: a lead, or somebody a lead names and stands by", true);

        private final String words;
        private final boolean named;

        ColdStep(String words, boolean named) {
            this.words = words;
            this.named = named;
        }

        public String words() {
            return words;
        }

        /** A person is named. */
        public boolean named() {
            return named;
        }
    }

    /** A lead has the job judged by another version of the shop limits, and says why. */
    record Rejudged(
            int limitsVersion,
            @Says(value = "Reason", longest = 500) String reason) implements Entry {}

    /** What happened when the room was cleared, written afterwards. */
    record Evacuated(
            @Says(value = "What happened", longest = 2000) String account) implements Entry {}

    /** Mat or strap on, and the conditions of the tier read and kept. */
    record ConditionsConfirmed() implements Entry {}

    /** One operation of the teardown or of the way back. */
    record StepDone(
            Way way, @Says(value = "Step", longest = 60) String step) implements Entry {}

    /** Fasteners out of the device and in the tray; missing ones were not there. */
    record FastenersOut(
            @Says(value = "Fasteners out", longest = 20) List<String> out,

            @Says(value = "Fasteners that were missing", longest = 20)
            List<String> missing)
            implements Entry {
        public FastenersOut {
            out = List.copyOf(out);
            missing = List.copyOf(missing);
        }
    }

    /** Fasteners from the tray into holes. */
    record FastenersBack(List<Tray.Placement> placements) implements Entry {
        public FastenersBack {
            placements = List.copyOf(placements);
        }
    }

    /** Something found at a step that the model does not show. */
    record Noted(
            @Says(value = "Step", longest = 60) @Nullable String step,
            @Says(value = "Note", longest = 1000) String note)
            implements Entry {}

    /** A new pack's label and size. */
    record PackOffered(PackLabel label) implements Entry {}

    /** The new pack, as it came out of its box. */
    record NewPackSeen(
            HazardReadings.Look look,
            HazardReadings.Thickness thickness,
            HazardReadings.Voltage voltage,

            @Says("Mass") @Within(min = "0.1", max = "100000", unit = "g") @Nullable
            BigDecimal massG)
            implements Reading {}

    /** The offered pack is the one that goes in; which one is named by its entry, or it was the newest by then. */
    record PackChosen(
            @Says("The pack, by the entry of its label") @Within(min = "1", max = "1000000000", whole = true) @Nullable
            BigDecimal offer)
            implements Entry {
        public PackChosen() {
            this(null);
        }
    }

    /** The old pack, or the whole device, is in a container. */
    record PackStored(
            @Says(value = "Container", longest = 40) String container,

            @Says(value = "Name of the container", longest = 80)
            String containerName,

            Tier tier,
            BigDecimal energyWh,

            @Says("The whole device, with its pack") @Nullable
            Boolean wholeDevice)
            implements Entry {}

    /** A look at the stored pack: one temperature, its air, and whatever else was seen. */
    record Watched(
            @Says("Surface of the pack or its container") @Within(min = "-40", max = "1000", unit = "°C")
            BigDecimal surfaceC,

            @Says("Air around it") @Within(min = "-40", max = "60", unit = "°C")
            BigDecimal ambientC,

            HazardReadings.@Nullable Look look)
            implements Reading {}

    /** The old pack left the store for disposal. */
    record PackReleased(
            int handOver,
            @Says(value = "Collector", longest = 120) String collector) implements Entry {}

    /** A function was tried. */
    record Checked(
            @Says(value = "Check", longest = 60) String check,
            @Says("How it came out") CheckList.Outcome outcome,
            @Says(value = "Remark", longest = 300) @Nullable String remark)
            implements Entry {}

    /** An event of the soak cycle, with the time it happened. */
    record CycleEvent(
            @Says("What happened") CycleStep step,
            @Says("When") Instant happened,

            @Says("Nobody saw it; the time is reckoned from the run-down's length") @Nullable
            Boolean reckoned)
            implements Entry {}

    /** Something that can spoil the soak cycle. */
    record CycleMishap(@Says("What went wrong") Kept.Mishap mishap) implements Entry {}

    /** The soak cycle begins again from its first charge. */
    record CycleRepeated() implements Entry {}

    /** No calibration, and why. */
    record CycleLeftOut(
            @Says(value = "Reason", longest = 300) String reason) implements Entry {}

    /** The job is signed; a lead who takes on a failed check says to the owner what it means. */
    record SignedOff(
            Role as,

            @Says(value = "For the owner, of the check that failed", longest = 300) @Nullable
            String forTheOwner)
            implements Entry {
        public SignedOff(Role as) {
            this(as, null);
        }
    }

    /** Written after the job was signed. */
    record Addendum(
            @Says(value = "Addendum", longest = 2000) String text) implements Entry {}

    /** The entry it corrects does not count; a lead says why, where that lowers a tier from Isolate or worse. */
    record TakenBack(
            @Says(value = "Reason", longest = 500) @Nullable String reason) implements Entry {
        public TakenBack() {
            this(null);
        }
    }

    /** The hand actions and sightings of a soak cycle, in order. */
    enum CycleStep {
        CHARGE_STARTED("plugged in"),
        FULL_SEEN("seen full"),
        RUN_DOWN_STARTED("unplugged, running down"),
        SHUT_DOWN_SEEN("found shut down"),
        LAST_CHARGE_STARTED("plugged in for the last charge"),
        LAST_CHARGE_ENDED("full again, unplugged");

        private final String words;

        CycleStep(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    default String kind() {
        return Kinds.id(getClass());
    }
}
