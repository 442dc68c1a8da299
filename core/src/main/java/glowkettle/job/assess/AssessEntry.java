package glowkettle.job.assess;

import glowkettle.assess.GaugeReading;
import glowkettle.assess.HazardReadings;
import glowkettle.assess.PartialWindow;
import glowkettle.assess.Resistance;
import glowkettle.assess.RunDown;
import glowkettle.assess.TimedRun;
import glowkettle.finding.Says;
import glowkettle.finding.Within;
import glowkettle.finding.Worded;
import glowkettle.job.Entry;
import glowkettle.job.Moment;
import java.math.BigDecimal;
import org.jspecify.annotations.Nullable;

/** What is read of the pack that came, how it is brought down, and what a lead decides of it. */
public sealed interface AssessEntry extends Entry {
    /** What is seen and smelt. */
    record Looked(HazardReadings.Look look) implements AssessEntry {}

    /** Surface temperature and what could explain it. */
    record WarmthTaken(HazardReadings.Warmth warmth) implements AssessEntry {}

    /** What a hand says of a device that shows nothing, in place of a figure. */
    record FeltByHand(
            HazardReadings.Hand hand,

            @Says("Shop air") @Within(min = "-40", max = "60", unit = "°C") @Nullable
            BigDecimal ambientC)
            implements AssessEntry {}

    /** The seam gauged, or the rock test made. */
    record SeamTaken(HazardReadings.Seam seam) implements AssessEntry {}

    /** The pack's thickness, in hand. */
    record ThicknessTaken(HazardReadings.Thickness thickness) implements AssessEntry {}

    /** Rested voltage per cell. */
    record VoltageTaken(HazardReadings.Voltage voltage) implements AssessEntry {}

    /** The gauge read out. */
    record GaugeRead(Moment moment, GaugeReading reading) implements AssessEntry {}

    /** Charge counted between two rested voltages. */
    record WindowCounted(PartialWindow.Readings window) implements AssessEntry {}

    /** A run from full to shut-down, timed. */
    record RunTimed(TimedRun.Readings run) implements AssessEntry {}

    /** A load step at the pack. */
    record ResistanceMeasured(Resistance.Readings step) implements AssessEntry {}

    /** How the pack is brought to the charge it is worked on with. */
    record RunDownChosen(
            @Says("How it is brought down") RunDown.School school,

            @Says("Load") @Within(min = "0.05", max = "1000", unit = "W") @Nullable
            BigDecimal loadW,

            @Says("State of charge now") @Within(min = "0", max = "100", unit = "%")
            BigDecimal socPercent)
            implements AssessEntry {}

    /** A lead lets it be opened at a higher charge than it was to be run down to, and says why. */
    record RunDownWaived(
            @Says(value = "Reason", longest = 300) String reason) implements AssessEntry {}

    /** The charge shown while it runs down. */
    record ChargeSeen(
            @Says("State of charge now") @Within(min = "0", max = "100", unit = "%")
            BigDecimal socPercent) implements AssessEntry {}

    /** A lead goes on with an isolated job, and says why. */
    record LeadContinued(
            @Says(value = "Reason", longest = 500) String reason) implements AssessEntry {}

    /** What isolated a pack is over: a lead lowers its tier to what the newest readings say, and says why. */
    record TierLowered(
            @Says(value = "Reason", longest = 500) String reason) implements AssessEntry {}

    /** One thing that a cold removal begins with, confirmed. */
    record ColdRemovalConfirmed(
            @Says("Confirmed") ColdStep step,
            @Says(value = "Who", longest = 80) @Nullable String name) implements AssessEntry {}

    /** Between two steps of a cold removal: any of it stops it, and the whole device is isolated. */
    record ColdStepLooked(
            @Says("Resistance") Boolean resistance,
            @Says("Smell") Boolean smell,
            @Says("Warmth") Boolean warmth) implements AssessEntry {
        public boolean stops() {
            return resistance || smell || warmth;
        }
    }

    /** What stands ready before an isolated pack is taken out cold, in order. Source: handbook, Assess, Cards. */
    enum ColdStep implements Worded {
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

        @Override
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
            @Says(value = "Reason", longest = 500) String reason) implements AssessEntry {}

    /** What happened when the room was cleared, written afterwards. */
    record Evacuated(
            @Says(value = "What happened, what was done, who was called", longest = 2000)
            String account) implements AssessEntry {}
}
