package glowkettle.assess;

import static org.assertj.core.api.Assertions.assertThat;

import glowkettle.finding.Result;
import glowkettle.limits.ShopLimits;
import java.math.BigDecimal;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class HealthTest {
    private static final ShopLimits LIMITS = ShopLimits.defaults();

    private static Result<Health> health(String full, String design, String cycles) {
        return Health.fromGauge(
                new GaugeReading(
                        new BigDecimal(full),
                        new BigDecimal(design),
                        cycles == null ? null : new BigDecimal(cycles),
                        null,
                        null,
                        List.of()),
                LIMITS);
    }

    @ParameterizedTest
    @CsvSource({
        "800,1000,80.0,GOOD", "799,1000,79.9,AGED", "600,1000,60.0,AGED", "599,1000,59.9,WORN",
        "1040,1000,104.0,GOOD", "1,3,33.3,WORN", "7996,9995,80.0,GOOD", "79995,100000,80.0,AGED"
    })
    void wordsFollowTheShareAsMeasuredNotAsRounded(String full, String design, String percent, Health.Wear wear) {
        Health health = health(full, design, null).result();

        assertThat(health.sohPercent()).isEqualByComparingTo(percent);
        assertThat(health.wear()).isEqualTo(wear);
        assertThat(health.wearPer100CyclesPoints()).isNull();
    }

    @Test
    void showsTheWearPerHundredCycles() {
        assertThat(health("2680", "4330", "640").result().wearPer100CyclesPoints())
                .isEqualByComparingTo("5.95");
        assertThat(health("4330", "4330", "0").result().wearPer100CyclesPoints())
                .isNull();
    }

    @Test
    void carriesTheSumAndTheLimitThatDecided() {
        Result<Health> health = health("2680", "4330", "640");

        assertThat(health.working().lines().getFirst().replace('\u00a0', ' '))
                .isEqualTo("SoH = 2 680 mAh / 4 330 mAh = 61.9 %");
        assertThat(health.findings().getFirst().limit().id()).isEqualTo("soh-aged-percent");
    }
}
