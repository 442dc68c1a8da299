package glowkettle.job.free;

import glowkettle.finding.Figures;
import glowkettle.free.IgnitionLock;
import glowkettle.free.Solvent;
import glowkettle.job.Admission;
import glowkettle.job.Admission.Refusal;
import glowkettle.job.JobFile;
import glowkettle.library.Bond;
import glowkettle.limits.Limit;
import java.math.BigDecimal;
import java.time.Duration;
import java.time.Instant;
import java.util.Optional;

/** When solvent may be put on, and what waits until it has worked, and has dried. */
public final class SolventAdmission {
    private SolventAdmission() {}

    /** Solvent that has not worked yet: nothing is pulled at meanwhile. */
    static Optional<Refusal> dwelling(JobFile job, Instant now) {
        return Dissolving.of(job)
                .ignition()
                .filter(lock -> lock.dwells(now))
                .map(lock -> new Refusal(
                        "", "The solvent works for another %s s; wait.".formatted(left(now, lock.dwellUntil()))));
    }

    static long left(Instant now, Instant until) {
        return Math.max(1, Duration.between(now, until).toSeconds());
    }

    static Optional<Refusal> solvent(JobFile job, FreeEntry.SolventApplied applied) {
        return FreeAdmission.ready(job)
                .or(() -> FreeAdmission.coldNow(job))
                .or(() -> FreeAdmission.atHand(job, applied.bond()))
                .or(() -> {
                    BigDecimal most = job.limits().of(Limit.SOLVENT_SURFACE_C);
                    return applied.surfaceC().compareTo(most) >= 0
                            ? Admission.no(
                                    "surfaceC",
                                    "%s is too warm for solvent; wait until it is below %s."
                                            .formatted(
                                                    Figures.withUnit(applied.surfaceC(), "°C"),
                                                    job.limits().applied(Limit.SOLVENT_SURFACE_C)))
                            : Optional.empty();
                })
                .or(() -> {
                    Bond bond = job.model().anatomy().bondOf(applied.bond()).orElseThrow();
                    BigDecimal doseMl = Solvent.of(
                                    new Solvent.Use(
                                            applied.solvent(),
                                            applied.lies(),
                                            bond.area().areaMm2(),
                                            bond.area().exposedMm2()),
                                    job.limits())
                            .result()
                            .doseMl();
                    return doseMl.compareTo(job.limits().of(Limit.SOLVENT_OPEN_ML)) > 0
                            ? Admission.no(
                                    "solvent",
                                    "This bond takes %s; at most %s stand open."
                                            .formatted(
                                                    Figures.withUnit(doseMl, "mL"),
                                                    job.limits().applied(Limit.SOLVENT_OPEN_ML)))
                            : Optional.empty();
                });
    }

    /** No spark, heat, charge or load while solvent is wet. */
    public static Optional<Refusal> ignition(JobFile job, Instant now) {
        return Dissolving.of(job).ignition().filter(lock -> lock.holds(now)).map(lock -> locked(lock, now));
    }

    static Refusal locked(IgnitionLock lock, Instant now) {
        return new Refusal(
                "",
                lock.dryAt() == null
                        ? "Ignition lock: solvent is wet and covered; the clock begins when it lies open."
                        : "Ignition lock: solvent dries for another %s min."
                                .formatted((left(now, lock.dryAt()) + 59) / 60));
    }
}
