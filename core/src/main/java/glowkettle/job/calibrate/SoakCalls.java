package glowkettle.job.calibrate;

import glowkettle.calibrate.ClockPlan;
import glowkettle.calibrate.Progress;
import glowkettle.calibrate.SoakVerdict;
import glowkettle.job.Attention;
import glowkettle.job.Call;
import glowkettle.job.Danger;
import glowkettle.job.JobFile;
import glowkettle.shop.OpeningHours;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** When a soak cycle needs hands, and what must not stay on overnight. */
final class SoakCalls {
    private SoakCalls() {}

    static List<Call> of(JobFile job, OpeningHours hours) {
        SoakCycle soak = SoakCycle.of(job);
        Progress cycle = soak.progress();
        List<Call> calls = new ArrayList<>(hands(soak, job.now(), hours));
        if (!soak.leftOut()) {
            if (cycle.runDownStarted() == null) {
                charging(cycle.chargeStarted(), hours).ifPresent(calls::add);
            }
            if (cycle.lastChargeEnded() == null) {
                charging(cycle.lastChargeStarted(), hours).ifPresent(calls::add);
            }
        }
        return calls;
    }

    /** Charge and load belong to staffed hours: at closing they are off. */
    private static Optional<Call> charging(@Nullable Instant since, OpeningHours hours) {
        return Optional.ofNullable(since)
                .flatMap(hours::closingAfter)
                .map(at -> Call.danger(
                        at, "still on its charger at closing: unplug it", CalibrateChapter.STAGE, Danger.ON));
    }

    /** The hands that a running cycle still needs. */
    private static List<Call> hands(SoakCycle soak, Instant now, OpeningHours hours) {
        boolean running = soak.progress().chargeStarted() != null
                && soak.progress().lastChargeEnded() == null
                && soak.verdict().result().standing() == SoakVerdict.Standing.UNDER_WAY;
        if (!running) {
            return List.of();
        }
        return switch (soak.clockPlan(now, hours).result()) {
            case ClockPlan.Outcome.NoFit ignored -> List.of();
            case ClockPlan.Outcome.Planned planned ->
                planned.actions().stream()
                        .map(action ->
                                new Call(action.at(), Attention.WORK, action.what(), CalibrateChapter.STAGE, true))
                        .toList();
        };
    }
}
