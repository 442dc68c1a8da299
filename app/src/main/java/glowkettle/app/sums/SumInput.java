package glowkettle.app.sums;

import glowkettle.app.binding.Binder;
import glowkettle.app.binding.Bound;
import glowkettle.app.binding.FormTree;
import glowkettle.app.form.Questions;
import glowkettle.app.form.TypedMoment;
import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.time.ZoneId;
import java.time.temporal.ChronoUnit;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import tools.jackson.databind.JsonNode;

/** What stands in the address of a sum, without what was left empty; rows of a list are numbered from nought without gaps. */
record SumInput(Map<String, String[]> filled) {
    private static final Pattern ROW = Pattern.compile("\\[(\\d{1,4})]");
    /** Asks for more rows, and is nothing that is reckoned with. */
    static final String MORE = "more";

    static SumInput of(Map<String, String[]> query) {
        Map<String, Integer> rows = new LinkedHashMap<>();
        Map<String, Integer> next = new LinkedHashMap<>();
        Map<String, String[]> filled = new LinkedHashMap<>();
        query.forEach((name, values) -> {
            String[] said =
                    Arrays.stream(values).filter(value -> !value.isBlank()).toArray(String[]::new);
            if (said.length > 0 && !name.equals(MORE)) {
                filled.put(numbered(name, rows, next), said);
            }
        });
        return new SumInput(filled);
    }

    /** The third row that is filled is the third, whatever stood empty before it. */
    private static String numbered(String name, Map<String, Integer> rows, Map<String, Integer> next) {
        Matcher row = ROW.matcher(name);
        StringBuilder numbered = new StringBuilder();
        int from = 0;
        while (row.find()) {
            numbered.append(name, from, row.start());
            String list = numbered.toString();
            int number = rows.computeIfAbsent(
                    list + "[" + name.substring(0, row.end()), first -> next.merge(list, 1, Integer::sum) - 1);
            numbered.append('[').append(number).append(']');
            from = row.end();
        }
        return numbered.append(name, from, name.length()).toString();
    }

    /** A body of JSON as it would be typed; times by the clock of the zone. */
    static SumInput of(Class<?> type, JsonNode body, ZoneId zone) {
        Map<String, String[]> filled = new LinkedHashMap<>();
        fill(filled, type, "", body, zone);
        return new SumInput(filled);
    }

    private static void fill(Map<String, String[]> filled, Class<?> type, String path, JsonNode node, ZoneId zone) {
        if (node.isObject()) {
            node.properties()
                    .forEach(one -> fill(
                            filled,
                            type,
                            path.isEmpty() ? one.getKey() : path + "." + one.getKey(),
                            one.getValue(),
                            zone));
        } else if (node.isArray() && node.valueStream().anyMatch(JsonNode::isObject)) {
            for (int i = 0; i < node.size(); i++) {
                fill(filled, type, path + "[" + i + "]", node.get(i), zone);
            }
        } else if (node.isArray()) {
            filled.put(path + "[]", node.valueStream().map(JsonNode::asString).toArray(String[]::new));
        } else if (!node.isNull()) {
            boolean moment = Questions.of(type, path)
                    .filter(question -> question.sort().isMoment())
                    .isPresent();
            filled.put(path, new String[] {moment ? local(node.asString(), zone) : node.asString()});
        }
    }

    private static String local(String instant, ZoneId zone) {
        return Instant.parse(instant)
                .atZone(zone)
                .toLocalDateTime()
                .truncatedTo(ChronoUnit.SECONDS)
                .toString();
    }

    boolean isEmpty() {
        return filled.isEmpty();
    }

    boolean fills(String prefix) {
        return filled.keySet().stream().anyMatch(name -> name.startsWith(prefix));
    }

    <T extends Record> Bound<T> bind(Class<T> type, Instant now, ZoneId zone) {
        return Binder.form(type, FormTree.of(TypedMoment.iso(type, filled, now, zone)), zone);
    }

    /** As it stands behind the question mark of an address. */
    String query() {
        return filled.entrySet().stream()
                .flatMap(
                        one -> Arrays.stream(one.getValue()).map(value -> encoded(one.getKey()) + "=" + encoded(value)))
                .collect(Collectors.joining("&"));
    }

    private static String encoded(String text) {
        return URLEncoder.encode(text, StandardCharsets.UTF_8);
    }
}
