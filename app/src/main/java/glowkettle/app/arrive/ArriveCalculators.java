package glowkettle.app.arrive;

import glowkettle.app.sums.Calculator;
import glowkettle.app.sums.Calculators;
import glowkettle.arrive.PressureHold;
import glowkettle.arrive.Quote;
import java.util.List;
import org.springframework.stereotype.Component;

/** The sums of the counter from outside. */
@Component
class ArriveCalculators implements Calculators {
    private static final String STAGE = "arrive";

    @Override
    public List<Calculator<?, ?>> calculators() {
        return List.of(
                new Calculator<>(
                                STAGE,
                                "pressure-hold",
                                "Whether a sealed shell still holds: leak with its range, from a log of the gauge",
                                PressureHold.Log.class,
                                PressureHold.class,
                                PressureHold::judge)
                        .plottedBy((log, held, limits) -> log.samples().isEmpty()
                                ? null
                                : HoldChart.of(
                                        log.targetKpa(), log.samples().getLast().seconds(), log, null)),
                new Calculator<>(
                        STAGE,
                        "quote",
                        "The price of a job, once for each pack that is offered",
                        Quote.Request.class,
                        Quote.class,
                        Quote::of));
    }
}
