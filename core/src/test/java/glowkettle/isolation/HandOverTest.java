package glowkettle.isolation;

import static org.assertj.core.api.Assertions.assertThat;

import glowkettle.finding.Finding;
import glowkettle.finding.Result;
import glowkettle.limits.ShopLimits;
import java.math.BigDecimal;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class HandOverTest {
    private static HandOver.Pack pack(String wh, String cells, @Nullable String massG, boolean damaged) {
        return new HandOver.Pack(
                "job 17",
                "lithium-ion",
                new BigDecimal(wh),
                new BigDecimal(cells),
                massG == null ? null : new BigDecimal(massG),
                damaged,
                "Sand bucket 1");
    }

    private static Result<HandOver> of(HandOver.Pack... packs) {
        return HandOver.of(new HandOver.Packs(List.of(packs)), ShopLimits.defaults());
    }

    @ParameterizedTest
    @CsvSource({
        "20, 1, false, true",
        "20.01, 1, false, false",
        "100, 6, false, true",
        "100.1, 6, false, false",
        "50, 2, false, false",
        "10, 1, true, false"
    })
    void smallIsACellOfTwentyOrABatteryOfAHundredAndNeverADamagedOne(
            String wh, String cells, boolean damaged, boolean small) {
        assertThat(of(pack(wh, cells, "100", damaged))
                        .result()
                        .lines()
                        .getFirst()
                        .small())
                .isEqualTo(small);
    }

    @Test
    void totalsAndDamagedOnesAreCounted() {
        Result<HandOver> all = of(pack("11.84", "1", "52", false), pack("57.6", "3", "260", true));

        assertThat(all.result().totalWh()).isEqualByComparingTo("69.44");
        assertThat(all.result().totalMassG()).isEqualByComparingTo("312");
        assertThat(all.result().damaged()).isEqualTo(1);
        assertThat(all.findings()).extracting(Finding::rule).first().isEqualTo("damaged-one-by-one");
    }

    @Test
    void aMassThatNobodyKnowsIsAskedForAndNotSummed() {
        Result<HandOver> all = of(pack("11.84", "1", "52", false), pack("57.6", "3", null, false));

        assertThat(all.result().totalMassG()).isNull();
        assertThat(all.findings()).extracting(Finding::rule).contains("missing-mass", "no-air");
    }
}
