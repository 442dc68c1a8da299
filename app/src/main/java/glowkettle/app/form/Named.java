package glowkettle.app.form;

import java.util.List;
import java.util.Locale;

/**
 * What a name of the code says to people: {@code latestLiftOffS} is “Latest lift off” in seconds, since units stand at the
 * end of names.
 */
public record Named(String words, String unit) {
    private record Ending(String letters, String unit) {}

    /** The longer ones first, since some end as others do. */
    private static final List<Ending> ENDINGS = List.of(
            new Ending("MohmPer100mm", "mΩ per 100 mm"),
            new Ending("MmPerWeek", "mm a week"),
            new Ending("MlPerMin", "mL/min"),
            new Ending("WhPerKg", "Wh/kg"),
            new Ending("WhPerL", "Wh/L"),
            new Ending("PerWh", "per Wh"),
            new Ending("Minutes", "min"),
            new Ending("Seconds", "s"),
            new Ending("Percent", "%"),
            new Ending("Months", "months"),
            new Ending("Points", "points"),
            new Ending("Hours", "h"),
            new Ending("Years", "years"),
            new Ending("Mohm", "mΩ"),
            new Ending("Kohm", "kΩ"),
            new Ending("Ohm", "Ω"),
            new Ending("Mah", "mAh"),
            new Ending("Kpa", "kPa"),
            new Ending("Mm2", "mm²"),
            new Ending("Deg", "°"),
            new Ending("Mm", "mm"),
            new Ending("Ml", "mL"),
            new Ending("Mv", "mV"),
            new Ending("Wh", "Wh"),
            new Ending("Ah", "Ah"),
            new Ending("C", "°C"),
            new Ending("K", "K"),
            new Ending("S", "s"),
            new Ending("V", "V"),
            new Ending("A", "A"),
            new Ending("W", "W"),
            new Ending("N", "N"),
            new Ending("G", "g"));

    public static Named of(String name) {
        for (Ending ending : ENDINGS) {
            String stem = name.substring(
                    0, Math.max(0, name.length() - ending.letters().length()));
            boolean ends = name.endsWith(ending.letters())
                    && !stem.isEmpty()
                    && !Character.isUpperCase(stem.charAt(stem.length() - 1));
            if (ends) {
                return new Named(sentence(stem), ending.unit());
            }
            if (name.equalsIgnoreCase(ending.letters()) && name.length() > 2) {
                return new Named(sentence(name), ending.unit());
            }
        }
        return new Named(sentence(name), "");
    }

    /** In words, the first with a capital letter. */
    public static String sentence(String name) {
        String words = name.replaceAll("(?<=[a-z0-9])(?=[A-Z])|(?<=[a-z])(?=[0-9])", " ")
                .toLowerCase(Locale.ROOT);
        return words.substring(0, 1).toUpperCase(Locale.ROOT) + words.substring(1);
    }
}
