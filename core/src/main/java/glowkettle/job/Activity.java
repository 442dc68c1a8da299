package glowkettle.job;

import glowkettle.assess.HazardReadings.Warmth;
import glowkettle.assess.RunDown;
import glowkettle.job.assess.AssessEntry;
import glowkettle.job.calibrate.CalibrateEntry;
import glowkettle.job.free.Heatings;
import glowkettle.job.open.OpenEntry;
import glowkettle.library.DeviceModel;
import glowkettle.library.OperationKind;
import glowkettle.limits.Limit;
import glowkettle.limits.ShopLimits;
import java.math.BigDecimal;
import java.math.MathContext;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/** When heat and current were on, as the journal knows it: nobody is asked for what the product did itself. */
public final class Activity {
    private static final BigDecimal MILLIS_PER_MINUTE = BigDecimal.valueOf(60_000);

    private final List<Stretch> heat;
    private final List<Stretch> current;

    /** Something that was on; still on while it has no end. */
    record Stretch(Instant from, @Nullable Instant to) {
        boolean isOn(Instant at) {
            return at.isAfter(from) && (to == null || at.isBefore(to));
        }
    }

    Activity(JobState state, DeviceModel model, ShopLimits limits) {
        heat = Heatings.every(state).stream()
                .map(heating -> new Stretch(heating.from(), heating.to()))
                .toList();
        current = current(state, model, limits);
    }

    /** Run-downs, load steps, charges and runs of the device, in the order they began. */
    private static List<Stretch> current(JobState state, DeviceModel model, ShopLimits limits) {
        List<Stretch> stretches = new ArrayList<>();
        Instant since = null;
        for (Recorded recorded : state.counting()) {
            Instant at = recorded.at();
            boolean begins = false;
            boolean ends = false;
            if (recorded.entry() instanceof AssessEntry.RunDownChosen chosen) {
                begins = chosen.school() == RunDown.School.RUN_DOWN_FIRST
                        && chosen.socPercent().compareTo(limits.of(Limit.RUN_DOWN_TARGET_PERCENT)) > 0;
                ends = !begins;
            } else if (recorded.entry() instanceof AssessEntry.ChargeSeen seen) {
                ends = seen.socPercent().compareTo(limits.of(Limit.RUN_DOWN_TARGET_PERCENT)) <= 0;
            } else if (recorded.entry() instanceof OpenEntry.StepDone step && step.way() == OpenEntry.Way.IN) {
                ends = cutsOff(model, step.step());
            } else if (recorded.entry() instanceof AssessEntry.ResistanceMeasured) {
                stretches.add(new Stretch(at, at));
            } else if (recorded.entry() instanceof CalibrateEntry.CycleEvent event) {
                at = event.happened();
                ends = event.step() == CalibrateEntry.CycleStep.SHUT_DOWN_SEEN
                        || event.step() == CalibrateEntry.CycleStep.LAST_CHARGE_ENDED;
                begins = !ends;
            }
            if (begins && since == null) {
                since = at;
            } else if (ends && since != null) {
                stretches.add(new Stretch(since, at));
                since = null;
            }
        }
        if (since != null) {
            stretches.add(new Stretch(since, null));
        }
        return stretches;
    }

    private static boolean cutsOff(DeviceModel model, String step) {
        return model.operation(step)
                .filter(operation -> operation.kind() == OperationKind.POWER_OFF
                        || operation.kind().disconnects())
                .isPresent();
    }

    /** 0 while it is on; null where it never was. */
    @Nullable
    BigDecimal minutesSinceHeat(Instant at) {
        return minutesSince(heat, at);
    }

    @Nullable
    BigDecimal minutesSinceCurrent(Instant at) {
        return minutesSince(current, at);
    }

    boolean heatedBetween(Instant from, Instant to) {
        return heat.stream()
                .anyMatch(stretch -> stretch.from().isBefore(to)
                        && (stretch.to() == null || stretch.to().isAfter(from)));
    }

    private static @Nullable BigDecimal minutesSince(List<Stretch> stretches, Instant at) {
        if (stretches.stream().anyMatch(stretch -> stretch.isOn(at))) {
            return BigDecimal.ZERO;
        }
        return stretches.stream()
                .flatMap(stretch -> Stream.ofNullable(stretch.to()))
                .filter(to -> !to.isAfter(at))
                .max(java.util.Comparator.naturalOrder())
                .map(to -> minutes(to, at))
                .orElse(null);
    }

    static BigDecimal minutes(Instant from, Instant to) {
        return BigDecimal.valueOf(Duration.between(from, to).toMillis())
                .divide(MILLIS_PER_MINUTE, MathContext.DECIMAL64);
    }

    /** A reading with the times that are known put in; what was typed counts where it is more recent. */
    public Warmth explained(Warmth taken, Instant at) {
        return new Warmth(
                taken.surfaceC(),
                taken.ambientC(),
                taken.atRest(),
                sooner(taken.minutesSinceHeat(), minutesSinceHeat(at)),
                sooner(taken.minutesSinceCurrent(), minutesSinceCurrent(at)),
                taken.riseKIn5Min(),
                taken.predictedC(),
                taken.excessRiseKIn5Min());
    }

    private static @Nullable BigDecimal sooner(@Nullable BigDecimal typed, @Nullable BigDecimal known) {
        return typed == null || known == null ? (typed == null ? known : typed) : typed.min(known);
    }
}
