package glowkettle.app.journal;

import tools.jackson.databind.JsonNode;
import tools.jackson.databind.ObjectMapper;
import tools.jackson.databind.node.ObjectNode;

/** Entries as earlier versions of the product wrote them, turned into what is written now. They are never written anew. */
final class EarlierBodies {
    private EarlierBodies() {}

    /** A kind and a body of it, as JSON. */
    record Stored(String kind, String body) {}

    static Stored now(Stored was, ObjectMapper mapper) {
        return was.kind().equals("step-done") && was.body().contains("\"way\"") ? stepDone(was, mapper) : was;
    }

    /** A step there and a step back were one kind, told apart by which way they went. */
    private static Stored stepDone(Stored was, ObjectMapper mapper) {
        ObjectNode body = (ObjectNode) mapper.readTree(was.body());
        JsonNode way = body.remove("way");
        if (way == null) {
            return was;
        }
        return switch (way.asString()) {
            case "IN" -> new Stored("step-done", body.toString());
            case "BACK" -> new Stored("step-back", body.toString());
            default -> throw new IllegalStateException("No step goes '%s', but IN or BACK".formatted(way.asString()));
        };
    }
}
