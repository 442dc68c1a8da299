package glowkettle.app.calibrate;

import glowkettle.app.sums.Calculator;
import glowkettle.app.sums.Calculators;
import glowkettle.calibrate.ClockPlan;
import glowkettle.calibrate.PhaseTimes;
import glowkettle.calibrate.School;
import glowkettle.calibrate.SoakVerdict;
import glowkettle.calibrate.shopplan.ShopPlan;
import glowkettle.calibrate.shopplan.ShopPlanner;
import glowkettle.finding.Result;
import glowkettle.limits.ShopLimits;
import java.util.List;
import org.springframework.stereotype.Component;

/** Charge and run-down times, the clock plan and its verdict from outside. */
@Component
class CalibrateCalculators implements Calculators {
    private static final String STAGE = "calibrate";

    @Override
    public List<Calculator<?, ?>> calculators() {
        return List.of(
                new Calculator<>(
                        STAGE,
                        "charge-time",
                        "Hours of a charge at constant current, then constant voltage",
                        PhaseTimes.ChargeRequest.class,
                        PhaseTimes.ChargeTime.class,
                        PhaseTimes::charge),
                new Calculator<>(
                        STAGE,
                        "run-down-time",
                        "Hours of a run at constant power",
                        PhaseTimes.RunDownRequest.class,
                        PhaseTimes.RunTime.class,
                        PhaseTimes::runDown),
                new Calculator<>(
                                STAGE,
                                "clock-plan",
                                "Clock times of a soak cycle inside opening hours",
                                ClockQuestion.class,
                                ClockPlan.Outcome.class,
                                (question, limits) -> ClockPlan.plan(question.request(limits), limits))
                        .plottedBy((question, plan, limits) -> switch (plan) {
                            case ClockPlan.Outcome.Planned planned ->
                                ClockChart.of(
                                        planned, School.SOAK, question.opening().hours());
                            case ClockPlan.Outcome.NoFit none -> null;
                        }),
                new Calculator<>(
                                STAGE,
                                "shop-plan",
                                "When each step of every job in the shop begins, where, and in whose hands",
                                ShopQuestion.class,
                                ShopPlan.class,
                                (ShopQuestion question, ShopLimits limits) ->
                                        ShopPlanner.plan(question.request(), limits))
                        .plottedBy((question, plan, limits) -> ShopChart.of(question.request(), plan)),
                new Calculator<>(
                        STAGE,
                        "kept",
                        "Whether a soak cycle was kept",
                        KeptQuestion.class,
                        SoakVerdict.Verdict.class,
                        CalibrateCalculators::kept));
    }

    private static Result<SoakVerdict.Verdict> kept(KeptQuestion question, ShopLimits limits) {
        ProgressOrder.require("log", question.log());
        return SoakVerdict.judge(question.asLog(), limits);
    }
}
