package glowkettle.app.binding;

import java.util.stream.IntStream;

/**
 * Letters that the database keeps and every page, paper and label can carry: no control characters but tabs and line ends,
 * no half of a surrogate pair, nothing that Unicode calls no character. Source: W3C, XML 1.0, production 2 (Char).
 */
public final class Letters {
    private static final int REPLACED = 0xFFFD;

    private Letters() {}

    public static boolean areKept(String text) {
        return text.codePoints().allMatch(Letters::isKept);
    }

    /** The same text with a mark in the place of whatever cannot be shown. */
    public static String shown(String text) {
        if (areKept(text)) {
            return text;
        }
        IntStream shown = text.codePoints().map(letter -> isKept(letter) ? letter : REPLACED);
        return shown.collect(StringBuilder::new, StringBuilder::appendCodePoint, StringBuilder::append)
                .toString();
    }

    private static boolean isKept(int letter) {
        return letter == '\t'
                || letter == '\n'
                || letter == '\r'
                || letter >= 0x20 && letter <= 0xD7FF
                || letter >= 0xE000 && letter <= REPLACED
                || letter >= 0x10000;
    }
}
