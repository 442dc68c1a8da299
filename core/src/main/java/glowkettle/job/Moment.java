package glowkettle.job;

/** When something was measured: of the device as it came, or after the work. */
public enum Moment {
    BEFORE,
    AFTER
}
