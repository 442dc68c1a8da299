package glowkettle.finding;

import org.jspecify.annotations.Nullable;

/**
 * One thing a rule found: what was measured, the limit it was held against, and one plain sentence.
 *
 * @param rule kebab-case id of the rule, stable over versions
 */
public record Finding(
        String rule,
        Weight weight,
        @Nullable Quantity measured,
        @Nullable AppliedLimit limit,
        String sentence) {
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
