package glowkettle.finding;

import java.math.BigDecimal;

/** A limit that decided something, with where its value comes from. */
public record AppliedLimit(String id, BigDecimal value, String unit, Source source) {
    /** Whose number it is. */
    public enum Source implements Worded {
        MAKER("maker's value"),
        SHOP("shop limit"),
        BUILT_IN("built-in default");

        private final String words;

        Source(String words) {
            this.words = words;
        }

        @Override
        public String words() {
            return words;
        }
    }

    @Override
    public String toString() {
        return Figures.withUnit(value, unit) + " (" + source.words() + ")";
    }
}
