package glowkettle.app.library;

import java.util.HashMap;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import tools.jackson.core.JsonParser;
import tools.jackson.core.JsonToken;
import tools.jackson.core.TokenStreamContext;
import tools.jackson.core.json.JsonFactory;

/** On which line of a JSON text a path stands. */
final class JsonLines {
    private static final Pattern QUOTED = Pattern.compile("'([^']+)'");

    private final Map<String, Integer> lineOfPath = new HashMap<>();
    private final String[] lines;

    private JsonLines(String json) {
        lines = json.split("\n", -1);
    }

    static JsonLines of(String json) {
        JsonLines lines = new JsonLines(json);
        try (JsonParser parser =
                JsonFactory.builder().build().createParser(tools.jackson.core.ObjectReadContext.empty(), json)) {
            for (JsonToken token = parser.nextToken(); token != null; token = parser.nextToken()) {
                if (token != JsonToken.END_OBJECT && token != JsonToken.END_ARRAY) {
                    lines.lineOfPath.putIfAbsent(
                            path(parser.streamReadContext()),
                            parser.currentTokenLocation().getLineNr());
                }
            }
        }
        return lines;
    }

    /** As the binder writes it: {@code operations[3].after[0]}. */
    private static String path(TokenStreamContext context) {
        StringBuilder path = new StringBuilder();
        for (TokenStreamContext at = context; at != null && !at.inRoot(); at = at.getParent()) {
            boolean own = at == context;
            if (at.inObject() && at.currentName() != null) {
                path.insert(0, "." + at.currentName());
            } else if (at.inArray() && (!own || at.hasCurrentIndex())) {
                path.insert(0, "[" + at.getCurrentIndex() + "]");
            }
        }
        return path.isEmpty() ? "" : path.charAt(0) == '.' ? path.substring(1) : path.toString();
    }

    /** The line of a path, or of the nearest thing around it that stands in the file. */
    int line(String path) {
        String at = path;
        while (!at.isEmpty()) {
            Integer line = lineOfPath.get(at);
            if (line != null) {
                return line;
            }
            int cut = Math.max(at.lastIndexOf('.'), at.lastIndexOf('['));
            at = cut < 0 ? "" : at.substring(0, cut);
        }
        return 1;
    }

    /** The first line that holds what a sentence quotes. */
    int near(String sentence) {
        Matcher quoted = QUOTED.matcher(sentence);
        while (quoted.find()) {
            for (int i = 0; i < lines.length; i++) {
                if (lines[i].contains('"' + quoted.group(1) + '"')) {
                    return i + 1;
                }
            }
        }
        return 1;
    }
}
