package glowkettle.job.free;

import glowkettle.finding.Says;
import glowkettle.finding.Within;
import glowkettle.free.Bending;
import glowkettle.free.Effort;
import glowkettle.free.LeadOrder;
import glowkettle.free.Loosening;
import glowkettle.free.Solvent;
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
