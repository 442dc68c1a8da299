package glowkettle.app.binding;

import java.util.HashMap;
import java.util.Map;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/**
 * The fields of a form as a tree: {@code look.wet} becomes {@code wet} within {@code look}, a name that ends in {@code []}
 * is a list of all its values, and {@code placements[3].hole} belongs to one object of a list, in the order they are sent.
 */
public final class FormTree {
    /** No field of any form has as long a name; what is longer is nobody's, and is not taken apart. */
    private static final int LONGEST_NAME = 200;

    private FormTree() {}

    public static ObjectNode of(Map<String, String[]> parameters) {
        ObjectNode root = JsonNodeFactory.instance.objectNode();
        Map<String, ObjectNode> listed = new HashMap<>();
        parameters.forEach((name, values) -> {
            if (name.length() > LONGEST_NAME) {
                return;
            }
            boolean list = name.endsWith("[]");
            String[] path = (list ? name.substring(0, name.length() - 2) : name).split("\\.");
            ObjectNode node = root;
            String at = "";
            for (int i = 0; i < path.length - 1; i++) {
                at += path[i] + ".";
                node = inner(node, path[i], at, listed);
            }
            String last = path.length == 0 ? name : path[path.length - 1];
            if (list) {
                ArrayNode array = node.putArray(last);
                for (String value : values) {
                    array.add(value);
                }
            } else if (values.length > 0) {
                node.put(last, values[values.length - 1]);
            }
        });
        return root;
    }

    private static ObjectNode inner(ObjectNode node, String segment, String at, Map<String, ObjectNode> listed) {
        int bracket = segment.indexOf('[');
        if (bracket > 0 && segment.endsWith("]")) {
            String name = segment.substring(0, bracket);
            ArrayNode array = node.get(name) instanceof ArrayNode known ? known : node.putArray(name);
            return listed.computeIfAbsent(at, key -> array.addObject());
        }
        return node.get(segment) instanceof ObjectNode known ? known : node.putObject(segment);
    }
}
