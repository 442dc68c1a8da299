package glowkettle.app.form;

import java.util.List;

/**
 * What a component of a record asks for.
 *
 * @param label what is asked, as the record says it; else the component's own name in words
 * @param range in words with its unit, empty where there is none
 * @param many a list: it is asked as often as somebody has an answer
 * @param needed nothing is reckoned without it
 * @param choices what can be chosen, empty where it is typed
 */
public record Question(
        String label, String unit, String range, Sort sort, boolean many, boolean needed, List<Choice> choices) {
    /** How it is typed. */
    public enum Sort {
        FIGURE(""),
        CHOICE(""),
        YES_NO(""),
        /** When something was. */
        MOMENT("Thu 16:00, 26 Nov 9:30"),
        /** When something is to be. */
        MOMENT_AHEAD("Thu 16:00, 26 Nov 9:30"),
        DAY("2026-11-26"),
        TIME_OF_DAY("08:30"),
        TEXT(""),
        /** Text of more than a line. */
        PROSE("");

        private final String example;

        Sort(String example) {
            this.example = example;
        }

        public boolean isMoment() {
            return this == MOMENT || this == MOMENT_AHEAD;
        }

        public String example() {
            return example;
        }
    }

    /** One of several, by the name it is sent under. */
    public record Choice(String value, String words) {}

    public Question {
        choices = List.copyOf(choices);
    }

    /** One of a list. */
    Question single() {
        return new Question(label, unit, range, sort, false, needed, choices);
    }

    Question saying(String words) {
        return new Question(words, unit, range, sort, many, needed, choices);
    }

    /** Few enough to lie side by side as taps. */
    public boolean isTapped() {
        return !choices.isEmpty() && choices.size() <= 4;
    }
}
