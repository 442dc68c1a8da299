package glowkettle.app.assess;

import glowkettle.app.calculator.Calculator;
import glowkettle.app.calculator.Calculators;
import glowkettle.assess.GaugeReading;
import glowkettle.assess.HazardReadings;
import glowkettle.assess.HazardTier;
import glowkettle.assess.Health;
import glowkettle.assess.PartialWindow;
import glowkettle.assess.StateOfCharge;
import glowkettle.assess.TierVerdict;
import java.util.List;
import org.springframework.stereotype.Component;

/** Hazard tier and health from outside. */
@Component
class AssessCalculators implements Calculators {
    private static final String STAGE = "assess";

    @Override
    public List<Calculator<?>> calculators() {
        return List.of(
                new Calculator<>(
                        STAGE,
                        "hazard-tier",
                        "The hazard tier, with every row that fired and what to measure next",
                        HazardReadings.class,
                        TierVerdict.class,
                        HazardTier::judge),
                new Calculator<>(
                        STAGE,
                        "state-of-charge",
                        "State of charge from a rested voltage",
                        StateOfCharge.Readings.class,
                        StateOfCharge.Outcome.class,
                        StateOfCharge::read),
                new Calculator<>(
                        STAGE,
                        "health",
                        "State of health from a gauge read-out",
                        GaugeReading.class,
                        Health.class,
                        Health::fromGauge),
                new Calculator<>(
                        STAGE,
                        "partial-window",
                        "Full charge capacity between two rested voltages, with its range",
                        PartialWindow.Readings.class,
                        PartialWindow.Outcome.class,
                        PartialWindow::capacity));
    }
}
