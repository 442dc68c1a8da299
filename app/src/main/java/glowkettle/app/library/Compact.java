package glowkettle.app.library;

import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/** Leaves out what says nothing, so that a file shows what a model has. */
final class Compact {
    private Compact() {}

    static JsonNode of(JsonNode node) {
        if (node instanceof ObjectNode object) {
            ObjectNode kept = JsonNodeFactory.instance.objectNode();
            object.properties().forEach(property -> {
                JsonNode value = of(property.getValue());
                // A list may be left out everywhere; read again it is an empty list.
                boolean saysNothing = value.isNull() || value.isArray() && value.isEmpty();
                if (!saysNothing) {
                    kept.set(property.getKey(), value);
                }
            });
            return kept;
        }
        if (node instanceof ArrayNode array) {
            ArrayNode kept = JsonNodeFactory.instance.arrayNode();
            array.forEach(element -> kept.add(of(element)));
            return kept;
        }
        return node;
    }
}
