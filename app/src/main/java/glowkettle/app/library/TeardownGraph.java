package glowkettle.app.library;

import glowkettle.library.ModelCheck;
import glowkettle.library.Operation;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;

/**
 * A teardown as a graph, as wide as a page: operations stand in rows as they can be done, each after all that must be done
 * before it, and lines run between the rows and columns, over no words. In a circle nothing comes first; its operations
 * stand where they are listed and their lines are marked.
 */
public record TeardownGraph(List<Node> nodes, List<Line> lines, int width, int height) {
    private static final int COLUMNS = 5;
    private static final int COLUMN = 240;
    private static final int ROW = 110;
    private static final int NODE_WIDTH = 206;
    private static final int NODE_HEIGHT = 64;
    private static final int LEFT = 20;
    private static final int TOP = 28;
    private static final int MOST_LETTERS = 25;
    private static final int MOST_LINES = 3;

    /** An operation as it stands in the drawing, its name on at most three lines. */
    public record Node(Operation operation, int number, int x, int y, List<String> lines, boolean circling) {
        public int width() {
            return NODE_WIDTH;
        }

        public int height() {
            return NODE_HEIGHT;
        }

        private int middleX() {
            return x + NODE_WIDTH / 2;
        }

        private int middleY() {
            return y + NODE_HEIGHT / 2;
        }
    }

    /** Something that must be done first. */
    public record Line(String before, String after, String path, boolean circling) {}

    public static TeardownGraph of(List<Operation> operations) {
        Set<String> circle = ModelCheck.circle(operations).map(Set::copyOf).orElse(Set.of());
        Map<String, Integer> depth = depth(operations, circle);
        List<Operation> inTurn = operations.stream()
                .sorted(Comparator.comparing(operation -> depth.getOrDefault(operation.id(), 0)))
                .toList();
        Map<String, Node> nodes = new HashMap<>();
        for (int place = 0; place < inTurn.size(); place++) {
            Operation operation = inTurn.get(place);
            nodes.put(
                    operation.id(),
                    new Node(
                            operation,
                            operations.indexOf(operation) + 1,
                            place % COLUMNS * COLUMN + LEFT,
                            place / COLUMNS * ROW + TOP,
                            lines(operation.label()),
                            circle.contains(operation.id())));
        }
        int rows = Math.max(1, Math.ceilDiv(operations.size(), COLUMNS));
        return new TeardownGraph(
                operations.stream()
                        .map(operation -> Objects.requireNonNull(nodes.get(operation.id())))
                        .toList(),
                lines(operations, nodes, circle),
                COLUMNS * COLUMN,
                rows * ROW + TOP);
    }

    /** How long the longest chain before each is. As many rounds as there are operations settle every chain. */
    private static Map<String, Integer> depth(List<Operation> operations, Set<String> circle) {
        Map<String, Integer> depth = new HashMap<>();
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
        return depth;
    }

    private static List<Operation> before(Operation operation, List<Operation> operations) {
        return operations.stream().filter(operation::waitsFor).toList();
    }

    private static List<Line> lines(List<Operation> operations, Map<String, Node> nodes, Set<String> circle) {
        List<Line> lines = new ArrayList<>();
        for (Operation operation : operations) {
            Node to = Objects.requireNonNull(nodes.get(operation.id()));
            for (Operation earlier : before(operation, operations)) {
                Node from = Objects.requireNonNull(nodes.get(earlier.id()));
                lines.add(new Line(
                        earlier.id(),
                        operation.id(),
                        path(from, to, lines.size()),
                        circle.contains(earlier.id()) && circle.contains(operation.id())));
            }
        }
        return lines;
    }

    /** To the neighbour straight on; to any other down beside the column and in from above. */
    private static String path(Node from, Node to, int nth) {
        if (from.y() == to.y() && to.x() == from.x() + COLUMN) {
            return "M%s %sH%s".formatted(from.x() + NODE_WIDTH, from.middleY(), to.x());
        }
        // Lines of their own lie a little apart, so that each can be followed.
        int apart = nth % 4 * 4;
        int under = from.y() + NODE_HEIGHT + 6 + apart;
        int above = to.y() - 6 - apart;
        int beside = to.x() - 6 - apart;
        return "M%s %sV%sH%sV%sH%sV%s"
                .formatted(from.middleX(), from.y() + NODE_HEIGHT, under, beside, above, to.middleX(), to.y());
    }

    private static List<String> lines(String label) {
        List<String> lines = new ArrayList<>();
        String rest = label.strip();
        while (rest.length() > MOST_LETTERS && lines.size() < MOST_LINES - 1) {
            int cut = rest.lastIndexOf(' ', MOST_LETTERS);
            int at = cut <= 0 ? MOST_LETTERS : cut;
            lines.add(rest.substring(0, at));
            rest = rest.substring(at).strip();
        }
        lines.add(rest.length() <= MOST_LETTERS ? rest : rest.substring(0, MOST_LETTERS - 1) + "…");
        return lines;
    }
}
