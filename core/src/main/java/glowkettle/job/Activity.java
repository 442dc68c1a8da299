package glowkettle.job;

import glowkettle.assess.HazardReadings.Warmth;
import java.math.BigDecimal;
import java.math.MathContext;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
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

    private Activity(List<Stretch> heat, List<Stretch> current) {
        this.heat = heat;
        this.current = current;
    }

    /** Of one of the packs; only the old one is ever heated. */
    static Activity of(Tellings told, Told.Whose pack) {
        return new Activity(pack == Told.Whose.OLD ? heat(told) : List.of(), current(told, pack));
    }

    /** Without what was on before another pack lay there. */
    Activity since(Instant begun) {
        return new Activity(
                heat.stream().filter(stretch -> !stretch.from().isBefore(begun)).toList(),
                current.stream()
                        .filter(stretch -> !stretch.from().isBefore(begun))
                        .toList());
    }

    private static List<Stretch> heat(Tellings told) {
        List<Stretch> stretches = new ArrayList<>();
        Map<String, Instant> on = new LinkedHashMap<>();
        for (Tellings.At one : told.all()) {
            if (one.told() instanceof Told.HeatOn heat) {
                on.putIfAbsent(heat.place(), one.at());
            } else if (one.told() instanceof Told.HeatOff heat && on.containsKey(heat.place())) {
                stretches.add(new Stretch(on.remove(heat.place()), one.at()));
            }
        }
        on.values().forEach(from -> stretches.add(new Stretch(from, null)));
        return stretches;
    }

    /** Run-downs, load steps, charges and runs of the device, in the order they began. */
    private static List<Stretch> current(Tellings told, Told.Whose pack) {
        List<Stretch> stretches = new ArrayList<>();
        AtHand atHand = new AtHand(told.oldPackReturns());
        Instant since = null;
        for (Tellings.At one : told.all()) {
            atHand.take(one.told());
            if (one.told() instanceof Told.Current current && atHand.meant(current.whose()) != pack) {
                continue;
            }
            if (one.told() instanceof Told.CurrentPulse) {
                stretches.add(new Stretch(one.at(), one.at()));
            } else if (one.told() instanceof Told.CurrentOn on && since == null) {
                since = on.at() == null ? one.at() : on.at();
            } else if (since != null) {
                Instant ended = ended(one, pack);
                if (ended != null) {
                    stretches.add(new Stretch(since, ended));
                    since = null;
                }
            }
        }
        if (since != null) {
            stretches.add(new Stretch(since, null));
        }
        return stretches;
    }

    private static @Nullable Instant ended(Tellings.At one, Told.Whose pack) {
        if (one.told() instanceof Told.CurrentOff off) {
            return off.at() == null ? one.at() : off.at();
        }
        boolean cutOff = one.told() instanceof Told.Disconnected
                || one.told() instanceof Told.LiftedOut lifted && lifted.offItsConnector();
        return cutOff && pack == Told.Whose.OLD ? one.at() : null;
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
