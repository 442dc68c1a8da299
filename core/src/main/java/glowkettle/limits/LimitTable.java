package glowkettle.limits;

import glowkettle.finding.Worded;
import java.util.List;
import java.util.Locale;

/** The tables that belong to a version of the shop limits. */
public enum LimitTable implements Worded {
    /** State of charge in %, then the rested voltage per cell of each chemistry family. */
    OPEN_CIRCUIT("Rested voltage and state of charge"),
    /** Nominal volts per cell from and to, charge limit per cell, 1 for iron-phosphate. */
    CHEMISTRY_BANDS("Nominal voltage and charge limit"),
    /** Thread in mm, torque into metal and into plastic in N·m. */
    TORQUE("Hand torque by thread"),
    /** Material by its number, then conductivity, density and specific heat. */
    LAYERS("Layers that heat goes through");

    private final String words;

    LimitTable(String words) {
        this.words = words;
    }

    @Override
    public String words() {
        return words;
    }

    public String id() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    public List<TableRule.Column> columns() {
        return TableRule.columns(this);
    }
}
