package glowkettle.job.join;

import glowkettle.cell.Box;
import glowkettle.finding.Flat;
import glowkettle.finding.Says;
import glowkettle.finding.Within;
import glowkettle.finding.Worded;
import glowkettle.job.Entry;
import glowkettle.job.match.WeldsMade;
import glowkettle.join.GaugeData;
import glowkettle.join.JointHeat;
import glowkettle.join.LeadFinder;
import glowkettle.join.Splices;
import glowkettle.join.Strip;
import glowkettle.join.Transplant;
import glowkettle.join.WeldLadder;
import java.math.BigDecimal;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** What is told apart, soldered, welded and moved over, so that a new pack or cell is joined to its device. */
public sealed interface JoinEntry extends Entry {
    /** The leads of the new pack as they lie, and what they can be. */
    record LeadsListed(
            List<LeadFinder.NewLead> leads,
            @Flat Occurring roles,

            @Says("Section of a lead") @Within(min = "0.01", max = "50", unit = "mm²")
            BigDecimal sectionMm2,

            @Flat Inside inside,

            @Says("No resistor at hand: by thickness and colour once the polarity is measured") @Nullable
            Boolean byLooks)
            implements JoinEntry {
        public LeadsListed(List<LeadFinder.NewLead> leads, Occurring roles, BigDecimal sectionMm2, Inside inside) {
            this(leads, roles, sectionMm2, inside, null);
        }

        public LeadsListed {
            leads = List.copyOf(leads);
        }
    }

    /** How often each role can occur; more than once is a doubled lead. */
    record Occurring(
            @Says("Plus leads") @Within(min = "1", max = "3", whole = true)
            BigDecimal plusLeads,

            @Says("Minus leads") @Within(min = "1", max = "3", whole = true)
            BigDecimal minusLeads,

            @Says("Taps between cells") @Within(min = "0", max = "4", whole = true)
            BigDecimal taps,

            @Says("A thermistor lead can be there") Boolean thermistor,
            @Says("An identity resistor can be there") Boolean identity) {}

    /** Resistors of the pack, where they are known. */
    record Inside(
            @Says("Thermistor at 25 °C; the shop's when not said")
            @Within(min = "0.1", max = "1000", unit = "kΩ")
            @Nullable
            BigDecimal thermistorKohm,

            @Says("Thermistor, B; the shop's when not said") @Within(min = "2000", max = "5000", unit = "K") @Nullable
            BigDecimal thermistorB,

            @Says("Identity resistor") @Within(min = "10", max = "1000000", unit = "Ω") @Nullable
            BigDecimal identityOhm) {}

    /** One reading between two leads, with nothing attached. */
    record LeadMetered(LeadFinder.Reading reading) implements JoinEntry {}

    /** Where each conductor is cut, and what goes over its joint. */
    record SplicesPlanned(
            Splices.Request splices, @Says("Over the joint") Insulation insulation) implements JoinEntry {}

    /** What goes over a splice, the better one first. */
    enum Insulation implements Worded {
        HEAT_SHRINK("heat-shrink sleeve", "First choice: it stays where it is."),
        TAPE("tape", "Second: tape creeps when it gets warm.");

        private final String words;
        private final String reason;

        Insulation(String words, String reason) {
            this.words = words;
            this.reason = reason;
        }

        @Override
        public String words() {
            return words;
        }

        public String reason() {
            return reason;
        }
    }

    /** The sleeve is on the conductor, before it is soldered. */
    record LeadSleeved(@Says(value = "Pad", longest = 30) String pad) implements JoinEntry {}

    /** One conductor is soldered. */
    record LeadSoldered(@Says(value = "Pad", longest = 30) String pad) implements JoinEntry {}

    /** It was pulled. */
    record LeadTugged(
            @Says(value = "Pad", longest = 30) String pad,
            @Says("It held") Boolean held) implements JoinEntry {}

    /** The iron is on a tag. */
    record JointBegun(@Says("Way") School school, JointHeat.Request joint) implements JoinEntry {}

    /** The iron is off. */
    record JointEnded() implements JoinEntry {}

    /** What leads heat into a cell, the better one first. */
    enum School implements Worded {
        TAGS("Solder to factory-welded tags"),
        CELL("Solder on the cell: discouraged");

        private final String words;

        School(String words) {
            this.words = words;
        }

        @Override
        public String words() {
            return words;
        }
    }

    /** A strip as it is sold and as it reads. */
    record StripRead(Strip.Request strip) implements JoinEntry {}

    /** The stack to weld, and the levels of the welder. */
    record WelderSet(
            @Says("Thickness of the strip") @Within(min = "0.03", max = "1", unit = "mm")
            BigDecimal thicknessMm,

            @Says("Lowest level of the welder") @Within(min = "1", max = "99", whole = true)
            BigDecimal lowestLevel,

            @Says("Highest level of the welder") @Within(min = "1", max = "99", whole = true)
            BigDecimal highestLevel)
            implements JoinEntry {}

    /** Trial welds on scrap of the same stack, and what they held. */
    record WeldTried(WeldLadder.Trial trial) implements JoinEntry {}

    /** Welds on the pack itself. */
    record Welded(
            @Says("Welds made") @Within(min = "1", max = "1000", whole = true)
            BigDecimal welds) implements JoinEntry, WeldsMade {}

    /** A controller board is to go onto a new cell. */
    record TransplantPlanned(Transplant.Request transplant) implements JoinEntry {}

    /** One step of it. */
    record TransplantStepDone(@Says("Step") TransplantStep step) implements JoinEntry {}

    /** The folded pack, held against its bay. */
    record FoldedMeasured(@Flat(words = "Folded") Box size) implements JoinEntry {}

    /** What the meter says of cell and board. */
    record BoardMetered(
            @Says("At the cell") @Within(min = "-150", max = "150", unit = "V")
            BigDecimal cellV,

            @Says("At the board") @Within(min = "-150", max = "150", unit = "V")
            BigDecimal boardV)
            implements JoinEntry {}

    /** What the gauge on the board says of itself. */
    record GaugeReadOut(GaugeData gauge) implements JoinEntry {}

    /** The gauge does not answer: nobody knows what it says. */
    record GaugeSilent() implements JoinEntry {}

    /** What becomes of the old cell's history in the gauge. */
    record GaugeSchoolChosen(@Says("How") GaugeSchool school) implements JoinEntry {}

    /** The gauge is about to be written; whether it took it, the next read-out says. */
    record GaugeWriteBegun(GaugeData gauge) implements JoinEntry {}

    /** Another pack, known to be good, put in between to clear what the device says. */
    record HelperPackUsed(
            @Says(value = "What it is, and its lot", longest = 120)
            String name,

            @Says("Rested voltage per cell") @Within(min = "0", max = "5", unit = "V")
            BigDecimal restedCellV,

            @Says("The device's message went away") Boolean cleared)
            implements JoinEntry {}

    /** The first charge of the cell under its old board; somebody stays with it. */
    record FirstChargeBegun() implements JoinEntry {}

    record FirstChargeEnded() implements JoinEntry {}
}
