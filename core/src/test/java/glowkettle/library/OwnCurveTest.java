package glowkettle.library;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import glowkettle.cell.Chemistry;
import glowkettle.cell.OpenCircuitCurve;
import glowkettle.limits.ShopLimits;
import java.math.BigDecimal;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class OwnCurveTest {
    private static final ShopLimits SHOP = ShopLimits.defaults();

    private static List<OwnCurve.Point> curve(String... points) {
        return Stream.of(points)
                .map(point -> point.split("@"))
                .map(point -> new OwnCurve.Point(new BigDecimal(point[1]), new BigDecimal(point[0])))
                .toList();
    }

    /** Whatever the limit that the table is stretched to: what was measured is what is read. */
    @ParameterizedTest
    @ValueSource(strings = {"4.20", "4.35", "4.40", "4.45"})
    void aJobReadsTheCurveAsItWasMeasured(String chargeLimitV) {
        BigDecimal limit = new BigDecimal(chargeLimitV);
        List<OwnCurve.Point> points = curve("3.31@0", "3.60@20", "3.71@45", "3.95@70", "4.18@100");

        ShopLimits judged = OwnCurve.judging(points, limit, SHOP);
        OpenCircuitCurve read = OpenCircuitCurve.of(Chemistry.chargedTo(limit, judged), judged);

        points.forEach(point -> assertThat(read.volts(point.socPercent().doubleValue()))
                .isCloseTo(point.cellV().doubleValue(), within(1e-6)));
        assertThat(read.socPercent(3.655)).isCloseTo(32.5, within(0.01));
        assertThat(judged.version()).isEqualTo(SHOP.version());
    }

    @Test
    void withoutACurveOfItsOwnTheShopsHolds() {
        assertThat(OwnCurve.judging(List.of(), new BigDecimal("4.2"), SHOP)).isSameAs(SHOP);
    }

    @ParameterizedTest
    @CsvSource({
        "3.3@0, has 1 points",
        "3.3@5 4.1@100, must reach from 0 to 100",
        "3.3@0 4.1@90, must reach from 0 to 100",
        "3.3@0 3.9@50 3.9@60 4.1@100, must rise",
        "3.3@0 3.9@50 4.0@50 4.1@100, must rise"
    })
    void aCurveThatSaysTwoChargesForOneVoltageIsRefused(String points, String reason) {
        assertThat(OwnCurve.fault(curve(points.split(" ")))).get().asString().contains(reason);
    }

    @Test
    void aSoundCurveIsTaken() {
        assertThat(OwnCurve.fault(curve("3.3@0", "3.9@50", "4.1@100"))).isEmpty();
        assertThat(OwnCurve.fault(List.of())).isEmpty();
    }
}
