package glowkettle.app.library;

import glowkettle.app.binding.Part;
import glowkettle.app.form.Named;
import glowkettle.app.form.Question;
import glowkettle.app.form.Questions;
import glowkettle.library.DeviceModel;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/**
 * A part of a model that is open for change, with its own questions as they are answered now. Whatever it holds that is drawn
 * by itself, such as the layers of a bond, is asked where it is drawn.
 *
 * @param path where it stands in the model, as in {@code bonds[0].stack.cell[2]}
 * @param listed one of several, so that it can be moved among them and taken away
 */
public record ModelPart(String path, String title, List<Group> groups, boolean listed) {
    private static final Pattern SEGMENT = Pattern.compile("([a-zA-Z]+)(?:\\[([0-9]{1,4})])?");
    private static final int MOST_SEGMENTS = 6;
    /** What is asked of the model itself. */
    private static final String DEVICE = "device";

    /**
     * Questions that belong together.
     *
     * @param folded what is seldom asked
     */
    public record Group(String words, boolean folded, List<Asked> asked) {}

    /** A question, where its answer stands, and that answer; of several they stand a line each. */
    public record Asked(String path, Question question, String answer) {
        public String id() {
            return "part-" + path.replaceAll("[^a-zA-Z0-9]", "-");
        }

        /** How its answer is written into the model. */
        public String as() {
            if (question.many()) {
                return "lines";
            }
            return switch (question.sort()) {
                case FIGURE -> "figure";
                case YES_NO -> "flag";
                case CHOICE, MOMENT, MOMENT_AHEAD, DAY, TIME_OF_DAY, TEXT, PROSE -> "text";
            };
        }

        public boolean isSaid(String value) {
            return answer.equals(value);
        }
    }

    /** Empty where nothing stands there, or no record. */
    static Optional<ModelPart> at(DeviceModel model, String path) {
        if (path.equals(DEVICE)) {
            return Optional.of(new ModelPart(DEVICE, title(model), groups(model, ""), false));
        }
        Object held = model;
        String[] segments = path.split("\\.");
        if (segments.length > MOST_SEGMENTS) {
            return Optional.empty();
        }
        for (String segment : segments) {
            Matcher parts = SEGMENT.matcher(segment);
            held = held instanceof Record record && parts.matches()
                    ? element(component(record, parts.group(1)), parts.group(2))
                    : null;
        }
        return held instanceof Record record
                ? Optional.of(new ModelPart(path, title(record), groups(record, path), path.endsWith("]")))
                : Optional.empty();
    }

    private static @Nullable Object element(@Nullable Object held, @Nullable String index) {
        if (index == null) {
            return held;
        }
        int at = Integer.parseInt(index);
        return held instanceof List<?> list && at < list.size() ? list.get(at) : null;
    }

    private static String title(Record record) {
        String kind = Named.sentence(record.getClass().getSimpleName());
        return Part.of(record.getClass()).stream()
                .filter(part -> part.component().getType() == String.class)
                .filter(part -> List.of("label", "name", "place", "id").contains(part.name()))
                .map(part -> part.in(record))
                .filter(String.class::isInstance)
                .map(name -> kind + ": " + name)
                .reduce((earlier, later) -> later)
                .orElse(kind);
    }

    private static List<Group> groups(Record record, String path) {
        List<Group> groups = new ArrayList<>();
        groups.add(new Group("", false, asked(record.getClass(), record, path)));
        for (Part part : Part.of(record.getClass())) {
            Class<?> type = part.component().getType();
            if (type.isRecord()) {
                groups.add(
                        new Group(Named.sentence(part.name()), true, asked(type, part.in(record), within(path, part))));
            }
        }
        return groups.stream().filter(group -> !group.asked().isEmpty()).toList();
    }

    /** @param record null where nothing of it is told yet */
    private static List<Asked> asked(Class<?> type, @Nullable Object record, String path) {
        return Part.of(type).stream()
                .filter(part -> !Questions.elementType(part).isRecord())
                .map(part -> new Asked(
                        within(path, part), Questions.of(part), record == null ? "" : answer(part.in(record))))
                .toList();
    }

    private static String within(String path, Part part) {
        return path.isEmpty() ? part.name() : path + "." + part.name();
    }

    private static String answer(@Nullable Object value) {
        return switch (value) {
            case null -> "";
            case BigDecimal figure -> figure.toPlainString();
            case Enum<?> constant -> constant.name();
            case Collection<?> several ->
                String.join("\n", several.stream().map(String::valueOf).toList());
            default -> value.toString();
        };
    }

    private static @Nullable Object component(Record record, String name) {
        return Part.of(record.getClass()).stream()
                .filter(part -> part.name().equals(name))
                .findFirst()
                .map(part -> part.in(record))
                .orElse(null);
    }
}
