package glowkettle.job;

/** Why something calls for hands; an older call of a lower one never outranks a higher one. Source: handbook, What comes first. */
public enum Attention {
    DANGER,
    WATCH,
    WORK,
    PROMISE;

    /** 1 for what comes first. */
    public int rank() {
        return ordinal() + 1;
    }
}
