package glowkettle.job.free;

import glowkettle.finding.Says;
import glowkettle.finding.Within;
import glowkettle.free.Bending;
import glowkettle.free.Effort;
import glowkettle.free.LeadOrder;
import glowkettle.free.Loosening;
import glowkettle.free.Solvent;
import glowkettle.heat.Adhesive;
import glowkettle.heat.Refit;
import glowkettle.heat.Setting;
import glowkettle.job.Entry;
import java.math.BigDecimal;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** What happens to a pack between its disconnect and its lift-out. A bond is named by the operation that loosens it. */
public sealed interface FreeEntry extends Entry {
    /** Sand in reach, exit clear. */
    record SandReady() implements FreeEntry {}

    /** Heat goes on. */
    record HeatStarted(
            @Says(value = "Bond", longest = 40) String bond,
            Setting setting,

            @Says("Shop air") @Within(min = "0", max = "45", unit = "°C")
            BigDecimal ambientC,

            @Says("It will stay on the switched-off mat") @Nullable
            Boolean leftOnMat)
            implements FreeEntry {}

    /** Heat is off, and the device off the heat. */
    record HeatStopped(@Says(value = "Bond", longest = 40) String bond) implements FreeEntry {}

    /** A reading while it is hot, with what the curve said of the same place. */
    record HeatRead(
            @Says(value = "Bond", longest = 40) String bond,
            @Says("Where") Refit.Spot spot,

            @Says("Temperature read") @Within(min = "-20", max = "200", unit = "°C")
            BigDecimal temperatureC,

            @Says("The curve says") @Within(min = "-40", max = "200", unit = "°C") @Nullable
            BigDecimal predictedC)
            implements FreeEntry {}

    /** One strip drawn, whole or not. */
    record StripDrawn(
            @Says(value = "Bond", longest = 40) String bond,

            @Says("Strip") @Within(min = "1", max = "20", whole = true)
            BigDecimal strip,

            @Says("Came out whole") Boolean whole,

            @Says("Broke after") @Within(min = "0", max = "1000", unit = "mm") @Nullable
            BigDecimal brokeAtMm)
            implements FreeEntry {}

    /** A try to part the bond, and what it took. */
    record Prised(
            @Says(value = "Bond", longest = 40) String bond,
            @Says("Way") Loosening way,
            @Says("Effort") Effort effort) implements FreeEntry {}

    /** The pack was bent. */
    record Bent(Bending.Bend bend) implements FreeEntry {}

    /** Solvent on a bond. */
    record SolventApplied(
            @Says(value = "Bond", longest = 40) String bond,
            @Says("Solvent") Solvent.Kind solvent,
            @Says("How the wetted area lies") Solvent.Lies lies,

            @Says("Surface now") @Within(min = "-20", max = "200", unit = "°C")
            BigDecimal surfaceC)
            implements FreeEntry {}

    /** The wetted place lies open to the air. */
    record SolventUncovered() implements FreeEntry {}

    /** The leads of a device nobody described; plus and minus are always there. */
    record LeadsFound(
            @Says("Thermistor") @Nullable Boolean thermistor,
            @Says("Identity resistor") @Nullable Boolean identity,

            @Says("One signal, nobody knows which") @Nullable
            Boolean signal,

            @Says("Taps between the cells") @Within(min = "0", max = "12", whole = true) @Nullable
            BigDecimal taps,

            @Says("Shortest free length") @Within(min = "0", max = "2000", unit = "mm")
            BigDecimal shortestMm,

            @Says("A controller sits in the pack") @Nullable Boolean controller)
            implements FreeEntry {}

    /** What the lid of a device nobody described is, and what holds its rim. */
    record RimFound(
            @Says(value = "Bond", longest = 40) String bond,
            @Says("What it is glued with") Adhesive adhesive,
            @Says("What the lid is") Lid lid,

            @Says("Thickness of the lid") @Within(min = "0.2", max = "10", unit = "mm")
            BigDecimal lidMm,

            @Says("Air over the pack, if known") @Within(min = "0.05", max = "5", unit = "mm") @Nullable
            BigDecimal gapMm,

            @Says("Length of the lid") @Within(min = "10", max = "600", unit = "mm")
            BigDecimal lengthMm,

            @Says("Width of the lid") @Within(min = "10", max = "600", unit = "mm")
            BigDecimal widthMm,

            @Says("Width of the glued rim") @Within(min = "0.5", max = "20", unit = "mm")
            BigDecimal rimMm)
            implements FreeEntry {}

    /** What holds the pack of a device nobody described in its bed. */
    record BedFound(
            @Says(value = "Bond", longest = 40) String bond,
            @Says("What it is glued with") Adhesive adhesive,

            @Says("Stretch strips") @Within(min = "1", max = "20", whole = true) @Nullable
            BigDecimal strips,

            @Says("Thickness of the pack") @Within(min = "0.5", max = "50", unit = "mm")
            BigDecimal packMm,

            @Says("Length of the pack") @Within(min = "5", max = "600", unit = "mm")
            BigDecimal lengthMm,

            @Says("Width of the pack") @Within(min = "5", max = "600", unit = "mm")
            BigDecimal widthMm)
            implements FreeEntry {}

    /** Nothing glued was found at a step of a device nobody described. */
    record NotGlued(@Says(value = "Step", longest = 40) String bond) implements FreeEntry {}

    /** Colours and routing, written down before anything comes off. */
    record LeadsNoted(List<LeadNote> leads) implements FreeEntry {
        public LeadsNoted {
            leads = List.copyOf(leads);
        }
    }

    /** A lead as it was found. */
    record LeadNote(
            @Says(value = "Lead", longest = 40) String lead,
            @Says(value = "Colour found", longest = 30) String colour,

            @Says(value = "Where it runs", longest = 200) @Nullable
            String routing) {}

    /** How the leads come off. */
    record LeadSchoolChosen(@Says("How") LeadOrder.School school) implements FreeEntry {}

    /** One conductor is off the board, or cut. */
    record ConductorFreed(
            @Says(value = "Lead", longest = 40) String lead) implements FreeEntry {}

    /** Both its ends are covered. */
    record ConductorCovered(
            @Says(value = "Lead", longest = 40) String lead) implements FreeEntry {}
}
