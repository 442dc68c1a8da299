package glowkettle.finding;

/**
 * Names the rule that a finding is of, and what sort of finding that is.
 *
 * @param id kebab-case, stable over versions
 */
public record RuleId(String id, Sort sort) {
    private static final String MISSING = "missing-";

    /** What a finding says of the readings it was made from. */
    public enum Sort {
        /** They are there, and say so. */
        FOUND,
        /** They are there, and more would have to be measured to say less. */
        UNMEASURED,
        /** One is not there. */
        MISSING,
        /** Some cannot be true together. */
        CONTRADICTED
    }

    /**
     * @throws IllegalArgumentException where an id looks like that of a missing reading and is none, or the other way round
     */
    public RuleId {
        boolean named = id.startsWith(MISSING);
        boolean wanted = sort == Sort.MISSING || sort == Sort.CONTRADICTED;
        if (named != wanted) {
            throw new IllegalArgumentException("'%s' is no id of a rule that is %s".formatted(id, sort));
        }
    }

    public static RuleId found(String id) {
        return new RuleId(id, Sort.FOUND);
    }

    public static RuleId unmeasured(String id) {
        return new RuleId(id, Sort.UNMEASURED);
    }

    public static RuleId missing(String reading) {
        return new RuleId(MISSING + reading, Sort.MISSING);
    }

    /** A reading to be taken again. */
    public static RuleId contradicted(String reading) {
        return new RuleId(MISSING + reading, Sort.CONTRADICTED);
    }

    /** A reading is not there, or not to be believed. */
    public boolean asksForAReading() {
        return switch (sort) {
            case MISSING, CONTRADICTED -> true;
            case FOUND, UNMEASURED -> false;
        };
    }
}
