package glowkettle.heat;

import glowkettle.limits.ShopLimits;
import java.util.List;

/**
 * A column cut into finite volumes, none thicker than asked for, each within one layer; perfect contact between layers.
 * Heat of a cell in J/m²K, conductance of half a cell in W/m²K.
 */
final class Mesh {
    private static final double MM = 1e-3;

    final int size;
    final double[] heat;
    /** From the middle of a cell to its edge. */
    final double[] half;
    /** Between the middles of a cell and the next one. */
    final double[] between;

    /** What each cell loses sideways, for its section; nothing in a column that is wider than it is high. */
    final double sideWm2K;

    final double sideC;

    private final int[] firstOfLayer;

    /** A rod of one metal in equal cells. */
    Mesh(Rod rod, int cells) {
        firstOfLayer = new int[] {0, cells};
        size = cells;
        double thick = rod.lengthM() / cells;
        heat = new double[cells];
        half = new double[cells];
        between = new double[cells - 1];
        java.util.Arrays.fill(heat, rod.heatJm3K() * thick);
        java.util.Arrays.fill(half, 2 * rod.conductivityWmK() / thick);
        java.util.Arrays.fill(between, rod.conductivityWmK() / thick);
        heat[cells - 1] += rod.endJm2K();
        sideWm2K = rod.sideWmK() * thick;
        sideC = rod.aroundC();
    }

    Mesh(List<Layer> layers, double mostMm, ShopLimits limits) {
        firstOfLayer = new int[layers.size() + 1];
        for (int i = 0; i < layers.size(); i++) {
            double thick = layers.get(i).thicknessMm().doubleValue();
            // A hair of tolerance, so that 0.2 mm in cells of 0.05 mm is four cells, not five.
            firstOfLayer[i + 1] = firstOfLayer[i] + Math.max(2, (int) Math.ceil(thick / mostMm - 1e-9));
        }
        size = firstOfLayer[layers.size()];
        heat = new double[size];
        half = new double[size];
        between = new double[size - 1];
        for (int i = 0; i < layers.size(); i++) {
            Material.Figures figures = layers.get(i).material().figures(limits);
            int cells = firstOfLayer[i + 1] - firstOfLayer[i];
            double thick = layers.get(i).thicknessMm().doubleValue() * MM / cells;
            for (int cell = firstOfLayer[i]; cell < firstOfLayer[i + 1]; cell++) {
                heat[cell] = figures.heatJm3K() * thick;
                half[cell] = 2 * figures.conductivityWmK() / thick;
            }
        }
        for (int cell = 0; cell < size - 1; cell++) {
            between[cell] = half[cell] * half[cell + 1] / (half[cell] + half[cell + 1]);
        }
        sideWm2K = 0;
        sideC = 0;
    }

    int first(int layer) {
        return firstOfLayer[layer];
    }

    /** One past the last cell of a layer. */
    int end(int layer) {
        return firstOfLayer[layer + 1];
    }

    /** Temperature of the interface below a cell that is not the lowest. */
    double interfaceC(double[] temperatures, int cell) {
        return (half[cell - 1] * temperatures[cell - 1] + half[cell] * temperatures[cell])
                / (half[cell - 1] + half[cell]);
    }

    /** Temperature of an outer surface, between its cell and what the face sees. */
    double surfaceC(double[] temperatures, int cell, Surroundings face, double sinceS) {
        return (half[cell] * temperatures[cell] + face.transferWm2K() * face.temperatureC(sinceS))
                / (half[cell] + face.transferWm2K());
    }
}
