package glowkettle.journal;

import glowkettle.heat.HeatWindow;
import glowkettle.heat.Refit;
import glowkettle.heat.Stack;
import java.math.BigDecimal;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** The heatings of one bond: when each began and ended, and what was read during the newest. */
public final class Heatings {
    private static final BigDecimal LONGEST_HEAT_S = BigDecimal.valueOf(3600);
    private static final BigDecimal LONGEST_REST_S = BigDecimal.valueOf(36_000);

    private static final Duration WARM = Duration.ofMinutes(30);

    private final List<Heating> all;
    private final List<Refit.Reading> readings;

    /** One heating; still on while it has no end. */
    public record Heating(
            FreeEntry.HeatStarted started,
            Instant from,
            @Nullable Instant to) {}

    private Heatings(List<Heating> all, List<Refit.Reading> readings) {
        this.all = List.copyOf(all);
        this.readings = List.copyOf(readings);
    }

    static Heatings of(JobState state, String bond) {
        List<Heating> all = new ArrayList<>();
        List<Refit.Reading> readings = new ArrayList<>();
        for (Recorded recorded : state.counting()) {
            switch (recorded.entry()) {
                case FreeEntry.HeatStarted started
                when started.bond().equals(bond) -> {
                    all.add(new Heating(started, recorded.at(), null));
                    readings.clear();
                }
                case FreeEntry.HeatStopped stopped
                when stopped.bond().equals(bond) && !all.isEmpty() -> {
                    Heating last = all.removeLast();
                    all.add(new Heating(last.started(), last.from(), recorded.at()));
                }
                case FreeEntry.HeatRead read
                when read.bond().equals(bond) && isOn(all) ->
                    readings.add(new Refit.Reading(
                            seconds(all.getLast().from(), recorded.at(), LONGEST_HEAT_S)
                                    .max(BigDecimal.ONE),
                            read.spot(),
                            read.temperatureC()));
                default -> {}
            }
        }
        return new Heatings(all, readings);
    }

    private static boolean isOn(List<Heating> all) {
        return !all.isEmpty() && all.getLast().to() == null;
    }

    public boolean isOn() {
        return isOn(all);
    }

    /** On, or off for less than half an hour: what is read now is held against the curve. */
    public boolean isWarm(Instant now) {
        return last().filter(heating -> heating.to() == null
                        || Duration.between(heating.to(), now).compareTo(WARM) < 0)
                .isPresent();
    }

    public Optional<Heating> last() {
        return all.isEmpty() ? Optional.empty() : Optional.of(all.getLast());
    }

    public int count() {
        return all.size();
    }

    /** Read while the newest heating was on. */
    public List<Refit.Reading> readings() {
        return readings;
    }

    /** What the newest heating is reckoned from. */
    public Optional<HeatWindow.Request> newest(Stack stack) {
        return last().map(heating -> new HeatWindow.Request(
                stack,
                heating.started().setting(),
                heating.started().ambientC(),
                earlier(all.subList(0, all.size() - 1), heating.from()),
                heating.started().leftOnMat(),
                heating.to() == null ? null : seconds(heating.from(), heating.to(), LONGEST_HEAT_S)));
    }

    /** Heatings that came before one that would start at a moment. */
    public List<HeatWindow.Earlier> before(Instant moment) {
        return earlier(all, moment);
    }

    private static List<HeatWindow.Earlier> earlier(List<Heating> heatings, Instant next) {
        List<HeatWindow.Earlier> earlier = new ArrayList<>();
        for (int i = 0; i < heatings.size(); i++) {
            Heating heating = heatings.get(i);
            Instant resumed = i + 1 < heatings.size() ? heatings.get(i + 1).from() : next;
            Instant ended = heating.to() == null ? resumed : heating.to();
            earlier.add(new HeatWindow.Earlier(
                    heating.started().setting(),
                    seconds(heating.from(), ended, LONGEST_HEAT_S),
                    seconds(ended, resumed, LONGEST_REST_S)));
        }
        return earlier;
    }

    private static BigDecimal seconds(Instant from, Instant to, BigDecimal most) {
        return BigDecimal.valueOf(Math.max(0, Duration.between(from, to).toMillis()))
                .movePointLeft(3)
                .min(most);
    }
}
