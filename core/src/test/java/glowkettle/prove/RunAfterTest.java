package glowkettle.prove;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import glowkettle.assess.TimedRun;
import glowkettle.finding.Finding;
import glowkettle.finding.Result;
import glowkettle.finding.Unanswerable;
import glowkettle.limits.ShopLimits;
import java.math.BigDecimal;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;

class RunAfterTest {
    private static final RunAfter.Label LABEL = new RunAfter.Label(new BigDecimal("3.8"), new BigDecimal("3000"));

    private static Result<RunAfter> ran(
            String last,
            String off,
            boolean full,
            boolean slept,
            @Nullable String loadW,
            RunAfter.@Nullable Span before) {
        return RunAfter.of(
                new RunAfter.Request(
                        new RunAfter.Run(
                                new TimedRun.Ran(new BigDecimal(last), new BigDecimal(off), full, slept),
                                loadW == null ? null : new BigDecimal(loadW)),
                        before,
                        LABEL),
                ShopLimits.defaults());
    }

    private static RunAfter.Span span(String low, String high) {
        return new RunAfter.Span(new BigDecimal(low), new BigDecimal(high));
    }

    @Test
    void aRunIsARangeAndSoIsWhatItIsHeldAgainst() {
        RunAfter after = ran("6", "6.5", true, false, "1.7", span("1", "1.25")).result();

        assertThat(after.hours().words("h")).isEqualTo("6 to 6.5\u00a0h");
        assertThat(after.timesAsLong()).isEqualTo(span("4.8", "6.5"));
        assertThat(after.ofLabelPercent()).isEqualTo(span("89", "97"));
    }

    @Test
    void nothingIsHeldAgainstWhatNobodyKnows() {
        RunAfter after = ran("6", "6", true, false, null, null).result();

        assertThat(after.timesAsLong()).isNull();
        assertThat(after.ofLabelPercent()).isNull();
    }

    @Test
    void noLongerThanBeforeAndUnderItsLabelWithItsWholeRangeIsSaid() {
        assertThat(ran("1", "1.2", true, false, "1.7", span("1.2", "1.3")).findings())
                .extracting(Finding::rule)
                .containsExactlyInAnyOrder("run-after-no-longer", "run-after-under-label");
        assertThat(ran("6.5", "7", true, false, "1.7", span("1.2", "1.3")).findings())
                .isEmpty();
    }

    @Test
    void aRunThatSaysNothingIsRefusedWithItsReason() {
        assertThatThrownBy(() -> ran("6", "6", true, true, null, null))
                .isInstanceOf(Unanswerable.class)
                .hasMessageContaining("slept in between");
        assertThatThrownBy(() -> ran("6", "6", false, false, null, null)).hasMessageContaining("not full at the start");
        assertThatThrownBy(() -> ran("9", "9", true, false, "1.7", null))
                .hasMessageContaining("cannot be; look at load");
        assertThatThrownBy(() -> ran("6", "5", true, false, null, null)).hasMessageContaining("lies before");
    }
}
