package glowkettle.job.wayback;

import glowkettle.finding.Figures;
import glowkettle.job.Admission;
import glowkettle.job.Admission.Refusal;
import glowkettle.job.JobFile;
import glowkettle.job.assess.Assessing;
import glowkettle.job.fit.Fitting;
import glowkettle.limits.Limit;
import glowkettle.open.WayBack;
import java.time.Instant;
import java.util.Optional;

/**
 * A pack that went in asleep wakes at the live check, on the charger, with current and warmth watched; nothing goes on before it
 * has. Source: handbook, Fit.
 */
public final class Waking {
    private final JobFile job;

    private Waking(JobFile job) {
        this.job = job;
    }

    public static Waking of(JobFile job) {
        return new Waking(job);
    }

    /** It went in asleep, the charger is on, and nobody has said that it woke. */
    public boolean isDue() {
        return Fitting.of(job).isTakenForAsleep()
                && Fitting.of(job).fitsNewPack()
                && onTheChargerSince().isPresent()
                && Fitting.of(job)
                        .sinceChosen()
                        .noneMatch(recorded -> recorded.entry() instanceof WayBackEntry.PackWoken);
    }

    private Optional<Instant> onTheChargerSince() {
        return ClosingUp.of(job).doneAt(WayBack.LIVE_CHECK);
    }

    /** Until when current and warmth are watched. */
    public Optional<Instant> watchedUntil() {
        return isDue()
                ? onTheChargerSince()
                        .map(since -> since.plusSeconds(Math.round(job.limits().number(Limit.WAKING_MINUTES) * 60)))
                : Optional.empty();
    }

    /** Nothing goes on while it is due. */
    Optional<Refusal> waits() {
        return isDue()
                ? Admission.no(
                        "step", "The new pack went in asleep: watch it on the charger and say that it woke first.")
                : Optional.empty();
    }

    Optional<Refusal> refuse(WayBackEntry.PackWoken woken, Instant now) {
        Optional<Instant> until = watchedUntil();
        if (until.isEmpty()) {
            return Admission.no("", "No pack went in asleep and is on the charger now.");
        }
        if (now.isBefore(until.get())) {
            return Admission.no(
                    "cellV",
                    "Watch its current and its warmth for %s from the live check on."
                            .formatted(job.limits().applied(Limit.WAKING_MINUTES)));
        }
        if (woken.chargeA().signum() <= 0
                || woken.cellV().compareTo(job.limits().of(Limit.PLUG_UNKNOWN_V)) < 0) {
            return Admission.no(
                    "cellV",
                    "%s per cell at %s is no pack that woke: off the charger, take the steps back and send it back."
                            .formatted(Figures.withUnit(woken.cellV(), "V"), Figures.withUnit(woken.chargeA(), "A")));
        }
        return isFeltSince(until.get())
                ? Optional.empty()
                : Admission.no("cellV", "Take its temperature after it was watched: press M.");
    }

    private boolean isFeltSince(Instant moment) {
        return job.state().counting().stream()
                .filter(recorded -> !recorded.at().isBefore(moment))
                .anyMatch(recorded -> Assessing.warmth(recorded)
                        .filter(felt -> felt.surfaceC() != null)
                        .isPresent());
    }
}
