package glowkettle.heat;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A rod against what textbooks solve by hand. */
class RodTest {
    private static final double K = 90;
    private static final double HEAT = 8900 * 445.0;
    private static final double AIR_C = 20;
    private static final double IRON_C = 350;

    private static HeatConduction touched(Rod rod, int cells, double seconds) {
        HeatConduction touched = rod.warming(new Mesh(rod, cells), IRON_C);
        touched.to(seconds);
        return touched;
    }

    private static double atLiftOffC(Rod rod, double seconds) {
        return Rod.farEndC(touched(rod, 60, seconds));
    }

    private static double insideC(Rod rod, double seconds, double depthM) {
        int cells = 600;
        double[] state = touched(rod, cells, seconds).temperatures();
        double at = depthM / rod.lengthM() * cells - 0.5;
        int cell = (int) Math.floor(at);
        return state[cell] + (at - cell) * (state[cell + 1] - state[cell]);
    }

    /** Fin with an insulated tip: {@code θ(L) = θ(0) / cosh(mL)}, θ(0) by what the contact lets in. */
    @ParameterizedTest
    @CsvSource({"0.012, 20000", "0.03, 60000", "0.05, 150000"})
    void longTouchedItIsAFin(double lengthM, double contactWm2K) {
        double side = 15 * 2 * 7.2e-3 / 1.4e-6;
        double m = Math.sqrt(side / K);
        double into = K * m * Math.tanh(m * lengthM);
        double base = (IRON_C - AIR_C) * contactWm2K / (contactWm2K + into);
        double tip = AIR_C + base / Math.cosh(m * lengthM);
        Rod rod = new Rod(lengthM, K, HEAT, side, 0, contactWm2K, AIR_C);
        assertThat(atLiftOffC(rod, 4_000)).isCloseTo(tip, within((tip - AIR_C) / 100));
    }

    /** Half-space behind a contact (Carslaw and Jaeger 2.7), as long as nothing comes back from the far end. */
    @ParameterizedTest
    @CsvSource({"0.004, 0.15", "0.004, 0.3", "0.006, 0.8"})
    void shortTouchedItIsAHalfSpaceToItsDepth(double depthM, double seconds) {
        double contact = 40_000;
        double diffusivity = K / HEAT;
        double root = Math.sqrt(diffusivity * seconds);
        double h = contact / K;
        double halfSpace = erfc(depthM / (2 * root))
                - Math.exp(h * depthM + h * h * diffusivity * seconds) * erfc(depthM / (2 * root) + h * root);
        // Far longer than the depth, so that the far end is not felt; it is read inside by a rod that ends there and
        // leads on.
        Rod rod = new Rod(0.06, K, HEAT, 0, 0, contact, AIR_C);
        double there = insideC(rod, seconds, depthM);
        assertThat(there - AIR_C).isCloseTo((IRON_C - AIR_C) * halfSpace, within((IRON_C - AIR_C) * 0.01));
    }

    /** Abramowitz and Stegun 7.1.26, to 1.5e-7. */
    private static double erfc(double x) {
        double t = 1 / (1 + 0.3275911 * x);
        return t
                * (0.254829592 + t * (-0.284496736 + t * (1.421413741 + t * (-1.453152027 + t * 1.061405429))))
                * Math.exp(-x * x);
    }

    @Test
    void itGoesOnGrowingWarmerAfterwardsAndCoolsInTheEnd() {
        Rod rod = new Rod(0.012, K, HEAT, 15 * 2 * 7.2e-3 / 1.4e-6, 0, 60_000, AIR_C);
        assertThat(rod.highestC(IRON_C, 1)).isGreaterThan(atLiftOffC(rod, 1));
        double cooled = rod.coolS(IRON_C, 1, AIR_C + 5, 900);
        assertThat(cooled).isBetween(10.0, 400.0);
        assertThat(rod.coolS(IRON_C, 1, AIR_C + 5, cooled - 5)).isNaN();
    }

    @Test
    void whatHangsOnItsEndKeepsItCooler() {
        Rod bare = new Rod(0.012, K, HEAT, 0, 0, 60_000, AIR_C);
        Rod hung = new Rod(0.012, K, HEAT, 0, 1e6, 60_000, AIR_C);
        assertThat(hung.highestC(IRON_C, 2)).isLessThan(bare.highestC(IRON_C, 2));
    }
}
