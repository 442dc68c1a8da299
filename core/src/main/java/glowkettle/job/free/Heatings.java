package glowkettle.job.free;

import glowkettle.heat.HeatWindow;
import glowkettle.heat.Refit;
import glowkettle.heat.Stack;
import glowkettle.job.Fold;
import glowkettle.job.JobState;
import glowkettle.library.DeviceModel;
import java.math.BigDecimal;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/** The heatings of one bond, and the warmth that heating other bonds of the device left in it. */
public final class Heatings {
    private static final BigDecimal LONGEST_S = BigDecimal.valueOf(36_000);

    /** How long the heat of a heating is held against its curve after it is off: as long as a rest lasts. */
    static final Duration WARM = Duration.ofMinutes(30);

    private final DeviceModel model;
    private final String bond;
    private final List<Heating> everyBond;
    private final List<Heating> all;

    /**
     * One heating; still on while it has no end.
     *
     * @param readings taken while it was on, in order
     */
    public record Heating(
            FreeEntry.HeatStarted started,
            Instant from,
            @Nullable Instant to,
            List<Refit.Reading> readings) {
        public Heating {
            readings = List.copyOf(readings);
        }

        /** On, or off for less than a rest lasts. */
        boolean isWarm(Instant now) {
            return to == null || Duration.between(to, now).compareTo(WARM) < 0;
        }

        /** From its start, at least a second, as the curve is asked. */
        BigDecimal sinceS(Instant at) {
            return seconds(from, at).max(BigDecimal.ONE);
        }
    }

    private Heatings(DeviceModel model, String bond, List<Heating> everyBond) {
        this.model = model;
        this.bond = bond;
        this.everyBond = everyBond;
        this.all = everyBond.stream()
                .filter(heating -> heating.started().bond().equals(bond))
                .toList();
    }

    static Heatings of(JobState state, DeviceModel model, String bond) {
        return new Heatings(model, bond, every(state));
    }

    /** Every heating of a job, whichever bond it was at, in order of time. */
    public static List<Heating> every(JobState state) {
        return Fold.<List<Heating>>from(List.of())
                .at(FreeEntry.HeatStarted.class, Heatings::begun)
                .at(
                        FreeEntry.HeatStopped.class,
                        (heatings, stopped, at) -> changed(
                                heatings,
                                stopped.bond(),
                                running -> new Heating(running.started(), running.from(), at, running.readings())))
                .at(
                        FreeEntry.HeatRead.class,
                        (heatings, read, at) -> changed(heatings, read.bond(), running -> read(running, read, at)))
                .over(state.counting());
    }

    private static List<Heating> begun(List<Heating> heatings, FreeEntry.HeatStarted started, Instant at) {
        return Stream.concat(heatings.stream(), Stream.of(new Heating(started, at, null, List.of())))
                .toList();
    }

    private static List<Heating> changed(List<Heating> heatings, String bond, UnaryOperator<Heating> change) {
        return heatings.stream()
                .map(heating ->
                        heating.to() == null && heating.started().bond().equals(bond) ? change.apply(heating) : heating)
                .toList();
    }

    private static Heating read(Heating running, FreeEntry.HeatRead read, Instant at) {
        List<Refit.Reading> readings = new ArrayList<>(running.readings());
        readings.add(new Refit.Reading(running.sinceS(at), read.spot(), read.temperatureC()));
        return new Heating(running.started(), running.from(), null, readings);
    }

    public boolean isOn() {
        return last().filter(heating -> heating.to() == null).isPresent();
    }

    /** On, or off for less than half an hour: what is read now is held against the curve. */
    public boolean isWarm(Instant now) {
        return last().filter(heating -> heating.isWarm(now)).isPresent();
    }

    public Optional<Heating> last() {
        return all.isEmpty() ? Optional.empty() : Optional.of(all.getLast());
    }

    /** The newest heating of the job, at whichever bond: its heat is in the stack still. */
    public Optional<Heating> lastOfAny() {
        return everyBond.isEmpty() ? Optional.empty() : Optional.of(everyBond.getLast());
    }

    public int count() {
        return all.size();
    }

    /** Read while the newest heating was on. */
    public List<Refit.Reading> readings() {
        return last().map(Heating::readings).orElse(List.of());
    }

    /** What the newest heating is reckoned from. */
    public Optional<HeatWindow.Request> newest(Stack stack) {
        return last().map(heating -> request(heating, stack));
    }

    /** What a heating of this bond is reckoned from, as it was ended. */
    HeatWindow.Request request(Heating heating, Stack stack) {
        return new HeatWindow.Request(
                stack,
                heating.started().setting(),
                heating.started().ambientC(),
                earlier(everyBond.subList(0, everyBond.indexOf(heating)), heating.from()),
                heating.started().leftOnMat(),
                heating.to() == null ? null : seconds(heating.from(), heating.to()));
    }

    /** What a heating of this bond that would start now is reckoned from. */
    public HeatWindow.Request starting(FreeEntry.HeatStarted started, Stack stack, Instant now) {
        return new HeatWindow.Request(
                stack, started.setting(), started.ambientC(), before(now), started.leftOnMat(), null);
    }

    /** Heatings that came before one that would start at a moment, at whichever bond. */
    public List<HeatWindow.Earlier> before(Instant moment) {
        return earlier(everyBond, moment);
    }

    private List<HeatWindow.Earlier> earlier(List<Heating> heatings, Instant next) {
        List<HeatWindow.Earlier> earlier = new ArrayList<>();
        for (int i = 0; i < heatings.size(); i++) {
            Heating heating = heatings.get(i);
            Instant resumed = i + 1 < heatings.size() ? heatings.get(i + 1).from() : next;
            Instant ended = heating.to() == null ? resumed : heating.to();
            earlier.add(new HeatWindow.Earlier(
                    heating.started().setting(),
                    seconds(heating.from(), ended),
                    seconds(ended, resumed),
                    elsewhere(heating)));
        }
        return earlier.subList(Math.max(0, earlier.size() - HeatWindow.Request.MOST_HEATINGS), earlier.size());
    }

    private @Nullable Stack elsewhere(Heating heating) {
        return heating.started().bond().equals(bond)
                ? null
                : model.anatomy()
                        .bondOf(heating.started().bond())
                        .map(other -> other.layers().stack())
                        .orElse(null);
    }

    private static BigDecimal seconds(Instant from, Instant to) {
        return BigDecimal.valueOf(Math.max(0, Duration.between(from, to).toMillis()))
                .movePointLeft(3)
                .min(LONGEST_S);
    }
}
