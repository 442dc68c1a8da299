package glowkettle.app.prove;

import glowkettle.app.sums.Calculator;
import glowkettle.app.sums.Calculators;
import glowkettle.prove.Efficiency;
import glowkettle.prove.LogResults;
import glowkettle.prove.MeasuredHealth;
import glowkettle.prove.PulseResistance;
import java.util.List;
import org.springframework.stereotype.Component;

/** What a log tells, from outside. */
@Component
class ProveCalculators implements Calculators {
    private static final String STAGE = "prove";

    @Override
    public List<Calculator<?, ?>> calculators() {
        return List.of(
                new Calculator<>(
                        STAGE,
                        "log-results",
                        "Charge and energy out and in, step by step, from a log",
                        LogResults.Request.class,
                        LogResults.class,
                        LogResults::of),
                new Calculator<>(
                        STAGE,
                        "pulse-resistance",
                        "Resistance 1 s and 10 s after a step of the current",
                        PulseResistance.Request.class,
                        PulseResistance.class,
                        PulseResistance::of),
                new Calculator<>(
                        STAGE,
                        "efficiency",
                        "What comes out of what went in, between equal states of charge",
                        Efficiency.Request.class,
                        Efficiency.class,
                        Efficiency::of),
                new Calculator<>(
                        STAGE,
                        "measured-health",
                        "Health from a measured charge, with its range",
                        MeasuredHealth.Request.class,
                        MeasuredHealth.class,
                        MeasuredHealth::of));
    }
}
