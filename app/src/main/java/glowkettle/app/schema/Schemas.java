package glowkettle.app.schema;

import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/** The JSON schema of a file that is read into a record. */
public final class Schemas {
    private Schemas() {}

    /** After JSON Schema 2020-12, with every record it is made of under a name of its own. */
    public static String of(Class<? extends Record> type, String title) {
        SchemaJson schemas = new SchemaJson();
        ObjectNode root = JsonNodeFactory.instance.objectNode();
        root.put("$schema", "https://json-schema.org/draft/2020-12/schema");
        root.put("title", title);
        root.setAll(schemas.of(type));
        root.putObject("components").set("schemas", schemas.schemas());
        return root.toPrettyString();
    }
}
