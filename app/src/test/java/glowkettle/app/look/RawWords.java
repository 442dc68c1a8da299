package glowkettle.app.look;

import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;

/** What no page says to a person: figures as they were reckoned, moments and names as they are stored, doubled marks. */
final class RawWords {
    /** 1.4826 is no sum's outcome: Match has it so, and the shop limits show what a shop may change. */
    private static final Map<String, Pattern> RAW = Map.of(
            "a stored moment", Pattern.compile("\\d{4}-\\d{2}-\\d{2}T\\d{2}:\\d{2}"),
            "a reckoned figure",
                    Pattern.compile("(?<![\\d.,])(?!1\\.4826\\b)(?:[1-9]\\d*[.,]\\d{4,}|0[.,](?!00)\\d{5,})"),
            "a padded figure",
                    Pattern.compile("\\d\\.\\d*00[\\s\\u00a0](?:mAh|Ah|V|mV|A|mm|h|Wh|W|K|°C|%|Ω|mΩ|min|s)\\b"),
            "a doubled mark", Pattern.compile("\\?\\.|[^.]\\.\\.(?!\\.)|,,|;;|[\\p{L})] ,|\\bV V\\b|\\(\\)"),
            "a stored name", Pattern.compile("\\b[A-Z]{2,}_[A-Z_]{2,}\\b"),
            "nothing", Pattern.compile("\\bnull\\b|\\bNaN\\b|Optional\\["));

    private RawWords() {}

    static List<String> in(String text) {
        return RAW.entrySet().stream()
                .flatMap(kind -> kind.getValue()
                        .matcher(text)
                        .results()
                        .map(found -> "%s: …%s…".formatted(kind.getKey(), around(text, found.start(), found.end()))))
                .distinct()
                .toList();
    }

    private static String around(String text, int from, int to) {
        return text.substring(Math.max(0, from - 25), Math.min(text.length(), to + 15))
                .replace('\n', ' ');
    }
}
