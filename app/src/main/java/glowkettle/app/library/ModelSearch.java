package glowkettle.app.library;

import glowkettle.library.DeviceModel;
import java.util.Arrays;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.OptionalInt;
import java.util.stream.Stream;
import org.apache.commons.text.similarity.LevenshteinDistance;

/** Finds models by words of their name or by a code, the nearest first; a typing error or two is forgiven. */
public final class ModelSearch {
    private static final int EXACT = 0;
    private static final int BEGINS = 1;
    private static final int WITHIN = 3;
    private static final int MISTYPED = 5;
    /** A shorter word with a letter changed is another word. */
    private static final int SHORTEST_MISTYPED = 4;

    private static final int TWICE_MISTYPED = 7;

    private ModelSearch() {}

    private record Ranked(DeviceModel model, int distance) {}

    public static List<DeviceModel> find(Collection<DeviceModel> models, String typed, int most) {
        List<String> wanted = words(typed);
        if (wanted.isEmpty()) {
            return List.of();
        }
        return models.stream()
                .flatMap(model -> distance(model, wanted).stream().mapToObj(far -> new Ranked(model, far)))
                .sorted(Comparator.comparingInt(Ranked::distance)
                        .thenComparing(ranked -> ranked.model().identity().name()))
                .limit(most)
                .map(Ranked::model)
                .toList();
    }

    /** Empty where a word that was typed is nowhere near any of the model's. */
    private static OptionalInt distance(DeviceModel model, List<String> wanted) {
        List<String> known = Stream.of(
                        Stream.of(model.identity().name()),
                        model.identity().codes().stream(),
                        model.variants().stream()
                                .flatMap(variant -> Stream.concat(Stream.of(variant.name()), variant.codes().stream())))
                .flatMap(texts -> texts)
                .flatMap(text -> Stream.concat(words(text).stream(), Stream.of(text.toLowerCase(Locale.ROOT))))
                .toList();
        int sum = 0;
        for (String word : wanted) {
            OptionalInt nearest = known.stream()
                    .flatMapToInt(other -> distance(word, other).stream())
                    .min();
            if (nearest.isEmpty()) {
                return nearest;
            }
            sum += nearest.getAsInt();
        }
        return OptionalInt.of(sum);
    }

    private static OptionalInt distance(String typed, String known) {
        if (known.equals(typed)) {
            return OptionalInt.of(EXACT);
        }
        if (known.startsWith(typed)) {
            return OptionalInt.of(BEGINS);
        }
        if (known.contains(typed)) {
            return OptionalInt.of(WITHIN);
        }
        int forgiven = typed.length() < SHORTEST_MISTYPED ? 0 : typed.length() < TWICE_MISTYPED ? 1 : 2;
        int errors = new LevenshteinDistance(forgiven).apply(typed, known);
        return errors < 0 ? OptionalInt.empty() : OptionalInt.of(MISTYPED + errors);
    }

    private static List<String> words(String text) {
        return Arrays.stream(text.toLowerCase(Locale.ROOT).split("[^\\p{L}\\p{N}]+"))
                .filter(word -> !word.isEmpty())
                .toList();
    }
}
