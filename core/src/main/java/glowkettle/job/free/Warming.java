package glowkettle.job.free;

import glowkettle.assess.Condition;
import glowkettle.assess.Tier;
import glowkettle.heat.HeatCourse;
import glowkettle.heat.Refit;
import glowkettle.job.JobFile;
import glowkettle.job.JobState;
import glowkettle.library.Bond;
import glowkettle.limits.Limit;
import java.math.BigDecimal;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;

/** The heat at the bonds of a job: what is on, what cools, how warm the cell is by it, and whether there may be any. */
public final class Warming {
    /** After so long nothing is left of a heat, whatever the curve of its last seconds says. */
    private static final Duration COOLED = Duration.ofHours(6);

    /** A heat that is on moves its job until somebody says that it is off. */
    private static final Duration STAYS_ON = Duration.ofDays(3650);

    private final JobFile job;
    private final JobState state;

    private Warming(JobFile job) {
        this.job = job;
        this.state = job.state();
    }

    public static Warming of(JobFile job) {
        return new Warming(job);
    }

    /** Heatings of a bond, the first one first; the last one may still run. */
    public Heatings heatings(String bond) {
        return Heatings.of(state, job.model(), bond);
    }

    /** The bond that is being heated now. */
    public Optional<Bond> heated() {
        return job.model().anatomy().bonds().stream()
                .filter(bond -> heatings(bond.operation()).isOn())
                .findFirst();
    }

    /** The bond that is hot, or cools from its heat. */
    public Optional<Bond> warm(Instant now) {
        return heated().or(() -> job.model().anatomy().bonds().stream()
                .filter(bond -> heatings(bond.operation()).isWarm(now))
                .findFirst());
    }

    public boolean isHeating() {
        return heated().isPresent();
    }

    /**
     * How warm the cell is now where a heat was on: as read since the heat is off, else by the curve; empty where nothing
     * was heated, or all of it has long been off.
     */
    public Optional<BigDecimal> cellNowC() {
        Instant now = job.now();
        List<Heatings.Heating> every = Heatings.every(state);
        if (every.isEmpty()) {
            return Optional.empty();
        }
        Heatings.Heating last = every.getLast();
        Optional<Bond> bond = job.model().anatomy().bondOf(last.started().bond());
        if (bond.isEmpty()
                || last.to() != null && Duration.between(last.to(), now).compareTo(COOLED) > 0) {
            return Optional.empty();
        }
        Optional<BigDecimal> read = state.counting().stream()
                .filter(recorded -> last.to() != null && !recorded.at().isBefore(last.to()))
                .filter(recorded ->
                        recorded.entry() instanceof FreeEntry.HeatRead heat && heat.spot() == Refit.Spot.CELL)
                .map(recorded -> ((FreeEntry.HeatRead) recorded.entry()).temperatureC())
                .reduce((earlier, later) -> later);
        return read.or(() -> Optional.of(course(last, bond.get()).readC(last.sinceS(now), Refit.Spot.CELL)));
    }

    private HeatCourse course(Heatings.Heating heating, Bond bond) {
        return HeatCourse.of(
                heatings(bond.operation()).request(heating, bond.layers().stack()), heating.readings(), job.limits());
    }

    /** Until when its tier and its next thing change by the clock alone, since a heat is in it; empty where none is. */
    public Optional<Instant> movesUntil() {
        return Heatings.every(state).stream()
                .map(heating -> heating.to() == null
                        ? heating.from().plus(STAYS_ON)
                        : heating.to().plus(COOLED))
                .max(Instant::compareTo);
    }

    /** Whether the strips of a bond have to wait until a heat has left the cell. */
    public boolean stripsWait() {
        return cellNowC()
                .filter(nowC -> nowC.compareTo(job.limits().of(Limit.STRIP_MOST_C)) > 0)
                .isPresent();
    }

    /** The bond that was heated last, while its heat is still in the cell. */
    public Optional<Bond> heatedLast() {
        List<Heatings.Heating> every = Heatings.every(state);
        return every.isEmpty()
                ? Optional.empty()
                : job.model().anatomy().bondOf(every.getLast().started().bond());
    }

    /** When the cell is down to what strips are drawn at, by the curve; empty where it does not wait. */
    public Optional<Instant> cooledAt() {
        if (!stripsWait() || isHeating()) {
            return Optional.empty();
        }
        Heatings.Heating last = Heatings.every(state).getLast();
        Instant cooled = course(last, heatedLast().orElseThrow())
                .cellCooledS(job.limits().of(Limit.STRIP_MOST_C), COOLED)
                .map(sinceS -> last.from().plusMillis(sinceS.movePointRight(3).longValue()))
                .orElseGet(() -> Objects.requireNonNull(last.to()).plus(COOLED));
        return Optional.of(cooled.isBefore(job.now()) ? job.now() : cooled);
    }

    /** Heat is forbidden by the tier, or under a condition that came from swelling, damage, voltage or warmth. */
    public boolean heatForbidden() {
        Set<Condition> conditions = job.tier().result().conditions();
        return job.tier().result().tier().atLeast(Tier.ISOLATE)
                || conditions.contains(Condition.NO_HEAT)
                || conditions.contains(Condition.HEAT_OFF);
    }
}
