package glowkettle.join;

import java.util.Arrays;

/**
 * What is known of the voltages along a chain of cells: for every two points the most that one lies above the other. Closed
 * under addition (Floyd and Warshall), so that a contradiction shows as a point that lies above itself.
 */
final class Potentials {
    private static final double HAIR = 1e-9;

    /** {@code most[i][j]}: by how much point j lies above point i at the most. */
    private final double[][] most;

    private Span thermistorOhm;
    private boolean thermistorRead;

    Potentials(int points, Span thermistorOhm) {
        this(new double[points][points], thermistorOhm);
        for (double[] row : most) {
            Arrays.fill(row, Double.POSITIVE_INFINITY);
        }
        for (int i = 0; i < points; i++) {
            most[i][i] = 0;
        }
        this.thermistorOhm = thermistorOhm;
    }

    private Potentials(double[][] most, Span thermistorOhm) {
        this.most = most;
        this.thermistorOhm = thermistorOhm;
    }

    /** The same voltages with a thermistor of so many ohms. */
    Potentials withThermistor(double ohm) {
        return new Potentials(most, new Span(ohm, ohm));
    }

    /** The first point lies above the second by something in this span. */
    void isAbove(int one, int other, Span volts) {
        if (one == other) {
            most[one][one] = volts.meets(new Span(0, 0)) ? most[one][one] : -1;
            return;
        }
        most[other][one] = Math.min(most[other][one], volts.high());
        most[one][other] = Math.min(most[one][other], -volts.low());
    }

    void thermistorIs(Span ohm) {
        thermistorOhm = thermistorOhm.and(ohm);
        thermistorRead = true;
    }

    Span thermistorOhm() {
        return thermistorOhm;
    }

    boolean isThermistorRead() {
        return thermistorRead;
    }

    /** False where what was said cannot all be true. */
    boolean close() {
        int points = most.length;
        for (int via = 0; via < points; via++) {
            for (int i = 0; i < points; i++) {
                for (int j = 0; j < points; j++) {
                    most[i][j] = Math.min(most[i][j], most[i][via] + most[via][j]);
                }
            }
        }
        for (int i = 0; i < points; i++) {
            if (most[i][i] < -HAIR) {
                return false;
            }
        }
        return !thermistorOhm.isEmpty();
    }

    /** By how much the first point may lie above the second. */
    Span above(int one, int other) {
        return new Span(-most[one][other], most[other][one]);
    }
}
