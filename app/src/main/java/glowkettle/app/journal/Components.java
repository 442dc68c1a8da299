package glowkettle.app.journal;

import glowkettle.app.binding.Part;
import org.jspecify.annotations.Nullable;

/** What records hold: nothing may be missing that is not said to be nullable, however deep. */
final class Components {
    private Components() {}

    static void requireWhole(String path, @Nullable Object value) {
        switch (value) {
            case Record record -> {
                for (Part part : Part.of(record.getClass())) {
                    Object held = part.in(record);
                    String at = path + "." + part.name();
                    if (held == null && !part.isNullable()) {
                        throw new IllegalStateException("%s is missing".formatted(at));
                    }
                    requireWhole(at, held);
                }
            }
            case Iterable<?> list -> list.forEach(one -> requireWhole(path + "[]", one));
            case null, default -> {}
        }
    }
}
