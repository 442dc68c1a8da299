package glowkettle.job.open;

import glowkettle.job.JobFile;
import glowkettle.job.JobState;
import glowkettle.library.Operation;
import glowkettle.limits.Limit;
import java.math.BigDecimal;
import java.time.Duration;
import java.time.Instant;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.function.UnaryOperator;

/** Minutes that earlier jobs of the same model really took, and what this job adds to them. */
public final class LearntMinutes {
    /** A tap right after another caught up with work done before; it says nothing of how long that took. */
    private static final Duration LEAST = Duration.ofSeconds(5);
    /** Whoever was away for longer was not at this step. */
    private static final Duration MOST = Duration.ofHours(1);

    private static final BigDecimal MILLIS_PER_MINUTE = BigDecimal.valueOf(60_000);

    private LearntMinutes() {}

    public static UnaryOperator<Operation> of(JobState state) {
        Map<String, BigDecimal> learnt = new HashMap<>();
        state.all(OpenEntry.MinutesLearnt.class)
                .flatMap(entry -> entry.steps().stream())
                .forEach(step -> learnt.put(step.operation(), step.minutes()));
        return operation -> {
            BigDecimal minutes = learnt.get(operation.id());
            return minutes == null ? operation : operation.taking(minutes);
        };
    }

    /** How long each step took since the one before it, where that can be told. */
    public static Map<String, Duration> taken(JobFile job) {
        Map<String, Duration> taken = new LinkedHashMap<>();
        Instant before = null;
        for (Map.Entry<String, Instant> step : Opening.of(job).stepsInAt().entrySet()) {
            Duration length = before == null ? Duration.ZERO : Duration.between(before, step.getValue());
            if (length.compareTo(LEAST) >= 0 && length.compareTo(MOST) <= 0 && !isPause(job, step.getKey(), length)) {
                taken.put(step.getKey(), length);
            }
            before = step.getValue();
        }
        return taken;
    }

    /** More than so many times the plan is a pause, not the step. Source: handbook, Hand back. */
    private static boolean isPause(JobFile job, String step, Duration length) {
        return job.operation(step)
                .filter(operation -> BigDecimal.valueOf(length.toMillis())
                                .compareTo(operation
                                        .minutes()
                                        .multiply(job.limits().of(Limit.PAUSE_TIMES_PLAN))
                                        .multiply(MILLIS_PER_MINUTE))
                        > 0)
                .isPresent();
    }
}
