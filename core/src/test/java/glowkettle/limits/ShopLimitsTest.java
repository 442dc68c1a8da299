package glowkettle.limits;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import glowkettle.finding.AppliedLimit;
import java.math.BigDecimal;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class ShopLimitsTest {
    private static final ShopLimits DEFAULTS = ShopLimits.defaults();

    @ParameterizedTest
    @EnumSource(Limit.class)
    void everyLimitHasAValueARangeAndSaysWhatItDecides(Limit limit) {
        LimitSpec spec = ShopLimits.spec(limit);

        assertThat(spec.byDefault()).isBetween(spec.range().min(), spec.range().max());
        assertThat(DEFAULTS.of(limit)).isEqualByComparingTo(spec.byDefault());
        assertThat(spec.decides()).isNotBlank();
        assertThat(limit.id()).matches("[a-z0-9-]+");
    }

    @ParameterizedTest
    @EnumSource(Limit.class)
    void aValueOutsideItsRangeIsRefusedWithTheRange(Limit limit) {
        LimitSpec spec = ShopLimits.spec(limit);

        assertThatThrownBy(() -> DEFAULTS.with(limit, spec.range().max().add(BigDecimal.ONE)))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining(limit.id())
                .hasMessageContaining(spec.range().max().toString());
        assertThat(DEFAULTS.with(limit, spec.range().min()).of(limit))
                .isEqualByComparingTo(spec.range().min());
    }

    @Test
    void aChangedLimitSaysThatItIsTheShops() {
        ShopLimits stricter = DEFAULTS.with(Limit.SURFACE_ISOLATE_C, new BigDecimal("40"));

        assertThat(stricter.applied(Limit.SURFACE_ISOLATE_C).source()).isEqualTo(AppliedLimit.Source.SHOP);
        assertThat(DEFAULTS.applied(Limit.SURFACE_ISOLATE_C).source()).isEqualTo(AppliedLimit.Source.BUILT_IN);
        assertThat(DEFAULTS.of(Limit.SURFACE_ISOLATE_C)).isEqualByComparingTo("45");
    }

    @ParameterizedTest
    @EnumSource(LimitTable.class)
    void tablesAreFilledAndRectangular(LimitTable table) {
        Table filled = DEFAULTS.table(table);

        assertThat(filled.rows()).isNotEmpty();
        assertThat(filled.rows())
                .extracting(List::size)
                .containsOnly(filled.columns().size());
    }

    @Test
    void theOpenCircuitTableRises() {
        List<List<BigDecimal>> rows = DEFAULTS.table(LimitTable.OPEN_CIRCUIT).rows();
        for (int column = 0; column < 3; column++) {
            for (int row = 1; row < rows.size(); row++) {
                assertThat(rows.get(row).get(column))
                        .isGreaterThan(rows.get(row - 1).get(column));
            }
        }
    }

    /** Whether a change protects less is a matter of its direction, and the other direction is never looser, too. */
    @ParameterizedTest
    @EnumSource(Limit.class)
    void ofTwoDirectionsAtMostOneIsLooser(Limit limit) {
        LimitSpec spec = ShopLimits.spec(limit);
        ShopLimits low = ShopLimits.defaults().with(limit, spec.range().min());
        ShopLimits high = ShopLimits.defaults().with(limit, spec.range().max());
        LimitChange up = LimitChange.between(low, high).getFirst();
        LimitChange down = LimitChange.between(high, low).getFirst();

        assertThat(up.looser()).isEqualTo(spec.stricter() == LimitSpec.Stricter.LOWER);
        assertThat(down.looser()).isEqualTo(spec.stricter() == LimitSpec.Stricter.HIGHER);
        assertThat(LimitChange.between(low, low)).isEmpty();
    }
}
