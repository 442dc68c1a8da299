package glowkettle.library;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * The drives of fasteners by the names on the bits: cross PH (ISO 8764-1), six-lobe T (ISO 10664) and with a pin TR, five-lobe
 * P, three-wing Y, slot SL, hex H; found by what drawers and people call them, too. Source: handbook, Open.
 */
public enum Drive {
    CROSS("PH", "cross", List.of("cross", "ph", "plus")),
    SIX_LOBE_PIN(
            "TR", "six-lobe with a pin", List.of("tr", "six-lobe pin", "six lobe pin", "star pin", "security star")),
    SIX_LOBE("T", "six-lobe", List.of("t", "six-lobe", "six lobe", "star", "six-point star")),
    FIVE_LOBE("P", "five-lobe", List.of("p", "five-lobe", "five lobe", "five-point star", "five point star")),
    THREE_WING("Y", "three-wing", List.of("y", "three-wing", "three wing", "tri-wing", "three-lobed", "three-point")),
    SLOT("SL", "slot", List.of("sl", "slot", "slotted", "flat", "blade")),
    HEX("H", "hex", List.of("h", "hex", "hexagon", "hex key"));

    /** What lies in every drawer for phones and laptops, the commonest first. */
    public static final List<String> COMMON =
            List.of("PH00", "PH0", "PH1", "PH000", "T5", "T6", "T8", "T3", "P2", "P5", "Y000", "Y1", "SL2");

    private static final Pattern CALLED = Pattern.compile("([\\p{L} -]*?)[ -]*([0-9]+(?:[.,][0-9])?)");

    private final String letters;
    private final String words;
    private final List<String> calledSo;

    Drive(String letters, String words, List<String> calledSo) {
        this.letters = letters;
        this.words = words;
        this.calledSo = calledSo;
    }

    public String words() {
        return words;
    }

    /** The name on the bit for what somebody calls it, as in "cross 0" or "star 5"; empty where nobody calls a bit so. */
    public static Optional<String> named(String called) {
        Matcher parts = CALLED.matcher(called.strip().toLowerCase(Locale.ROOT));
        if (!parts.matches()) {
            return Optional.empty();
        }
        String size = parts.group(2).replace(',', '.');
        return calledSo(parts.group(1).strip()).map(drive -> drive.letters + size);
    }

    /** Of a name on a bit: what its tip looks like; empty for what is no bit. */
    public static Optional<Drive> of(String name) {
        Matcher parts = CALLED.matcher(name.strip().toLowerCase(Locale.ROOT));
        return parts.matches() ? calledSo(parts.group(1).strip()) : Optional.empty();
    }

    private static Optional<Drive> calledSo(String called) {
        for (Drive drive : values()) {
            if (drive.calledSo.contains(called)) {
                return Optional.of(drive);
            }
        }
        return Optional.empty();
    }

    /** With its tip in words where it is a bit: "PH0, cross". */
    public static String told(String tool) {
        return of(tool).map(drive -> tool + ", " + drive.words).orElse(tool);
    }
}
