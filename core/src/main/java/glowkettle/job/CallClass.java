package glowkettle.job;

/** What calls for hands belongs to one class; an older call of a lower class never outranks a higher one. Source: handbook. */
public enum CallClass {
    DANGER,
    WATCH,
    WORK,
    PROMISE;

    /** 1 for what comes first. */
    public int rank() {
        return ordinal() + 1;
    }
}
