package glowkettle.app.library;

import glowkettle.library.ModelCheck;
import glowkettle.library.Operation;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * A teardown as a graph: each operation on the level of the longest chain before it, lines from what must be done first. In a
 * circle nothing has a longest chain; its operations stand where they are listed and their lines are marked.
 */
public record TeardownGraph(List<Node> nodes, List<Line> lines, int width, int height) {
    private static final int COLUMN = 262;
    private static final int ROW = 76;
    private static final int NODE_WIDTH = 236;
    private static final int NODE_HEIGHT = 46;
    private static final int MOST_LETTERS = 32;

    /** An operation as it stands in the drawing, its name on two lines. */
    public record Node(Operation operation, int number, int x, int y, String first, String second, boolean circling) {
        public int width() {
            return NODE_WIDTH;
        }

        public int height() {
            return NODE_HEIGHT;
        }
    }

    /** Something that must be done first. */
    public record Line(String before, String after, String path, boolean circling) {}

    public static TeardownGraph of(List<Operation> operations) {
        Set<String> circle = ModelCheck.circle(operations).map(Set::copyOf).orElse(Set.of());
        Map<String, Integer> depth = new HashMap<>();
        // As many rounds as there are operations settle every chain; a circle would go on for ever.
        for (int round = 0; round < operations.size(); round++) {
            for (Operation operation : operations) {
                int deepest = before(operation, operations).stream()
                        .filter(other -> !(circle.contains(other.id()) && circle.contains(operation.id())))
                        .mapToInt(other -> depth.getOrDefault(other.id(), 0) + 1)
                        .max()
                        .orElse(0);
                depth.put(operation.id(), deepest);
            }
        }
        Map<Integer, Integer> used = new HashMap<>();
        Map<String, Node> nodes = new HashMap<>();
        List<Node> listed = new ArrayList<>();
        for (Operation operation : operations) {
            int row = depth.getOrDefault(operation.id(), 0);
            int column = used.merge(row, 1, Integer::sum) - 1;
            String[] words = twoLines(operation.label());
            Node node = new Node(
                    operation,
                    listed.size() + 1,
                    column * COLUMN + 14,
                    row * ROW + 10,
                    words[0],
                    words[1],
                    circle.contains(operation.id()));
            nodes.put(operation.id(), node);
            listed.add(node);
        }
        return new TeardownGraph(
                listed,
                lines(operations, nodes, circle),
                used.values().stream().max(Integer::compare).orElse(1) * COLUMN,
                (used.keySet().stream().max(Integer::compare).orElse(0) + 1) * ROW);
    }

    private static List<Operation> before(Operation operation, List<Operation> operations) {
        return operations.stream()
                .filter(other -> operation.after().contains(other.id())
                        || other.choice() != null && operation.after().contains(other.choice()))
                .toList();
    }

    private static List<Line> lines(List<Operation> operations, Map<String, Node> nodes, Set<String> circle) {
        List<Line> lines = new ArrayList<>();
        for (Operation operation : operations) {
            Node to = java.util.Objects.requireNonNull(nodes.get(operation.id()));
            for (Operation earlier : before(operation, operations)) {
                Node from = java.util.Objects.requireNonNull(nodes.get(earlier.id()));
                int startX = from.x() + NODE_WIDTH / 2;
                int startY = from.y() + NODE_HEIGHT;
                int endX = to.x() + NODE_WIDTH / 2;
                int bend = (to.y() - startY) / 2;
                lines.add(new Line(
                        earlier.id(),
                        operation.id(),
                        "M%s %s C%s %s %s %s %s %s"
                                .formatted(startX, startY, startX, startY + bend, endX, to.y() - bend, endX, to.y()),
                        circle.contains(earlier.id()) && circle.contains(operation.id())));
            }
        }
        return lines;
    }

    private static String[] twoLines(String label) {
        if (label.length() <= MOST_LETTERS) {
            return new String[] {label, ""};
        }
        int cut = label.lastIndexOf(' ', MOST_LETTERS);
        int at = cut <= 0 ? MOST_LETTERS : cut;
        String rest = label.substring(at).strip();
        return new String[] {
            label.substring(0, at), rest.length() <= MOST_LETTERS ? rest : rest.substring(0, MOST_LETTERS - 1) + "…"
        };
    }
}
