package glowkettle.fit;

import static org.assertj.core.api.Assertions.assertThat;

import glowkettle.arrive.PressureHold.Verdict;
import glowkettle.limits.ShopLimits;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What nobody tested is not restored. */
class SealTest {
    @ParameterizedTest
    @CsvSource({
        "INTACT, INTACT, RESTORED, it holds",
        "OPEN, INTACT, RESTORED, it holds",
        ", INTACT, RESTORED, it holds",
        "INTACT, DOUBTFUL, NOT_RESTORED, 'it held when it came, and does not now'",
        "INTACT, OPEN, NOT_RESTORED, 'it held when it came, and does not now'",
        "DOUBTFUL, OPEN, NOT_RESTORED, Splash protection not restored",
        ", OPEN, NOT_RESTORED, Splash protection not restored",
        "REPEAT, DOUBTFUL, NOT_RESTORED, Splash protection not restored",
        "OPEN, OPEN, NEVER_WAS, there was none",
        "OPEN, DOUBTFUL, NEVER_WAS, there was none",
        "INTACT, , UNTESTED, count on none",
        "INTACT, REPEAT, UNTESTED, count on none",
        ", , UNTESTED, count on none"
    })
    void theSentenceFollowsBothTests(
            @Nullable Verdict before, @Nullable Verdict after, Seal.Standing standing, String says) {
        Seal seal = Seal.of(new Seal.Request(before, null, after, null), ShopLimits.defaults())
                .result();

        assertThat(seal.standing()).isEqualTo(standing);
        assertThat(seal.forTheOwner()).contains(says);
    }
}
