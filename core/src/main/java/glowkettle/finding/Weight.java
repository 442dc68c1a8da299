package glowkettle.finding;

/** How much a finding weighs, weakest first. */
public enum Weight {
    NOTE,
    CARE,
    STOP,
    DANGER
}
