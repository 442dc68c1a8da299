package glowkettle.open;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import glowkettle.finding.Result;
import glowkettle.finding.Unanswerable;
import glowkettle.library.Fastener;
import glowkettle.library.Side;
import glowkettle.limits.ShopLimits;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Orders laid down by hand, and fasteners that change places. */
class ByHandTest {
    private static final ShopLimits LIMITS = ShopLimits.defaults();

    private static Result<HandOrder> tried(Teardown.Request teardown, List<String> order) {
        return HandOrder.of(new HandOrder.Request(teardown, order), LIMITS);
    }

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6})
    void noOrderByHandIsCheaperThanThePlanAndThePlansOwnCostsNothingMore(long seed) {
        Teardown.Request teardown = GeneratedModels.random(seed, 14, 3);
        List<String> best = Teardown.plan(teardown, LIMITS).result().order();
        assertThat(tried(teardown, best).result().dearerMinutes()).isEqualByComparingTo("0");
        assertThat(tried(teardown, best).result().breaks()).isFalse();
        Random random = new Random(seed);
        for (int i = 0; i < 200; i++) {
            List<String> other = new ArrayList<>(best);
            Collections.swap(other, random.nextInt(other.size()), random.nextInt(other.size()));
            HandOrder order = tried(teardown, other).result();
            assertThat(order.breaks() || order.dearerMinutes().signum() >= 0).isTrue();
        }
    }

    @Test
    void whatAnOrderBreaksIsNamed() {
        Teardown.Request teardown = GeneratedModels.random(3, 14, 3);
        List<String> backwards =
                Teardown.plan(teardown, LIMITS).result().order().reversed();
        assertThat(tried(teardown, backwards).findings())
                .isNotEmpty()
                .allMatch(finding ->
                        finding.rule().equals("order-breaks") || finding.rule().equals("order-live"));
        assertThatThrownBy(() -> tried(teardown, backwards.subList(1, 5)))
                .isInstanceOf(Unanswerable.class)
                .hasMessageContaining("once");
    }

    private static Fastener screw(String id, String xMm, String yMm, String threadMm, String lengthMm) {
        return new Fastener(
                id,
                new Fastener.Spot(Side.BACK, new BigDecimal(xMm), new BigDecimal(yMm)),
                new Fastener.Make("P0", new BigDecimal(threadMm), new BigDecimal(lengthMm), "flat"),
                Fastener.Seat.METAL,
                null,
                null,
                "cover",
                null);
    }

    @Test
    void theMostDangerousMixupComesFirst() {
        List<Mixup> mixups = Mixup.among(
                List.of(
                        screw("A", "0", "0", "2", "8"),
                        screw("B", "10", "0", "2", "8"),
                        screw("C", "20", "0", "2", "5"),
                        screw("D", "30", "0", "2", "5.2")),
                LIMITS);
        assertThat(mixups)
                .extracting(mixup -> mixup.longer().id() + mixup.shorter().id())
                .containsExactly("AC", "AD", "DC");
        assertThat(mixups.getFirst().overshootMm()).isEqualByComparingTo("3");
        assertThat(mixups).extracting(Mixup::dangerous).containsExactly(true, true, false);
        assertThat(Mixup.of(screw("A", "0", "0", "2", "5"), screw("B", "0", "0", "1.6", "5"), LIMITS)
                        .otherThread())
                .isTrue();
    }

    @Test
    void aGroupWithoutNumbersIsTightenedCrosswise() {
        assertThat(Tightening.order(List.of(
                        screw("A", "0", "0", "2", "5"),
                        screw("B", "100", "0", "2", "5"),
                        screw("C", "100", "60", "2", "5"),
                        screw("D", "0", "60", "2", "5"))))
                .extracting(Fastener::id)
                .containsExactly("A", "C", "D", "B");
    }
}
