package glowkettle.assess;

import glowkettle.finding.Finding;
import glowkettle.finding.Result;
import glowkettle.finding.Says;
import glowkettle.finding.Worded;
import glowkettle.limits.ShopLimits;
import java.math.BigDecimal;
import java.math.RoundingMode;

/** What one way of measuring says of a pack's health. */
public sealed interface Evidence {
    /** The ways, the most trusted first. */
    enum Way implements Worded {
        GAUGE("the gauge"),
        PARTIAL_WINDOW("the partial window"),
        TIMED_RUN("the timed run");

        private final String words;

        Way(String words) {
            this.words = words;
        }

        @Override
        public String words() {
            return words;
        }
    }

    Way way();

    /**
     * State of health in percent of the design capacity, with its range.
     *
     * @param narrowsIt the reading with the largest effect on the range
     */
    record Told(
            Way way,
            @Says("State of health") BigDecimal percent,
            @Says("At least") BigDecimal lowPercent,
            @Says("At most") BigDecimal highPercent,
            @Says("What would narrow it") String narrowsIt)
            implements Evidence {}

    /** The way tells nothing here; the reason says what would. */
    record Refused(Way way, String reason) implements Evidence {}

    static Result<Evidence> ofGauge(GaugeReading gauge, ShopLimits limits) {
        Result<Health> health = Health.fromGauge(gauge, limits);
        BigDecimal soh = health.result().sohPercent();
        return new Result<>(
                new Told(
                        Way.GAUGE, soh, soh, soh, "Let it run once from full: a gauge that is out of step shows then."),
                health.findings(),
                health.working());
    }

    static Result<Evidence> ofWindow(PartialWindow.Readings readings, BigDecimal designMah, ShopLimits limits) {
        Result<PartialWindow.Outcome> window = PartialWindow.capacity(readings, limits);
        if (window.result() instanceof PartialWindow.Outcome.Capacity capacity) {
            Believable.capacity(capacity.lowAh().movePointRight(3), designMah, "chargeCountedAh", limits);
        }
        Evidence evidence = switch (window.result()) {
            case PartialWindow.Outcome.Refused refused -> new Refused(Way.PARTIAL_WINDOW, refused.reason());
            case PartialWindow.Outcome.Capacity capacity ->
                new Told(
                        Way.PARTIAL_WINDOW,
                        share(capacity.fullChargeCapacityAh(), designMah),
                        share(capacity.lowAh(), designMah),
                        share(capacity.highAh(), designMah),
                        PartialWindow.narrowsIt(readings, limits));
        };
        return new Result<>(evidence, window.findings(), window.working());
    }

    private static BigDecimal share(BigDecimal capacityAh, BigDecimal designMah) {
        return capacityAh.movePointRight(5).divide(designMah, 1, RoundingMode.HALF_UP);
    }

    /** What way is missing, for a pack of which nobody has measured anything. */
    static Finding nothingYet() {
        return Finding.care("health-unknown", "Nothing says yet how worn the pack is.");
    }
}
