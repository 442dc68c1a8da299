package glowkettle.heat;

import glowkettle.limits.Limit;
import glowkettle.limits.ShopLimits;
import java.util.ArrayList;
import java.util.List;

/** A column of layers cut for reckoning: where its bond lies, and which of its layers bear how much. */
final class Column {
    private final List<Layer> layers;
    private final List<Limited> limited = new ArrayList<>();
    private final int bond;
    final Mesh mesh;

    /** A layer with a limit of its own. */
    record Limited(int layer, Layer.Part part, double mostC) {}

    Column(List<Layer> layers, double mostMm, ShopLimits limits) {
        this.layers = layers;
        mesh = new Mesh(layers, mostMm, limits);
        int found = -1;
        for (int i = 0; i < layers.size(); i++) {
            Layer.Part part = layers.get(i).part();
            if (part == Layer.Part.BOND) {
                found = i;
            }
            Limit most = part == null ? null : Layer.mostOf(part);
            if (part != null && most != null) {
                limited.add(new Limited(i, part, limits.number(most)));
            }
        }
        bond = found;
    }

    boolean hasBond() {
        return bond >= 0;
    }

    List<Limited> limited() {
        return limited;
    }

    double[] allAt(double temperatureC) {
        double[] state = new double[mesh.size];
        java.util.Arrays.fill(state, temperatureC);
        return state;
    }

    /**
     * The temperatures that a heating through another column of the device left here. The cell keeps its own, by depth;
     * what lies under or over it is as warm as the cell's face there. Without a cell, everything is as warm as the other
     * column was on average.
     */
    double[] takenOver(Column other, double[] left) {
        if (other == this) {
            return left;
        }
        int here = layer(Layer.Part.CELL);
        int there = other.layer(Layer.Part.CELL);
        double[] state = new double[mesh.size];
        if (here < 0 || there < 0) {
            java.util.Arrays.fill(state, java.util.Arrays.stream(left).average().orElseThrow());
            return state;
        }
        int first = mesh.first(here);
        int cells = mesh.end(here) - first;
        int otherFirst = other.mesh.first(there);
        int otherCells = other.mesh.end(there) - otherFirst;
        for (int i = 0; i < mesh.size; i++) {
            double depth = Math.clamp((i - first + 0.5) / cells, 0, 1);
            int at = Math.min(otherCells - 1, (int) (depth * otherCells));
            state[i] = left[otherFirst + at];
        }
        return state;
    }

    private int layer(Layer.Part part) {
        for (int i = 0; i < layers.size(); i++) {
            if (layers.get(i).part() == part) {
                return i;
            }
        }
        return -1;
    }

    /** Temperatures of a column at a moment, between what its faces see. */
    record Instant(Column column, double[] temperatures, Surroundings below, Surroundings above, double sinceS) {
        double coldestBondC() {
            int first = column.mesh.first(column.bond);
            int end = column.mesh.end(column.bond);
            double coldest = Math.min(edgeC(first), edgeC(end));
            for (int i = first; i < end; i++) {
                coldest = Math.min(coldest, temperatures[i]);
            }
            return coldest;
        }

        double hottestC(int layer) {
            int first = column.mesh.first(layer);
            int end = column.mesh.end(layer);
            double hottest = Math.max(edgeC(first), edgeC(end));
            for (int i = first; i < end; i++) {
                hottest = Math.max(hottest, temperatures[i]);
            }
            return hottest;
        }

        /** Of the layers of a part; not a number when the column has none. */
        double hottestC(Layer.Part part) {
            double hottest = Double.NaN;
            for (int layer = 0; layer < column.layers.size(); layer++) {
                if (column.layers.get(layer).part() == part) {
                    double here = hottestC(layer);
                    hottest = hottest > here ? hottest : here;
                }
            }
            return hottest;
        }

        double faceC(Setting.Face face) {
            return edgeC(face == Setting.Face.BELOW ? 0 : column.mesh.size);
        }

        /** Temperature of the lower edge of a cell: an interface, or the surface itself. */
        private double edgeC(int cell) {
            if (cell == 0) {
                return column.mesh.surfaceC(temperatures, 0, below, sinceS);
            }
            return cell == column.mesh.size
                    ? column.mesh.surfaceC(temperatures, cell - 1, above, sinceS)
                    : column.mesh.interfaceC(temperatures, cell);
        }
    }
}
