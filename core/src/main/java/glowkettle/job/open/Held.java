package glowkettle.job.open;

/** What may hold at a step: the glue of a rim, what the pack lies on, or its soldered leads. */
public enum Held {
    RIM,
    BED,
    LEADS
}
