package glowkettle.finding;

import org.jspecify.annotations.Nullable;

/**
 * One thing a rule found: what was measured, the limit it was held against, and one plain sentence.
 *
 * @param ruleId which rule found it
 */
public record Finding(
        RuleId ruleId,
        Weight weight,
        @Nullable Quantity measured,
        @Nullable AppliedLimit limit,
        String sentence) {
    public Finding(
            String rule, Weight weight, @Nullable Quantity measured, @Nullable AppliedLimit limit, String sentence) {
        this(RuleId.found(rule), weight, measured, limit, sentence);
    }

    /** The id of the rule, as it is shown and sent. */
    public String rule() {
        return ruleId.id();
    }

    public static Finding note(String rule, String sentence) {
        return new Finding(rule, Weight.NOTE, null, null, sentence);
    }

    public static Finding care(String rule, String sentence) {
        return new Finding(rule, Weight.CARE, null, null, sentence);
    }

    public static Finding stop(String rule, String sentence) {
        return new Finding(rule, Weight.STOP, null, null, sentence);
    }
}
