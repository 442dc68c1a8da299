package glowkettle.calibrate.shopplan;

import glowkettle.finding.Says;
import glowkettle.finding.Within;
import java.math.BigDecimal;
import java.time.Instant;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * When everything is done. Least, in this order: minutes late, finish, actions far from opening, a break or closing.
 *
 * @param finishMinutes of all jobs together, after now
 * @param farActions actions from now on more than the shop's near minutes away from the edges of staffed stretches
 * @param proven no plan has a smaller first sum, or the same and a smaller second, or both the same and a smaller third
 * @param lateBound no plan is less late
 * @param finishBound no plan of least lateness finishes sooner
 */
public record ShopPlan(
        List<Planned> jobs,
        BigDecimal lateMinutes,
        long finishMinutes,
        int farActions,
        boolean proven,

        @Says("No plan is less late") @Within(min = "0", max = "1000000000", unit = "min")
        BigDecimal lateBound,

        @Says("No such plan ends sooner") @Within(min = "0", max = "1000000000", unit = "min")
        long finishBound) {
    public ShopPlan {
        jobs = List.copyOf(jobs);
    }

    /**
     * One job.
     *
     * @param steps those that run, and those to come
     * @param misfit why it is left out; then it has neither finish nor steps
     */
    public record Planned(
            String id,
            @Nullable Instant finish,
            @Nullable BigDecimal lateMinutes,
            List<Timed> steps,
            @Nullable Misfit misfit) {
        public Planned {
            steps = List.copyOf(steps);
        }
    }

    /**
     * One step.
     *
     * @param heldUntil until when it holds its place; null where it holds none
     * @param person who works at it; null where nobody does all the while
     */
    public record Timed(
            String id,
            Instant start,
            Instant end,
            @Nullable Instant heldUntil,
            @Nullable String place,
            @Nullable String person) {}

    /** Why a job has no place in the plan, and what would help. */
    public record Misfit(String cause, List<String> remedies) {
        public Misfit {
            remedies = List.copyOf(remedies);
        }
    }
}
