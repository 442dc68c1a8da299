package glowkettle.calibrate;

import glowkettle.finding.Worded;
import glowkettle.library.DeviceModel;
import glowkettle.library.Mounting;
import java.math.BigDecimal;
import java.util.List;
import java.util.Locale;

/** How the gauge of a device learns its new pack. Source: handbook, Calibrate. */
public enum School implements Worded {
    SOAK("Soak cycle", "laptops and packs of cells: full, soaked, down to its shut-down, rested, full again"),
    LIGHT("Light", "phones, handhelds, headsets: full in one go, used down to 10 %, full again in one go") {
        @Override
        public String instruction(Phase phase) {
            return switch (phase) {
                case CHARGE_AND_SOAK -> "Plug in and charge to 100 % in one go.";
                case RUN_DOWN -> "Unplug and use it down to 10 %.";
                case OFF_REST -> "Nothing: it may be used, or left.";
                case LAST_CHARGE -> "Plug in and charge to 100 % in one go.";
            };
        }

        @Override
        public String words(Phase phase) {
            return switch (phase) {
                case CHARGE_AND_SOAK -> "Charge";
                case RUN_DOWN -> "In use";
                case OFF_REST, LAST_CHARGE -> phase.words();
            };
        }

        @Override
        BigDecimal downToPercent(BigDecimal shutDownPercent) {
            return shutDownPercent.max(BigDecimal.TEN);
        }
    };

    private final String words;
    private final String why;

    School(String words, String why) {
        this.words = words;
        this.why = why;
    }

    @Override
    public String words() {
        return words;
    }

    /** For which devices, and what it consists of. */
    public String why() {
        return why;
    }

    /** Full, it stays on its charger; empty, it stays off. */
    public boolean soaks() {
        return this == SOAK;
    }

    /** What was changed for it and is put back at its end, each by its name; customers come back for these. */
    public List<String> settingsToPutBack() {
        return soaks()
                ? List.of(
                        "Power saving", "Sleep, with the lid shut and after a while", "Brightness and screen time-out")
                : List.of();
    }

    /** It takes its time; empty, a device that is not soaked may be charged at once. */
    public boolean has(Phase phase) {
        return soaks() || phase != Phase.OFF_REST;
    }

    /** What a phase is called. */
    public String words(Phase phase) {
        return phase.words();
    }

    /** What hands do in a phase. */
    public String instruction(Phase phase) {
        return phase.instruction();
    }

    /** The charge at which the run-down is over. */
    BigDecimal downToPercent(BigDecimal shutDownPercent) {
        return shutDownPercent;
    }

    /** What a model proposes by its kind. */
    public static School proposedFor(DeviceModel model) {
        boolean big = model.housing().mounting() == Mounting.CELL_PACK
                || model.identity().kind().toLowerCase(Locale.ROOT).contains("laptop");
        return big ? SOAK : LIGHT;
    }
}
