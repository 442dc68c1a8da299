package glowkettle.app.support;

import com.microsoft.playwright.Page;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;

/** What no page says to a person: figures as they were reckoned, moments and names as they are stored, doubled marks. */
public final class RawWords {
    /**
     * What somebody typed is quoted as it was. 1.4826 is no sum's outcome: Match has it so, and the shop limits show what a shop may change. A meter that shows 0.00 V
     * shows nothing else.
     */
    private static final Map<String, Pattern> RAW = Map.of(
            "a stored moment", Pattern.compile("(?<!')\\b\\d{4}-\\d{2}-\\d{2}T\\d{2}:\\d{2}"),
            "a reckoned figure",
                    Pattern.compile("(?<![\\d.,])(?!1\\.4826\\b)(?:[1-9]\\d*[.,]\\d{4,}|0[.,](?!00)\\d{5,})"),
            "a padded figure",
                    Pattern.compile(
                            "(?<![\\d.])(?!0\\.0+\\D)\\d+\\.\\d*00[\\s\\u00a0](?:mAh|Ah|V|mV|A|mm|h|Wh|W|K|°C|%|Ω|mΩ|min|s)\\b"),
            "a doubled mark", Pattern.compile("\\?\\.|[^.]\\.\\.(?!\\.)|,,|;;|[\\p{L})] ,|\\bV V\\b|\\(\\)"),
            "a stored name", Pattern.compile("\\b[A-Z]{2,}_[A-Z_]{2,}\\b"),
            "nothing", Pattern.compile("\\bnull\\b|\\bNaN\\b|Optional\\["));

    private RawWords() {}

    /** On a page as people read it: what is written for machines stands there as they get it. */
    public static List<String> on(Page page) {
        return in((String) page.evaluate("""
                () => {
                    const forMachines = document.querySelectorAll('pre');
                    forMachines.forEach(one => one.hidden = true);
                    const said = document.body.innerText;
                    forMachines.forEach(one => one.hidden = false);
                    return said;
                }"""));
    }

    private static List<String> in(String text) {
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
