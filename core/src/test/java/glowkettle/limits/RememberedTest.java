package glowkettle.limits;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.Test;

class RememberedTest {
    private static final ShopLimits LIMITS = ShopLimits.defaults();

    private final AtomicInteger reckoned = new AtomicInteger();

    private Remembered<Integer, String> sum(int most) {
        return new Remembered<>(most, (asked, limits) -> {
            reckoned.incrementAndGet();
            return asked + " by " + limits.of(Limit.FLIP_MINUTES);
        });
    }

    @Test
    void isReckonedOnceForTheSameRequestAndLimits() {
        Remembered<Integer, String> sum = sum(10);

        assertThat(sum.of(1_000, LIMITS)).isSameAs(sum.of(1_000, LIMITS));
        assertThat(reckoned).hasValue(1);
    }

    @Test
    void isReckonedAnewByOtherLimitsEvenOfTheSameVersion() {
        Remembered<Integer, String> sum = sum(10);
        ShopLimits other = LIMITS.with(Limit.FLIP_MINUTES, new BigDecimal("0.7"));

        assertThat(sum.of(1, LIMITS)).isNotEqualTo(sum.of(1, other));
        assertThat(sum.of(1, other)).endsWith("0.7");
    }

    @Test
    void keepsNoMoreThanItMayAndLetsTheLongestUnaskedGo() {
        Remembered<Integer, String> sum = sum(2);
        sum.of(1, LIMITS);
        sum.of(2, LIMITS);
        sum.of(1, LIMITS);
        sum.of(3, LIMITS);
        assertThat(reckoned).hasValue(3);

        sum.of(1, LIMITS);
        assertThat(reckoned).hasValue(3);
        sum.of(2, LIMITS);
        assertThat(reckoned).hasValue(4);
    }

    @Test
    void aRefusalIsThrownAsItIsAndNotKept() {
        Remembered<Integer, String> sum = new Remembered<>(10, (asked, limits) -> {
            if (reckoned.incrementAndGet() == 1) {
                throw new IllegalArgumentException("first");
            }
            return "second";
        });

        assertThatThrownBy(() -> sum.of(1, LIMITS))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessage("first");
        assertThat(sum.of(1, LIMITS)).isEqualTo("second");
    }

    @Test
    void whoeverAsksTheSameMeanwhileWaitsForTheFirstAndOthersGoOn() throws Exception {
        CountDownLatch begun = new CountDownLatch(1);
        CountDownLatch goOn = new CountDownLatch(1);
        Remembered<Integer, String> sum = new Remembered<>(10, (asked, limits) -> {
            reckoned.incrementAndGet();
            if (asked == 1) {
                begun.countDown();
                await(goOn);
            }
            return String.valueOf(asked);
        });
        try (ExecutorService many = Executors.newVirtualThreadPerTaskExecutor()) {
            List<Future<String>> same = new ArrayList<>();
            Callable<String> ask = () -> sum.of(1, LIMITS);
            for (int i = 0; i < 20; i++) {
                same.add(many.submit(ask));
            }
            begun.await();
            assertThat(sum.of(2, LIMITS)).isEqualTo("2");
            goOn.countDown();
            for (Future<String> one : same) {
                assertThat(one.get()).isEqualTo("1");
            }
        }
        assertThat(reckoned).hasValue(2);
    }

    private static void await(CountDownLatch latch) {
        try {
            latch.await();
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }
}
