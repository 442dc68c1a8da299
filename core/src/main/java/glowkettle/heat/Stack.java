package glowkettle.heat;

import glowkettle.finding.Says;
import glowkettle.finding.Unanswerable;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * What heat goes through at a bond, layers listed from below to above: the column through the pack, and the column through
 * the rim when the bond lies there. Both see the same heat.
 */
public record Stack(
        @Says("What the bond is made of") Adhesive adhesive,

        @Says("Layers through the rim, from below; none when the bond lies under the pack")
        List<Layer> rim,

        @Says("Layers through the pack, from below") List<Layer> cell) {
    private static final int MOST_LAYERS = 20;

    public Stack {
        rim = List.copyOf(rim);
        cell = List.copyOf(cell);
    }

    /** What keeps a window from being reckoned, if anything; strips need no layers. */
    public Optional<String> fault() {
        if (adhesive.worksFrom() == null) {
            return Optional.empty();
        }
        try {
            checked();
            return Optional.empty();
        } catch (Unanswerable unanswerable) {
            return Optional.of(String.valueOf(unanswerable.getMessage()));
        }
    }

    /** Refuses a stack nobody can reckon with: it must hold exactly one bond, and a cell in its cell column. */
    Stack checked() {
        if (adhesive.worksFrom() == null) {
            throw new Unanswerable("stack.adhesive", "Heat makes stretch strips tear; there is no window for them");
        }
        if (rim.size() > MOST_LAYERS || cell.size() > MOST_LAYERS) {
            throw new Unanswerable("stack.cell", "At most %s layers a column are taken".formatted(MOST_LAYERS));
        }
        long bonds = Stream.concat(rim.stream(), cell.stream())
                .filter(layer -> layer.part() == Layer.Part.BOND)
                .count();
        if (bonds != 1) {
            throw new Unanswerable("stack.rim", "%s layers are the bond; exactly one must be".formatted(bonds));
        }
        if (cell.stream().noneMatch(layer -> layer.part() == Layer.Part.CELL)) {
            throw new Unanswerable("stack.cell", "No layer is the cell; mark at least one");
        }
        return this;
    }

    /** The bond lies against the cell itself, so it never gets warmer than what the cell bears. */
    boolean bondTouchesCell() {
        for (int i = 0; i + 1 < cell.size(); i++) {
            Layer.Part here = cell.get(i).part();
            Layer.Part next = cell.get(i + 1).part();
            if (here == Layer.Part.BOND && next == Layer.Part.CELL
                    || here == Layer.Part.CELL && next == Layer.Part.BOND) {
                return true;
            }
        }
        return false;
    }
}
