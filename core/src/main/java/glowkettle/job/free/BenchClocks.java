package glowkettle.job.free;

import glowkettle.finding.Result;
import glowkettle.heat.HeatWindow;
import glowkettle.heat.Refit;
import glowkettle.job.Attention;
import glowkettle.job.JobFile;
import glowkettle.job.open.Opening;
import glowkettle.library.Bond;
import java.math.BigDecimal;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** The clocks that run while a pack is freed: heat, the bond that cools again, solvent that works and dries. */
public final class BenchClocks {
    private BenchClocks() {}

    /** A moment somebody waits for. */
    public record Clock(Instant at, Kind kind, String what) {}

    /** What the moment is. */
    public enum Kind {
        BOND_READY(Attention.WORK),
        LIFT_OFF(Attention.DANGER),
        COOLED(Attention.WORK),
        DWELT(Attention.WORK),
        DRY(Attention.WORK);

        private final Attention attention;

        Kind(Attention attention) {
            this.attention = attention;
        }

        /** What it calls as once its moment has come. */
        public Attention attention() {
            return attention;
        }

        /** Heat does not go off by itself; everything else only tells. */
        public boolean needsHands() {
            return this == LIFT_OFF;
        }
    }

    /** A heating as readings have corrected it. */
    public record Heat(
            Heatings.Heating heating,
            HeatWindow.Request request,
            HeatWindow window,
            BigDecimal latestLiftOffS,
            @Nullable Result<Refit> refit) {
        private static final BigDecimal LONGEST_S = BigDecimal.valueOf(36_000);

        public Instant at(BigDecimal sinceS) {
            return heating.from().plusMillis(sinceS.movePointRight(3).longValue());
        }

        /** Seconds from its start, from the first one on. */
        public BigDecimal sinceS(Instant now) {
            long millis = Duration.between(heating.from(), now).toMillis();
            return BigDecimal.valueOf(millis)
                    .movePointLeft(3)
                    .max(BigDecimal.ONE)
                    .min(LONGEST_S);
        }

        public boolean isOn() {
            return heating.to() == null;
        }

        /** Until when the bond can be worked after lift-off; null when it was never ready. */
        public @Nullable Instant worksUntil() {
            HeatWindow.Afterwards after = window.afterwards();
            return isOn() || after == null || after.worksUntilS() == null ? null : at(after.worksUntilS());
        }
    }

    /** The newest heating of a bond; empty when it was never heated. */
    public static Optional<Heat> heat(JobFile job, Bond bond) {
        Heatings heatings = Warming.of(job).heatings(bond.operation());
        return heatings.newest(bond.layers().stack()).map(request -> {
            Heatings.Heating heating = heatings.last().orElseThrow();
            if (heating.to() != null || heatings.readings().isEmpty()) {
                HeatWindow window = HeatWindow.of(request, job.limits()).result();
                return new Heat(heating, request, window, window.latestLiftOffS(), null);
            }
            Result<Refit> refit = Refit.of(new Refit.Request(request, heatings.readings()), job.limits());
            return new Heat(
                    heating, request, refit.result().window(), refit.result().latestLiftOffS(), refit);
        });
    }

    public static List<Clock> of(JobFile job) {
        List<Clock> clocks = new ArrayList<>();
        for (Bond bond : job.model().anatomy().bonds()) {
            if (!Opening.of(job).stepsIn().contains(bond.operation())) {
                heat(job, bond).ifPresent(heat -> add(clocks, bond, heat));
            }
        }
        Dissolving.of(job).ignition().ifPresent(lock -> {
            clocks.add(new Clock(lock.dwellUntil(), Kind.DWELT, "solvent has worked, try it"));
            if (lock.dryAt() != null) {
                clocks.add(new Clock(lock.dryAt(), Kind.DRY, "solvent is dry, lock ends"));
            }
        });
        return clocks;
    }

    private static void add(List<Clock> clocks, Bond bond, Heat heat) {
        if (heat.isOn()) {
            if (heat.window().bondReadyS() != null) {
                clocks.add(
                        new Clock(heat.at(heat.window().bondReadyS()), Kind.BOND_READY, "bond ready, " + bond.place()));
            }
            clocks.add(new Clock(
                    heat.at(heat.latestLiftOffS()), Kind.LIFT_OFF, "heat off at the latest, " + bond.place()));
        } else if (heat.worksUntil() != null) {
            clocks.add(new Clock(heat.worksUntil(), Kind.COOLED, "bond has cooled, " + bond.place()));
        }
    }
}
