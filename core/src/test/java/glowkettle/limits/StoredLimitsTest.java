package glowkettle.limits;

import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigDecimal;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

class StoredLimitsTest {
    private static final Map<String, List<List<BigDecimal>>> NO_TABLES = Map.of();

    private static List<BigDecimal> row(String... figures) {
        return List.of(figures).stream().map(BigDecimal::new).toList();
    }

    @Test
    void whatAnOlderVersionLacksComesFromTheDefaults() {
        ShopLimits read = StoredLimits.read(3, Map.of(), NO_TABLES);
        assertThat(read.values()).isEqualTo(ShopLimits.defaults().values());
        assertThat(read.tables()).isEqualTo(ShopLimits.defaults().tables());
        assertThat(read.version()).isEqualTo(3);
    }

    @Test
    void whatLiesOutsideOfTodaysRangeIsKeptAndNamed() {
        BigDecimal beyond =
                ShopLimits.spec(Limit.LIVE_PACK_MINUTES).range().max().add(BigDecimal.ONE);
        ShopLimits read = StoredLimits.read(3, Map.of(Limit.LIVE_PACK_MINUTES.id(), beyond), NO_TABLES);
        assertThat(read.of(Limit.LIVE_PACK_MINUTES)).isEqualTo(beyond);
        assertThat(read.keeps(Limit.LIVE_PACK_MINUTES)).isTrue();
        assertThat(read.kept()).hasSize(1);
    }

    @Test
    void whatIsNotKnownAnyMoreIsLeftOut() {
        Map<String, BigDecimal> values = new HashMap<>();
        values.put("moon-phase", BigDecimal.TEN);
        assertThat(StoredLimits.read(3, values, Map.of("moons", List.of(row("1", "2")))))
                .isEqualTo(StoredLimits.read(3, Map.of(), NO_TABLES));
    }

    @Test
    void aMaterialMoreThanWasKnownThenComesFromTheDefaults() {
        List<List<BigDecimal>> today =
                ShopLimits.defaults().table(LimitTable.LAYERS).rows();
        List<List<BigDecimal>> then = today.subList(0, today.size() - 2);
        ShopLimits read = StoredLimits.read(3, Map.of(), Map.of(LimitTable.LAYERS.id(), then));
        assertThat(read.table(LimitTable.LAYERS).rows()).isEqualTo(today);
        assertThat(read.kept()).isEmpty();
    }

    @Test
    void aColumnMoreThanWasKnownThenComesFromTheSameRowOfToday() {
        List<List<BigDecimal>> then = ShopLimits.defaults().table(LimitTable.TORQUE).rows().stream()
                .map(row -> row.subList(0, 2))
                .toList();
        ShopLimits read = StoredLimits.read(3, Map.of(), Map.of(LimitTable.TORQUE.id(), then));
        assertThat(read.table(LimitTable.TORQUE))
                .isEqualTo(ShopLimits.defaults().table(LimitTable.TORQUE));
    }

    @Test
    void aTableThatBreaksTodaysRulesIsKeptAndNamed() {
        List<List<BigDecimal>> then = List.of(row("1.2", "0.1", "0.2"), row("1.4", "0.2", "0.1"));
        ShopLimits read = StoredLimits.read(3, Map.of(), Map.of(LimitTable.TORQUE.id(), then));
        assertThat(read.table(LimitTable.TORQUE).rows()).isEqualTo(then);
        assertThat(read.kept()).containsExactly(LimitTable.TORQUE.id());
    }
}
