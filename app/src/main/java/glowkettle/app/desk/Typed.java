package glowkettle.app.desk;

import org.jspecify.annotations.Nullable;

/** What was typed into a field of a form. */
public final class Typed {
    private Typed() {}

    public static boolean isBlank(String @Nullable [] values) {
        return values == null || values.length == 0 || values[0].isBlank();
    }
}
