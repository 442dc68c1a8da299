package glowkettle.app.assess;

import glowkettle.app.format.Words;
import glowkettle.app.shop.ShopBook;
import glowkettle.app.sums.Calculator;
import glowkettle.app.sums.Calculators;
import glowkettle.assess.Evidence;
import glowkettle.assess.GaugeReading;
import glowkettle.assess.HazardReadings;
import glowkettle.assess.HazardTier;
import glowkettle.assess.Health;
import glowkettle.assess.PartialWindow;
import glowkettle.assess.Resistance;
import glowkettle.assess.RunDown;
import glowkettle.assess.StateOfCharge;
import glowkettle.assess.SwellTrend;
import glowkettle.assess.TierVerdict;
import glowkettle.assess.TimedRun;
import java.time.InstantSource;
import java.util.List;
import org.springframework.stereotype.Component;

/** Hazard tier and health from outside. */
@Component
class AssessCalculators implements Calculators {
    private static final String STAGE = "assess";

    private final ShopBook shop;
    private final InstantSource clock;

    AssessCalculators(ShopBook shop, InstantSource clock) {
        this.shop = shop;
        this.clock = clock;
    }

    @Override
    public List<Calculator<?, ?>> calculators() {
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
                        PartialWindow::capacity),
                new Calculator<>(
                        STAGE,
                        "timed-run",
                        "State of health from a run that was timed, with its range",
                        TimedRun.Readings.class,
                        Evidence.class,
                        TimedRun::read),
                new Calculator<>(
                        STAGE,
                        "resistance",
                        "Resistance from a load step, and the charge at which the device goes dark under it",
                        Resistance.Readings.class,
                        Resistance.class,
                        Resistance::of),
                new Calculator<>(
                                STAGE,
                                "swell-trend",
                                "How fast a pack swells, and between which dates it reaches a limit",
                                SwellTrend.Readings.class,
                                SwellTrend.class,
                                SwellTrend::of)
                        .plottedBy((asked, trend, limits) -> TrendChart.of(
                                "Size",
                                asked.readings(),
                                asked.limitMm(),
                                "limit",
                                trend,
                                new Words(shop.zone(), clock.instant()))),
                new Calculator<>(
                        STAGE,
                        "run-down",
                        "The three ways to bring a pack down, ranked for the case, with energy and time",
                        RunDown.Case.class,
                        RunDown.class,
                        RunDown::of));
    }
}
