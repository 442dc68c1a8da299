package glowkettle.library;

import java.util.List;
import java.util.Locale;
import org.jspecify.annotations.Nullable;

/** The code of a part as labels print it: spaces, dashes and case differ from print to print and mean nothing. */
public final class PartCode {
    private PartCode() {}

    public static boolean isOneOf(List<String> codes, @Nullable String read) {
        return read != null
                && !bare(read).isEmpty()
                && codes.stream().anyMatch(code -> bare(code).equals(bare(read)));
    }

    private static String bare(String code) {
        return code.toUpperCase(Locale.ROOT).replaceAll("[^\\p{L}\\p{N}]", "");
    }
}
