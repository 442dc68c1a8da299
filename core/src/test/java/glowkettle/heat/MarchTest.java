package glowkettle.heat;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import glowkettle.limits.ShopLimits;
import java.math.BigDecimal;
import java.util.List;
import org.apache.commons.statistics.distribution.NormalDistribution;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** The solver against solutions that are known exactly (Carslaw and Jaeger, Conduction of Heat in Solids, 2.7 and 3.11). */
class MarchTest {
    private static final ShopLimits LIMITS = ShopLimits.defaults();
    private static final double TOLERANCE_K = 0.05;
    private static final double CELL_MM = 0.05;

    @ParameterizedTest
    @CsvSource({"GLASS, 150, 5", "GLASS, 150, 40", "GLASS, 80, 120", "CELL, 150, 60", "PLASTIC, 35, 60"})
    void aThickLayerFollowsTheHalfSpaceWithinATenthOfAKelvin(Material material, double transfer, double seconds) {
        Mesh mesh = mesh(material, "60");
        double[] state = march(mesh, transfer, 84, 20, 20, seconds).temperatures();
        double k = material.figures(LIMITS).conductivityWmK();
        double diffusivity = k / material.figures(LIMITS).heatJm3K();
        double cell = 60e-3 / mesh.size;
        for (int i = 0; i < mesh.size / 2; i += 20) {
            double x = (i + 0.5) * cell;
            double rooted = Math.sqrt(diffusivity * seconds);
            double share = erfc(x / 2 / rooted)
                    - Math.exp(transfer * x / k + transfer * transfer * rooted * rooted / k / k)
                            * erfc(x / 2 / rooted + transfer * rooted / k);
            assertThat(state[i]).isCloseTo(20 + 64 * share, within(0.1));
        }
    }

    @ParameterizedTest
    @CsvSource({"CELL, 5, 150, 20", "CELL, 5, 150, 100", "GLASS, 3, 80, 60", "DISPLAY_STACK, 4, 35, 200"})
    void aSlabHeatedOnBothSidesFollowsItsSeriesWithinATenthOfAKelvin(
            Material material, String thickMm, double transfer, double seconds) {
        Mesh mesh = mesh(material, thickMm);
        HeatConduction march = new HeatConduction(
                mesh,
                Surroundings.steady(transfer, 84),
                Surroundings.steady(transfer, 84),
                filled(mesh, 20),
                0,
                TOLERANCE_K);
        march.to(seconds);
        double[] state = march.temperatures();
        double half = Double.parseDouble(thickMm) / 2000;
        double k = material.figures(LIMITS).conductivityWmK();
        double fourier = k / material.figures(LIMITS).heatJm3K() * seconds / half / half;
        for (int i = 0; i < mesh.size; i += 5) {
            double x = Math.abs((i + 0.5) / mesh.size * 2 - 1);
            assertThat(state[i]).isCloseTo(84 - 64 * series(transfer * half / k, fourier, x), within(0.1));
        }
    }

    @ParameterizedTest
    @EnumSource(Setting.Face.class)
    void whatFlowsInIsWhatTheLayersHold(Setting.Face hot) {
        Column column = new Column(Stacks.FRONT_GLASS.cell(), CELL_MM, LIMITS);
        Surroundings heated = Surroundings.steady(150, 84);
        Surroundings resting = Surroundings.steady(10, 20);
        Surroundings below = hot == Setting.Face.BELOW ? heated : resting;
        Surroundings above = hot == Setting.Face.BELOW ? resting : heated;
        HeatConduction march = new HeatConduction(column.mesh, below, above, column.allAt(20), 0, 0.002);
        double flowed = 0;
        double lastFlux = flux(column, march, below, above);
        double lastS = 0;
        while (march.sinceS() < 300) {
            march.step(Math.min(300, march.sinceS() + 0.05));
            double flux = flux(column, march, below, above);
            flowed += (flux + lastFlux) / 2 * (march.sinceS() - lastS);
            lastFlux = flux;
            lastS = march.sinceS();
        }
        double held = heatOver(column.mesh, march.temperatures(), 20);
        assertThat(flowed).isCloseTo(held, within(held * 0.001));
    }

    private static double heatOver(Mesh mesh, double[] temperatures, double zeroC) {
        double sum = 0;
        for (int i = 0; i < mesh.size; i++) {
            sum += mesh.heat[i] * (temperatures[i] - zeroC);
        }
        return sum;
    }

    private static double flux(Column column, HeatConduction march, Surroundings below, Surroundings above) {
        Column.Instant instant = new Column.Instant(column, march.temperatures(), below, above, march.sinceS());
        return below.transferWm2K() * (below.endC() - instant.faceC(Setting.Face.BELOW))
                + above.transferWm2K() * (above.endC() - instant.faceC(Setting.Face.ABOVE));
    }

    @Test
    void halvingCellsAndStepsMovesNothingByMoreThanATenthOfAKelvin() {
        Column coarse = new Column(Stacks.FRONT_GLASS.cell(), CELL_MM, LIMITS);
        Column fine = new Column(Stacks.FRONT_GLASS.cell(), CELL_MM / 2, LIMITS);
        for (double seconds : new double[] {3, 20, 62, 213, 900}) {
            assertThat(cellC(coarse, seconds, TOLERANCE_K))
                    .isCloseTo(cellC(fine, seconds, TOLERANCE_K), within(0.05))
                    .isCloseTo(cellC(coarse, seconds, TOLERANCE_K / 4), within(0.05));
        }
    }

    private static double cellC(Column column, double seconds, double toleranceK) {
        Surroundings below = Surroundings.steady(150, 84);
        Surroundings above = Surroundings.steady(10, 20);
        HeatConduction march = new HeatConduction(column.mesh, below, above, column.allAt(20), 0, toleranceK);
        march.to(seconds);
        return new Column.Instant(column, march.temperatures(), below, above, seconds).hottestC(Layer.Part.CELL);
    }

    @Test
    void aSwitchedOffMatFallsToAThirdInItsCoolingTime() {
        Surroundings mat = Surroundings.cooling(150, 84, 20, 900);
        assertThat(mat.temperatureC(0)).isEqualTo(84);
        assertThat(mat.temperatureC(900)).isCloseTo(20 + 64 / Math.E, within(1e-9));
    }

    @Test
    void aMovingJetWarmsItsShareOnly() {
        Surroundings seen = new Setting(
                        Setting.Source.AIR_LOW, new BigDecimal("100"), Setting.Face.BELOW, new BigDecimal("25"))
                .heated(20, 1, LIMITS);
        assertThat(seen.transferWm2K()).isCloseTo(0.25 * 50 + 0.75 * 10, within(1e-9));
        assertThat(seen.endC()).isCloseTo((0.25 * 50 * 100 + 0.75 * 10 * 20) / 20, within(1e-9));
    }

    private static HeatConduction march(
            Mesh mesh, double transfer, double hotC, double restC, double startC, double seconds) {
        HeatConduction march = new HeatConduction(
                mesh,
                Surroundings.steady(transfer, hotC),
                Surroundings.steady(0, restC),
                filled(mesh, startC),
                0,
                TOLERANCE_K);
        march.to(seconds);
        return march;
    }

    private static Mesh mesh(Material material, String thickMm) {
        return new Mesh(List.of(Stacks.layer(material, thickMm)), CELL_MM, LIMITS);
    }

    private static double[] filled(Mesh mesh, double value) {
        double[] state = new double[mesh.size];
        java.util.Arrays.fill(state, value);
        return state;
    }

    private static double erfc(double x) {
        return 2 * NormalDistribution.of(0, 1).survivalProbability(x * Math.sqrt(2));
    }

    /** Σ of the slab's first fifty modes, their roots ζ·tan ζ = Bi found by halving. */
    private static double series(double biot, double fourier, double x) {
        double sum = 0;
        for (int n = 0; n < 50; n++) {
            double low = n * Math.PI;
            double high = low + Math.PI / 2 - 1e-12;
            for (int i = 0; i < 80; i++) {
                double middle = (low + high) / 2;
                if (middle * Math.tan(middle) < biot) {
                    low = middle;
                } else {
                    high = middle;
                }
            }
            double root = (low + high) / 2;
            double weight = 4 * Math.sin(root) / (2 * root + Math.sin(2 * root));
            sum += weight * Math.exp(-root * root * fourier) * Math.cos(root * x);
        }
        return sum;
    }
}
