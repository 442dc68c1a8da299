package glowkettle.app.form;

import glowkettle.app.binding.FilledForm;
import glowkettle.assess.LostPoint;
import java.util.List;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/**
 * A question as it stands in a form: what was typed or is proposed, and what was wrong with it.
 *
 * @param id of the element, unique on the page
 * @param name as it is sent
 * @param values as they stand in it, empty where nothing does
 * @param last the last reading of this kind, one tap away
 */
public record Field(
        Question question,
        String id,
        String name,
        List<String> values,
        @Nullable String fault,
        @Nullable String last) {
    /** So many places are offered for a list, and always two more than are taken. */
    private static final int FEWEST_PLACES = 4;

    public Field {
        values = List.copyOf(values);
    }

    /** @param proposed stands in it until somebody types */
    public static Field in(FilledForm filled, String form, Question question, String path, @Nullable Object proposed) {
        String name = question.many() ? path + "[]" : path;
        List<String> typed = filled.values(form, name);
        List<String> values = typed != null ? typed : proposed == null ? List.of() : List.of(String.valueOf(proposed));
        return new Field(
                question,
                form + "-" + path,
                name,
                values.stream().filter(value -> !value.isBlank()).toList(),
                filled.fault(form, path),
                null);
    }

    public String value() {
        return values.isEmpty() ? "" : values.getFirst();
    }

    public boolean isChosen(String value) {
        return values.contains(value);
    }

    /** The fragment that draws it. */
    public String drawing() {
        boolean chosen = !question.choices().isEmpty();
        if (question.many()) {
            return chosen ? "several" : "places";
        }
        if (chosen) {
            return question.isTapped() ? "taps" : "choice";
        }
        return switch (question.sort()) {
            case FIGURE -> "figure";
            case PROSE -> "prose";
            case CHOICE, YES_NO, MOMENT, MOMENT_AHEAD, DAY, TIME_OF_DAY, TEXT -> "text";
        };
    }

    /** The places of a list of figures or texts. */
    public List<String> places() {
        int places = Math.max(FEWEST_PLACES, values.size() + 2);
        return IntStream.range(0, places)
                .mapToObj(place -> place < values.size() ? values.get(place) : "")
                .toList();
    }

    /** The id of what is said about it, for readers of the screen. */
    public @Nullable String describedBy() {
        return fault != null ? id + "-fault" : question.range().isEmpty() ? null : id + "-range";
    }

    /** The likelier figure, where the one that was typed seems to have lost its point. */
    public @Nullable String meant() {
        return fault == null ? null : LostPoint.meant(name, value()).orElse(null);
    }

    /** Carried along, so that the same figure stands when it comes again. */
    public String asTyped() {
        return AsTyped.kept(name, value());
    }

    /** A last reading, as it would be typed. */
    public Field withLast(@Nullable Object value) {
        return new Field(question, id, name, values, fault, value == null ? null : String.valueOf(value));
    }

    /** In other words than the record's, where the job knows better ones. */
    public Field saying(String label) {
        return new Field(question.saying(label), id, name, values, fault, last);
    }
}
