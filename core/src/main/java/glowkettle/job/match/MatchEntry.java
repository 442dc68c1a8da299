package glowkettle.job.match;

import glowkettle.assess.HazardReadings;
import glowkettle.finding.Flat;
import glowkettle.finding.Says;
import glowkettle.finding.Within;
import glowkettle.finding.Worded;
import glowkettle.job.Entry;
import glowkettle.match.CellSize;
import glowkettle.match.GroupVoltages;
import glowkettle.match.Layout;
import glowkettle.match.Mending;
import glowkettle.match.PackFigures;
import glowkettle.match.Screening;
import java.math.BigDecimal;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** What is drawn, measured, matched and built, so that a pack of cells comes of a box of them. */
public sealed interface MatchEntry extends Entry {
    /** A grid for the old pack, its cells seen from the top. */
    record OldPackBegun(
            @Says("Groups in series") @Within(min = "1", max = "20", whole = true)
            BigDecimal series,

            @Says("Cells in parallel") @Within(min = "1", max = "100", whole = true)
            BigDecimal parallel,

            @Says("Rows") @Within(min = "1", max = "100", whole = true)
            BigDecimal rows,

            @Says("Rows lie") Layout.Arrangement arrangement,
            @Says("Its groups lie") Start start)
            implements MatchEntry {}

    /** What the drawing begins with. */
    enum Start implements Worded {
        EMPTY("to be tapped cell by cell"),
        COLUMNS("group beside group, turned by turns: to be checked");

        private final String words;

        Start(String words) {
            this.words = words;
        }

        @Override
        public String words() {
            return words;
        }
    }

    /** A cell of the grid belongs to a group. */
    record OldCellMarked(
            @Says("Place") @Within(min = "1", max = "2000", whole = true)
            BigDecimal place,

            @Says("Group") @Within(min = "1", max = "20", whole = true)
            BigDecimal group)
            implements MatchEntry {}

    /** The cells of a group lie the other way round. */
    record OldGroupTurned(
            @Says("Group") @Within(min = "1", max = "20", whole = true)
            BigDecimal group) implements MatchEntry {}

    /** Where a pin of the sense plug leads to. */
    record SenseLeadFollowed(
            @Says("Pin, from the marked end") @Within(min = "1", max = "21", whole = true)
            BigDecimal pin,

            @Says("On: 0 is minus, 1 lies after the first group") @Within(min = "0", max = "20", whole = true)
            BigDecimal tap)
            implements MatchEntry {}

    /** The old groups under the meter. */
    record OldGroupsMetered(GroupVoltages.Request voltages) implements MatchEntry {}

    /** Weak groups of a pack that still works. */
    record MendingRead(Mending.Request mending) implements MatchEntry {}

    /** A table of cells, as it was understood. */
    record CellsRead(@Says(value = "Table", longest = 120) String name, List<Screening.Cell> cells)
            implements MatchEntry {
        public CellsRead {
            cells = List.copyOf(cells);
        }
    }

    /** One cell, by hand. */
    record CellListed(Screening.Cell cell) implements MatchEntry {}

    /** It has a new wrap, and was looked at again. */
    record CellRewrapped(@Says(value = "Id", longest = 40) String id) implements MatchEntry {}

    /** Another cell in its place, as long as its group is not joined. */
    record CellExchanged(
            @Says(value = "Cell that comes out", longest = 40)
            String out,

            @Says(value = "Cell that goes in", longest = 40) String in)
            implements MatchEntry {}

    /** Every strip and lead is off a group again: its cells lie apart, as if it had never been joined. */
    record StripsOff(
            @Says("Group") @Within(min = "1", max = "20", whole = true)
            BigDecimal group) implements MatchEntry {}

    /** Rested voltage of a cell, again. */
    record CellMetered(
            @Says(value = "Id", longest = 40) String id,

            @Says("Rested voltage") @Within(min = "0.5", max = "5", unit = "V")
            BigDecimal restedV)
            implements MatchEntry {}

    /** Of mixed makers or chemistries one set is kept. */
    record SetKept(Screening.Made made) implements MatchEntry {}

    /** What is to be built. */
    record PackWanted(
            @Says("Groups in series") @Within(min = "1", max = "20", whole = true)
            BigDecimal series,

            @Says("Cells in parallel") @Within(min = "1", max = "100", whole = true)
            BigDecimal parallel,

            @Flat Rated rated,
            @Flat CellSize size,
            @Flat PackFigures.Strips strips,
            @Says("Rows; the better way when not said") Layout.@Nullable Arrangement arrangement,
            @Flat Layout.Parts parts,
            @Flat Layout.Case box)
            implements MatchEntry {}

    /** What its cells are sold as, and what is asked of them. */
    record Rated(
            @Says("Rated capacity of a cell") @Within(min = "1", max = "1000000", unit = "mAh")
            BigDecimal ratingMah,

            @Says("Nominal voltage of a cell") @Within(min = "2", max = "4", unit = "V")
            BigDecimal nominalCellV,

            @Says("Charge limit per cell") @Within(min = "3.4", max = "4.7", unit = "V")
            BigDecimal chargeLimitV,

            @Says("Most a cell may carry") @Within(min = "0.01", max = "200", unit = "A") @Nullable
            BigDecimal cellLimitA,

            @Says("Load") @Within(min = "0.01", max = "1000", unit = "A") @Nullable
            BigDecimal loadA) {}

    /**
     * Which cells go together, as the search answered.
     *
     * @param proven no other way is better
     * @param stopped before the search was through: the best so far
     */
    record Matched(List<Layout.Named> groups, boolean proven, boolean stopped) implements MatchEntry {
        public Matched {
            groups = List.copyOf(groups);
        }
    }

    /** One step of the building is done. */
    record BuildStepDone(
            @Says(value = "Step", longest = 40) String step,
            @Says("Joined by") @Nullable JoinedBy joinedBy,

            @Says("Welds") @Within(min = "0", max = "10000", whole = true) @Nullable
            BigDecimal welds)
            implements MatchEntry, WeldsMade {}

    /** How strips come onto cells. */
    enum JoinedBy implements Worded {
        WELDS("welds"),
        TAGS("solder, on tags");

        private final String words;

        JoinedBy(String words) {
            this.words = words;
        }

        @Override
        public String words() {
            return words;
        }
    }

    /** The new pack looked at, measured, and its groups under the meter. */
    record BuiltGroupsMetered(
            HazardReadings.Look look, HazardReadings.Thickness thickness, GroupVoltages.Request voltages)
            implements MatchEntry {}

    /** The charger is on for the first time, and somebody stays. */
    record PackChargeBegun(
            @Says("Charger set to") @Within(min = "1", max = "120", unit = "V") @Nullable
            BigDecimal chargerV,

            @Says("Charger's current") @Within(min = "0.01", max = "100", unit = "A") @Nullable
            BigDecimal chargerA)
            implements MatchEntry {}

    /** How warm the new pack is meanwhile. */
    record BuiltPackFelt(HazardReadings.Warmth warmth) implements MatchEntry {}

    record PackChargeEnded() implements MatchEntry {}
}
