package glowkettle.job.match;

import glowkettle.assess.HazardReadings.Warmth;
import glowkettle.finding.Figures;
import glowkettle.job.Attention;
import glowkettle.job.Call;
import glowkettle.job.Danger;
import glowkettle.job.Stage;
import glowkettle.limits.Limit;
import glowkettle.limits.ShopLimits;
import glowkettle.shop.OpeningHours;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * A first charge as it went: somebody stays and feels the pack every few minutes until two readings in a row have fallen. One
 * that got too warm, that nobody felt in time, or that ended sooner is no charge. Source: handbook, Match (After), Join.
 *
 * @param ended null while it is on
 */
public record FirstCharge(Instant begun, @Nullable Instant ended, List<Look> looks) {
    private static final int FALLS = 2;

    public FirstCharge {
        looks = List.copyOf(looks);
    }

    /** How warm it was, and the air as it was known then. */
    public record Look(
            Instant at, BigDecimal surfaceC, @Nullable BigDecimal airC) {
        boolean isHot(ShopLimits limits) {
            return surfaceC.compareTo(limits.of(Limit.FIRST_CHARGE_MOST_C)) > 0
                    || airC != null && surfaceC.subtract(airC).compareTo(limits.of(Limit.FIRST_CHARGE_MOST_K)) > 0;
        }
    }

    /** What its charger is set to: the voltage, and the most current. */
    public record Charger(BigDecimal volts, BigDecimal mostA) {
        /**
         * @param capacityAh of the pack
         * @param leastV the lowest cell or group before it begins
         */
        public static Charger of(BigDecimal volts, BigDecimal capacityAh, BigDecimal leastV, ShopLimits limits) {
            boolean low = leastV.compareTo(limits.of(Limit.FIRST_CHARGE_LOW_V)) < 0;
            BigDecimal share = limits.of(low ? Limit.FIRST_CHARGE_LOW_C : Limit.FIRST_CHARGE_C);
            return new Charger(volts, capacityAh.multiply(share).setScale(2, RoundingMode.DOWN));
        }
    }

    /** What a journal says of first charges, one entry after the other; the newest attempt counts. */
    public static final class Course {
        private final List<Look> looks = new ArrayList<>();
        private @Nullable Instant begun;
        private @Nullable Instant ended;

        public Course begun(Instant at) {
            looks.clear();
            begun = at;
            ended = null;
            return this;
        }

        public Course felt(Instant at, Warmth felt, @Nullable BigDecimal lastAirC) {
            if (begun != null && ended == null && felt.surfaceC() != null) {
                looks.add(look(at, felt.surfaceC(), felt, lastAirC));
            }
            return this;
        }

        public Course ended(Instant at) {
            ended = ended == null ? at : ended;
            return this;
        }

        public Optional<FirstCharge> newest() {
            return Optional.ofNullable(begun).map(since -> new FirstCharge(since, ended, looks));
        }
    }

    private static Look look(Instant at, BigDecimal surfaceC, Warmth felt, @Nullable BigDecimal lastAirC) {
        return new Look(at, surfaceC, felt.ambientC() != null ? felt.ambientC() : lastAirC);
    }

    /** Somebody felt it when it was off, and it was no warmer than a charge may make it. */
    public static boolean isCool(Instant at, Warmth felt, @Nullable BigDecimal lastAirC, ShopLimits limits) {
        return felt.surfaceC() != null
                && !look(at, felt.surfaceC(), felt, lastAirC).isHot(limits);
    }

    public boolean isOn() {
        return ended == null;
    }

    /** The look that found it too warm; the charger goes off then. */
    public Optional<Look> hot(ShopLimits limits) {
        return looks.stream().filter(look -> look.isHot(limits)).findFirst();
    }

    /** Why it does not count as a charge; empty where it does. */
    public Optional<String> flaw(ShopLimits limits) {
        Optional<Look> hot = hot(limits);
        if (hot.isPresent()) {
            return Optional.of("It got %s warm: not charged. Find out why before it is charged again."
                    .formatted(Figures.withUnit(hot.get().surfaceC(), "°C")));
        }
        if (isOn()) {
            return Optional.of("It is still on.");
        }
        Optional<Duration> unfelt = unfelt(limits);
        if (unfelt.isPresent()) {
            return Optional.of("Nobody felt it for %s min: a first charge is attended. Charge it again."
                    .formatted(unfelt.get().toMinutes()));
        }
        return isSettled(limits)
                ? Optional.empty()
                : Optional.of("It ended before two readings in a row had fallen: charge it on, and feel it every %s."
                        .formatted(limits.applied(Limit.FIRST_CHARGE_LOOK_MIN)));
    }

    /** It is over, and it counts. */
    public boolean counts(ShopLimits limits) {
        return flaw(limits).isEmpty();
    }

    /** Why it does not count, once it is over; empty while it is on. */
    public Optional<String> flawOnceOff(ShopLimits limits) {
        return isOn() ? Optional.empty() : flaw(limits);
    }

    /** Two readings in a row have fallen: from then on it needs no more looks. */
    public boolean isSettled(ShopLimits limits) {
        return settledAt(limits).isPresent();
    }

    private Optional<Instant> settledAt(ShopLimits limits) {
        List<Look> spaced = spaced(limits);
        int falls = 0;
        for (int i = 1; i < spaced.size(); i++) {
            boolean fell = spaced.get(i).surfaceC().compareTo(spaced.get(i - 1).surfaceC()) < 0;
            falls = fell ? falls + 1 : 0;
            if (falls == FALLS) {
                return Optional.of(spaced.get(i).at());
            }
        }
        return Optional.empty();
    }

    /** Two fingers on it within a minute are one look. */
    private List<Look> spaced(ShopLimits limits) {
        Duration least = every(limits).dividedBy(2);
        List<Look> spaced = new ArrayList<>();
        for (Look look : looks) {
            if (spaced.isEmpty()
                    || Duration.between(spaced.getLast().at(), look.at()).compareTo(least) >= 0) {
                spaced.add(look);
            }
        }
        return spaced;
    }

    /** The first stretch that is too long without a look, until it has settled or ended. */
    private Optional<Duration> unfelt(ShopLimits limits) {
        Instant until = settledAt(limits).orElse(Objects.requireNonNullElse(ended, Instant.MAX));
        Instant before = begun;
        for (Instant at : Stream.concat(looks.stream().map(Look::at), Stream.ofNullable(ended))
                .filter(at -> !at.isAfter(until))
                .toList()) {
            Duration gap = Duration.between(before, at);
            if (gap.compareTo(every(limits).multipliedBy(2)) > 0) {
                return Optional.of(gap);
            }
            before = at;
        }
        return Optional.empty();
    }

    public Optional<Look> lastLook() {
        return looks.isEmpty() ? Optional.empty() : Optional.of(looks.getLast());
    }

    /** When it is felt next; empty once it has settled, and when it is off. */
    public Optional<Instant> lookDue(ShopLimits limits) {
        return isOn() && !isSettled(limits)
                ? Optional.of(lastLook().map(Look::at).orElse(begun).plus(every(limits)))
                : Optional.empty();
    }

    private static Duration every(ShopLimits limits) {
        return Duration.ofSeconds(limits.of(Limit.FIRST_CHARGE_LOOK_MIN)
                .multiply(BigDecimal.valueOf(60))
                .longValue());
    }

    /** Off when it is too warm, and at closing, since charge belongs to staffed hours; felt in between. */
    public List<Call> calls(ShopLimits limits, OpeningHours hours, Stage stage) {
        if (!isOn()) {
            return List.of();
        }
        return Stream.of(
                        hot(limits)
                                .map(look -> Call.danger(
                                        look.at(),
                                        "first charge at %s: charger off, out of the room's way"
                                                .formatted(Figures.withUnit(look.surfaceC(), "°C")),
                                        stage,
                                        Danger.ON)),
                        hours.closingAfter(begun)
                                .map(at -> Call.danger(
                                        at, "first charge still on at closing: unplug it", stage, Danger.ON)),
                        lookDue(limits)
                                .map(at -> new Call(
                                        at, Attention.WATCH, "first charge: take its temperature", stage, true)))
                .flatMap(Optional::stream)
                .toList();
    }
}
