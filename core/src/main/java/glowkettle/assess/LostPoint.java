package glowkettle.assess;

import java.math.BigDecimal;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;

/**
 * A temperature typed without its point: 215 for 21.5 °C. It is asked for once more before a room is cleared for it; typed a
 * second time it stands. Source: handbook, Assess, Readings.
 */
public final class LostPoint {
    private static final Pattern THREE_DIGITS = Pattern.compile("[1-6][0-9][0-9]");
    private static final BigDecimal HOTTEST_C = new BigDecimal(60);
    /** What is read of a pack, a cell or the air; an iron and a mat are set in hundreds rightly. */
    private static final Set<String> READINGS = Set.of("surfaceC", "ambientC", "cellC", "temperatureC", "chargeC");

    private LostPoint() {}

    /**
     * @param field the path of the field, such as {@code warmth.surfaceC}
     * @param typed as it was typed
     * @return the likelier reading in °C, one decimal; empty where nothing was lost
     */
    public static Optional<String> meant(String field, String typed) {
        String name = field.substring(field.lastIndexOf('.') + 1);
        String digits = typed.strip();
        if (!READINGS.contains(name)
                || field.startsWith("setting")
                || !THREE_DIGITS.matcher(digits).matches()) {
            return Optional.empty();
        }
        BigDecimal tenth = new BigDecimal(digits).movePointLeft(1);
        return tenth.compareTo(HOTTEST_C) <= 0 ? Optional.of(tenth.toPlainString()) : Optional.empty();
    }
}
