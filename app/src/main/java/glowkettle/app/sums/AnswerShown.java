package glowkettle.app.sums;

import glowkettle.app.binding.Part;
import glowkettle.app.form.Named;
import glowkettle.app.form.Questions;
import glowkettle.app.format.Words;
import glowkettle.app.schema.JsonNames;
import glowkettle.finding.Figures;
import java.math.BigDecimal;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * An answer as it is read: its figures, and below them what it holds as records or lists of them.
 *
 * @param kind which of several outcomes it is, empty where there is but one
 */
public record AnswerShown(String kind, List<Figure> figures, List<Block> blocks) {
    /** From here on a number of seconds is also said in minutes. */
    private static final BigDecimal LONG_S = new BigDecimal("120");

    private static final int LONG_TEXT = 24;

    /** What is said in one place, with its unit. */
    public record Figure(String label, String text) {}

    /** What has a heading of its own: figures, or a table. */
    public record Block(String heading, List<Figure> figures, List<String> columns, List<List<String>> rows) {
        public boolean isLong() {
            return rows.size() > 16;
        }
    }

    static AnswerShown of(@Nullable Object answer, Words words) {
        return new Reader(words).read(answer);
    }

    private record Reader(Words words) {
        AnswerShown read(@Nullable Object answer) {
            List<Block> blocks = new ArrayList<>();
            return switch (answer) {
                case null -> new AnswerShown("None", List.of(), blocks);
                case Collection<?> many -> {
                    blocks.add(table("", many));
                    yield new AnswerShown(many.isEmpty() ? "None" : "", List.of(), blocks);
                }
                case Record record -> new AnswerShown(kind(record), figures(record, blocks), blocks);
                default -> new AnswerShown(text(answer, ""), List.of(), blocks);
            };
        }

        private static String kind(Record record) {
            return JsonNames.isOutcome(record.getClass())
                    ? Named.of(record.getClass().getSimpleName()).words()
                    : "";
        }

        private List<Figure> figures(Record record, List<Block> blocks) {
            List<Figure> figures = new ArrayList<>();
            for (Part part : Part.of(record.getClass())) {
                Object value = bare(part.in(record));
                String label = Questions.label(part);
                switch (value) {
                    case Record inner -> {
                        int place = blocks.size();
                        List<Figure> within = figures(inner, blocks);
                        blocks.add(place, new Block(label, within, List.of(), List.of()));
                    }
                    case Collection<?> many
                    when many.stream().anyMatch(Record.class::isInstance) -> blocks.add(table(label, many));
                    case Collection<?> many
                    when many.stream().anyMatch(Reader::isSentence) -> blocks.add(table(label, many));
                    case Map<?, ?> pairs
                    when pairs.values().stream().anyMatch(Record.class::isInstance) ->
                        blocks.add(table(label, pairs.values()));
                    case null, default -> figures.add(new Figure(label, text(value, unit(part))));
                }
            }
            return figures;
        }

        /** Words that want a line of their own. */
        private static boolean isSentence(Object one) {
            return one instanceof String text && text.length() > LONG_TEXT;
        }

        private Block table(String heading, Collection<?> many) {
            Class<?> type =
                    many.stream().findFirst().<Class<?>>map(Object::getClass).orElse(Object.class);
            if (!type.isRecord()) {
                return new Block(
                        heading,
                        List.of(),
                        List.of(),
                        many.stream().map(one -> List.of(text(one, ""))).toList());
            }
            List<Part> parts = Part.of(type);
            return new Block(
                    heading,
                    List.of(),
                    parts.stream().map(Questions::label).toList(),
                    many.stream()
                            .map(row -> parts.stream()
                                    .map(part -> text(bare(part.in(row)), unit(part)))
                                    .toList())
                            .toList());
        }

        private static String unit(Part part) {
            return Questions.of(part).unit();
        }

        private static @Nullable Object bare(@Nullable Object value) {
            return value instanceof Optional<?> optional ? optional.orElse(null) : value;
        }

        private String text(@Nullable Object value, String unit) {
            return switch (value) {
                case null -> "not told";
                case BigDecimal figure -> figure(figure, unit);
                case Double real -> Double.isFinite(real) ? figure(Figures.round(real, 3), unit) : "not told";
                case Integer whole -> figure(BigDecimal.valueOf(whole), unit);
                case Long whole -> figure(BigDecimal.valueOf(whole), unit);
                case Boolean truth -> truth ? "yes" : "no";
                case Enum<?> constant -> Questions.words(constant);
                case Instant at -> words.when(at);
                case Duration duration -> span(duration);
                case Collection<?> many when many.isEmpty() -> "none";
                case Collection<?> many ->
                    many.stream().map(one -> text(one, unit)).collect(Collectors.joining(", "));
                case Map<?, ?> pairs ->
                    pairs.entrySet().stream()
                            .map(pair -> text(pair.getKey(), "") + " " + text(pair.getValue(), ""))
                            .collect(Collectors.joining(", "));
                case Record record ->
                    Part.of(record.getClass()).stream()
                            .map(part -> {
                                Object inner = bare(part.in(record));
                                return inner == null || inner instanceof Collection<?> many && many.isEmpty()
                                        ? null
                                        : text(inner, unit(part));
                            })
                            .filter(Objects::nonNull)
                            .collect(Collectors.joining(", "));
                default -> String.valueOf(value);
            };
        }

        private String figure(BigDecimal value, String unit) {
            String plain = Figures.withUnit(Figures.plain(value), unit);
            return unit.equals("s") && value.compareTo(LONG_S) >= 0 ? plain + " (" + words.minutes(value) + ")" : plain;
        }

        private static String span(Duration duration) {
            return duration.toHours() > 0
                    ? duration.toHours() + " h " + duration.toMinutesPart() + " min"
                    : duration.toMinutes() + " min";
        }
    }
}
