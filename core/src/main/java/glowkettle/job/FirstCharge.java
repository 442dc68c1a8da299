package glowkettle.job;

import glowkettle.limits.Limit;
import glowkettle.shop.OpeningHours;
import java.math.BigDecimal;
import java.time.Duration;
import java.time.Instant;
import java.util.Optional;
import java.util.stream.Stream;

/** What a first charge calls for: somebody who feels the pack, and the charger off at closing, since charge belongs to staffed hours. */
public final class FirstCharge {
    private FirstCharge() {}

    /**
     * @param since when it began; empty while none runs
     * @param feltLast when somebody felt the pack last, or its charge began
     */
    public static Stream<Call> calls(
            Optional<Instant> since, Optional<Instant> feltLast, JobFile job, OpeningHours hours, Stage stage) {
        return Stream.of(
                        since.flatMap(hours::closingAfter)
                                .map(at -> Call.danger(at, "first charge still on at closing: unplug it", stage)),
                        feltLast.map(last -> new Call(
                                last.plus(looks(job)),
                                Attention.WATCH,
                                "first charge: take its temperature",
                                stage,
                                true)))
                .flatMap(Optional::stream);
    }

    private static Duration looks(JobFile job) {
        return Duration.ofSeconds(job.limits()
                .of(Limit.FIRST_CHARGE_LOOK_MIN)
                .multiply(BigDecimal.valueOf(60))
                .longValue());
    }
}
