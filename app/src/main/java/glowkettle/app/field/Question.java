package glowkettle.app.field;

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
        FIGURE,
        CHOICE,
        YES_NO,
        MOMENT,
        DAY,
        TIME_OF_DAY,
        TEXT
    }

    /** One of several, by the name it is sent under. */
    public record Choice(String value, String words) {}

    public Question {
        choices = List.copyOf(choices);
    }

    /** Few enough to lie side by side as taps. */
    public boolean isTapped() {
        return !choices.isEmpty() && choices.size() <= 4;
    }
}
