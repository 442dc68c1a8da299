package glowkettle.handback;

import glowkettle.finding.Figures;
import glowkettle.finding.Finding;
import glowkettle.finding.Median;
import glowkettle.finding.Result;
import glowkettle.finding.Says;
import glowkettle.finding.Within;
import glowkettle.finding.Working;
import glowkettle.limits.Limit;
import glowkettle.limits.ShopLimits;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What the steps of a model really take, there and back: the median of earlier jobs, used from five jobs on. Whoever took over
 * three times the plan paused; that is left out, and said. Source: handbook, Hand back.
 */
public record ModelMinutes(List<StepMinutes> steps) {
    public ModelMinutes {
        steps = List.copyOf(steps);
    }

    /** The steps of a model. */
    public record Request(@Says("Steps") List<TakenStep> steps) {
        public Request {
            steps = List.copyOf(steps);
        }
    }

    /** One step, and how long it took in each job. */
    public record TakenStep(
            @Says(value = "Step", longest = 60) String operation,

            @Says("Minutes of the plan") @Within(min = "0", max = "600", unit = "min")
            BigDecimal planMinutes,

            @Says("Minutes it took") @Within(min = "0", max = "10000", unit = "min")
            List<BigDecimal> tookMinutes) {
        public TakenStep {
            tookMinutes = List.copyOf(tookMinutes);
        }
    }

    /**
     * What a step takes.
     *
     * @param medianMinutes null where no job is left
     * @param used from so many jobs on it takes the plan's place
     */
    public record StepMinutes(
            String operation,
            @Nullable BigDecimal medianMinutes,
            @Nullable BigDecimal shortestMinutes,
            @Nullable BigDecimal longestMinutes,
            int jobs,
            int pausesLeftOut,
            boolean used) {}

    public static Result<ModelMinutes> of(Request request, ShopLimits limits) {
        List<StepMinutes> steps =
                request.steps().stream().map(step -> learnt(step, limits)).toList();
        List<Finding> findings = new ArrayList<>();
        steps.stream()
                .filter(step -> step.pausesLeftOut() > 0)
                .forEach(step -> findings.add(Finding.note(
                        "pauses-left-out",
                        "%s: %s left out, over %s × the plan."
                                .formatted(
                                        step.operation(),
                                        step.pausesLeftOut() == 1 ? "one pause" : step.pausesLeftOut() + " pauses",
                                        Figures.of(Figures.plain(limits.of(Limit.PAUSE_TIMES_PLAN)))))));
        return new Result<>(
                new ModelMinutes(steps),
                findings,
                Working.of("The median of what is left; used from %s jobs on"
                        .formatted(Figures.of(Figures.plain(limits.of(Limit.LEARNT_FROM_JOBS))))));
    }

    private static StepMinutes learnt(TakenStep step, ShopLimits limits) {
        BigDecimal pauseFrom = step.planMinutes().multiply(limits.of(Limit.PAUSE_TIMES_PLAN));
        List<BigDecimal> work = step.tookMinutes().stream()
                .filter(took -> took.compareTo(pauseFrom) <= 0)
                .sorted()
                .toList();
        return new StepMinutes(
                step.operation(),
                shown(Median.of(work)),
                shown(work.isEmpty() ? null : work.getFirst()),
                shown(work.isEmpty() ? null : work.getLast()),
                work.size(),
                step.tookMinutes().size() - work.size(),
                work.size() >= limits.number(Limit.LEARNT_FROM_JOBS));
    }

    private static @Nullable BigDecimal shown(@Nullable BigDecimal minutes) {
        return minutes == null ? null : Figures.round(minutes.doubleValue(), 2);
    }
}
