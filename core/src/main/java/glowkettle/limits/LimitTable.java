package glowkettle.limits;

import java.util.Locale;

/** The tables that belong to a version of the shop limits. */
public enum LimitTable {
    /** State of charge in %, then the rested voltage per cell of each chemistry family. */
    OPEN_CIRCUIT,
    /** Nominal volts per cell from and to, charge limit per cell, 1 for iron-phosphate. */
    CHEMISTRY_BANDS,
    /** Thread in mm, torque into metal and into plastic in N·m. */
    TORQUE;

    public String id() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }
}
