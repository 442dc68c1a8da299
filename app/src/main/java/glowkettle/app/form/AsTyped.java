package glowkettle.app.form;

import glowkettle.app.binding.Fault;
import glowkettle.assess.LostPoint;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** Figures that were doubted once and came back the same: the form carries them along, and then they stand. */
final class AsTyped {
    private static final String KEPT = "asTyped";

    private AsTyped() {}

    /** What the form that is drawn again carries for a doubted figure. */
    static String kept(String field, String value) {
        return field + "=" + value;
    }

    static List<Fault> doubts(Map<String, String[]> typed) {
        Set<String> kept =
                Arrays.stream(typed.getOrDefault(KEPT, new String[0])).collect(Collectors.toSet());
        return typed.entrySet().stream()
                .filter(field -> field.getValue().length > 0)
                .flatMap(field -> doubt(field.getKey(), field.getValue()[0], kept))
                .toList();
    }

    private static Stream<Fault> doubt(String field, String value, Set<String> kept) {
        return LostPoint.meant(field, value)
                .filter(meant -> !kept.contains(kept(field, value)))
                .map(meant -> new Fault(
                        field,
                        "%s °C? Tap %s if the point was left out. If it truly is %s °C: everybody out (E), or keep it again as it is"
                                .formatted(value, meant, value)))
                .stream();
    }
}
