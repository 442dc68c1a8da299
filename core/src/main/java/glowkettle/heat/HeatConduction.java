package glowkettle.heat;

/**
 * Walks one column through time between two surroundings: {@code ρ c ∂T/∂t = ∂/∂x (k ∂T/∂x)} by finite volumes and the
 * two-stage singly diagonal implicit Runge-Kutta rule of second order, which damps stiff layers (Alexander, SIAM J. Numer.
 * Anal. 14 (1977), γ = 1 − 1/√2). The step follows an error estimate of first order, so the answer is better than the
 * tolerance. Each step costs two sweeps of a tridiagonal matrix, factored anew only when the step changes.
 */
final class HeatConduction {
    private static final double GAMMA = 1 - Math.sqrt(0.5);
    private static final double FIRST_STEP_S = 0.02;
    private static final double LONGEST_STEP_S = 8;
    private static final double LEAST_STEP_S = 1e-4;
    private static final double GROWTH = 1.6;
    /** Moments this near count as one. */
    static final double NEAR_S = 1e-9;

    private final Mesh mesh;
    private final Surroundings below;
    private final Surroundings above;
    private final double toleranceK;
    private final double lowEdge;
    private final double highEdge;

    private double[] now;
    private double[] trial;
    private final double[] slope;
    private final double[] start;
    private final double[] pivot;
    private final double[] upper;
    private double factoredForS;

    private double sinceS;
    private double stepS = FIRST_STEP_S;

    HeatConduction(Mesh mesh, Surroundings below, Surroundings above, double[] from, double sinceS, double toleranceK) {
        this.mesh = mesh;
        this.below = below;
        this.above = above;
        this.toleranceK = toleranceK;
        this.sinceS = sinceS;
        now = from.clone();
        trial = new double[mesh.size];
        slope = new double[mesh.size];
        start = new double[mesh.size];
        pivot = new double[mesh.size];
        upper = new double[mesh.size];
        lowEdge = edge(mesh.half[0], below);
        highEdge = edge(mesh.half[mesh.size - 1], above);
    }

    private static double edge(double half, Surroundings face) {
        return half * face.transferWm2K() / (half + face.transferWm2K());
    }

    double sinceS() {
        return sinceS;
    }

    double[] temperatures() {
        return now;
    }

    Surroundings below() {
        return below;
    }

    Surroundings above() {
        return above;
    }

    /** Takes one step, no further than a moment. */
    void step(double noLaterThanS) {
        while (true) {
            double taken = Math.min(stepS, noLaterThanS - sinceS);
            double errorK = attempt(taken);
            if (errorK > toleranceK && taken > LEAST_STEP_S) {
                stepS = taken / 2;
                continue;
            }
            sinceS += taken;
            double[] last = now;
            now = trial;
            trial = last;
            // A step cut short by its end says nothing of how long the next may be.
            if (taken == stepS && errorK * GROWTH * GROWTH < toleranceK) {
                stepS = Math.min(LONGEST_STEP_S, stepS * GROWTH);
            }
            return;
        }
    }

    void to(double momentS) {
        while (momentS - sinceS > NEAR_S) {
            step(momentS);
        }
    }

    private double attempt(double dt) {
        double weight = GAMMA * dt;
        if (factoredForS != dt) {
            factor(weight);
            factoredForS = dt;
        }
        int n = mesh.size;
        stage(now, weight, sinceS + weight);
        for (int i = 0; i < n; i++) {
            slope[i] = (trial[i] - now[i]) / weight;
            start[i] = now[i] + (dt - weight) * slope[i];
        }
        double error = 0;
        stage(start, weight, sinceS + dt);
        for (int i = 0; i < n; i++) {
            double second = (trial[i] - start[i]) / weight;
            error = Math.max(error, Math.abs(second - slope[i]));
        }
        return error * weight;
    }

    /** Solves {@code (C + w·A) T = C·from + w·s} for the stage temperatures, into {@link #trial}. */
    private void stage(double[] from, double weight, double atS) {
        int n = mesh.size;
        double carried = 0;
        for (int i = 0; i < n; i++) {
            double right = mesh.heat[i] * from[i];
            if (i == 0) {
                right += weight * lowEdge * below.temperatureC(atS);
            } else {
                right += weight * mesh.between[i - 1] * carried;
            }
            if (i == n - 1) {
                right += weight * highEdge * above.temperatureC(atS);
            }
            right += weight * mesh.sideWm2K * mesh.sideC;
            carried = right * pivot[i];
            trial[i] = carried;
        }
        for (int i = n - 2; i >= 0; i--) {
            trial[i] += upper[i] * trial[i + 1];
        }
    }

    private void factor(double weight) {
        int n = mesh.size;
        for (int i = 0; i < n; i++) {
            double diagonal = mesh.heat[i]
                    + weight * (i == 0 ? lowEdge : mesh.between[i - 1])
                    + weight * (i == n - 1 ? highEdge : mesh.between[i])
                    + weight * mesh.sideWm2K;
            if (i > 0) {
                diagonal -= weight * mesh.between[i - 1] * upper[i - 1];
            }
            pivot[i] = 1 / diagonal;
            upper[i] = i == n - 1 ? 0 : weight * mesh.between[i] * pivot[i];
        }
    }
}
