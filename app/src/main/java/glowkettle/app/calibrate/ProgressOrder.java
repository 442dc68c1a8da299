package glowkettle.app.calibrate;

import glowkettle.calibrate.Progress;
import glowkettle.finding.Unanswerable;
import java.time.Instant;
import java.util.Objects;
import java.util.stream.Stream;

/** Events of a cycle can only have happened one after the other. */
final class ProgressOrder {
    private ProgressOrder() {}

    static void require(String field, Progress progress) {
        Instant before = Instant.MIN;
        for (Instant at : Stream.of(
                        progress.chargeStarted(),
                        progress.fullSeen(),
                        progress.runDownStarted(),
                        progress.shutDownSeen(),
                        progress.lastChargeStarted(),
                        progress.lastChargeEnded())
                .filter(Objects::nonNull)
                .toList()) {
            if (at.isBefore(before)) {
                throw new Unanswerable(field, "%s comes after %s, but was given before it".formatted(before, at));
            }
            before = at;
        }
    }
}
