package glowkettle.job;

/** Whether an entry closes a circuit, heats, loads or charges: a spark beside wet solvent. */
public enum Spark {
    KINDLES,
    /** It kindles, and wants a welder whose level is proven. */
    WELDS,
    HARMLESS
}
