package glowkettle.job.calibrate;

import glowkettle.calibrate.PhaseTimes;
import glowkettle.calibrate.Progress;
import glowkettle.calibrate.SoakVerdict;
import glowkettle.finding.Figures;
import glowkettle.job.Admission;
import glowkettle.job.Admission.Refusal;
import glowkettle.job.JobFile;
import glowkettle.job.wayback.ClosingUp;
import glowkettle.job.wayback.WayBackAdmission;
import glowkettle.limits.Limit;
import java.math.BigDecimal;
import java.time.Duration;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Optional;

/** Whether an event of the calibration can have happened, then and now. Source: handbook, Calibrate. */
final class CycleAdmission {
    private static final BigDecimal SECONDS_PER_MINUTE = BigDecimal.valueOf(60);

    private CycleAdmission() {}

    static Optional<Refusal> event(JobFile job, CalibrateEntry.CycleEvent event, Instant now) {
        return WayBackAdmission.afterWayBack(job)
                .or(() -> SoakCycle.of(job).verdict().result().standing() == SoakVerdict.Standing.REPEAT
                        ? Admission.no(
                                "step", "This cycle was not kept; begin it again, or leave it out with a reason.")
                        : Optional.empty())
                .or(() -> when(job, event, now))
                .or(() -> order(job, event));
    }

    /** Nothing goes wrong with what has not begun. */
    static Optional<Refusal> mishap(JobFile job, SoakVerdict.Mishap mishap) {
        Progress cycle = SoakCycle.of(job).progress();
        Instant begun = switch (mishap) {
            case CHARGE_INTERRUPTED -> cycle.chargeStarted();
            case SLEPT, PLUGGED_IN_EARLY -> cycle.runDownStarted();
            case LAST_CHARGE_INTERRUPTED, LAST_CHARGE_BREAK -> cycle.lastChargeStarted();
        };
        return begun == null
                ? Admission.no("mishap", "Nobody has begun that yet: write what was plugged in, and when, first.")
                : Optional.empty();
    }

    private static Optional<Refusal> when(JobFile job, CalibrateEntry.CycleEvent event, Instant now) {
        if (event.happened().isAfter(now)) {
            return Admission.no("happened", "%s has not come yet; accepted is up to now.".formatted(event.happened()));
        }
        Instant closed = ClosingUp.of(job).closedAt().orElseThrow();
        // What is typed has no seconds, so the minute in which it was closed counts as after.
        return event.happened().isBefore(closed.truncatedTo(ChronoUnit.MINUTES))
                ? Admission.no(
                        "happened",
                        "%s lies before the device was closed at %s; look at the time again."
                                .formatted(event.happened(), closed))
                : Optional.empty();
    }

    private static Optional<Refusal> order(JobFile job, CalibrateEntry.CycleEvent event) {
        List<CalibrateEntry.CycleEvent> events = SoakCycle.of(job).log().events();
        if (events.isEmpty()) {
            return event.step() == CalibrateEntry.CycleStep.CHARGE_STARTED
                    ? Optional.empty()
                    : Admission.no("step", "The cycle begins with plugging in.");
        }
        CalibrateEntry.CycleEvent last = events.getLast();
        if (event.step().compareTo(last.step()) <= 0) {
            return Admission.no(
                    "step",
                    "“%s” comes before “%s”, which has happened."
                            .formatted(event.step().words(), last.step().words()));
        }
        if (!follows(event.step(), last.step())) {
            return Admission.no(
                    "step",
                    "“%s” is not what comes after “%s”; write what happened between them first."
                            .formatted(event.step().words(), last.step().words()));
        }
        if (event.happened().isBefore(last.happened())) {
            return Admission.no(
                    "happened",
                    "%s lies before “%s” at %s."
                            .formatted(event.happened(), last.step().words(), last.happened()));
        }
        return tooFast(job, event, last).or(() -> tooSoon(job, event, last));
    }

    /** Nobody saw it full, and it cannot have been full and soaked: a time typed wrongly, or a charge that was broken off. */
    private static Optional<Refusal> tooSoon(
            JobFile job, CalibrateEntry.CycleEvent event, CalibrateEntry.CycleEvent last) {
        if (event.step() != CalibrateEntry.CycleStep.RUN_DOWN_STARTED
                || last.step() != CalibrateEntry.CycleStep.CHARGE_STARTED) {
            return Optional.empty();
        }
        PhaseTimes times = SoakCycle.of(job).phaseTimes();
        Duration least = share(times.charge(), job.limits().number(Limit.CHARGE_LEAST_PERCENT))
                .plus(share(times.soak(), job.limits().number(Limit.KEPT_SHARE_PERCENT)));
        Duration took = Duration.between(last.happened(), event.happened());
        return took.compareTo(least) < 0
                ? Admission.no(
                        "happened",
                        "Unplugged %s after it was plugged in, and nobody saw it full: that takes %s at least. Look at both times again, or say that the charge was broken off."
                                .formatted(minutes(took), minutes(least)))
                : Optional.empty();
    }

    private static Duration share(Duration whole, double percent) {
        return Duration.ofSeconds(Math.round(whole.toSeconds() * percent / 100));
    }

    /** A full device may be found full only when it is unplugged; everything else is written one by one. */
    private static boolean follows(CalibrateEntry.CycleStep step, CalibrateEntry.CycleStep last) {
        return switch (last) {
            case CHARGE_STARTED ->
                step == CalibrateEntry.CycleStep.FULL_SEEN || step == CalibrateEntry.CycleStep.RUN_DOWN_STARTED;
            case FULL_SEEN -> step == CalibrateEntry.CycleStep.RUN_DOWN_STARTED;
            case RUN_DOWN_STARTED -> step == CalibrateEntry.CycleStep.SHUT_DOWN_SEEN;
            case SHUT_DOWN_SEEN -> step == CalibrateEntry.CycleStep.LAST_CHARGE_STARTED;
            case LAST_CHARGE_STARTED -> step == CalibrateEntry.CycleStep.LAST_CHARGE_ENDED;
            case LAST_CHARGE_ENDED -> false;
        };
    }

    /** No pack fills or empties within a moment; the last charge begins empty, so its length is known. */
    private static Optional<Refusal> tooFast(
            JobFile job, CalibrateEntry.CycleEvent event, CalibrateEntry.CycleEvent last) {
        Duration took = Duration.between(last.happened(), event.happened());
        Duration least = switch (event.step()) {
            case FULL_SEEN, RUN_DOWN_STARTED, SHUT_DOWN_SEEN -> leastPhase(job);
            case LAST_CHARGE_ENDED ->
                share(SoakCycle.of(job).phaseTimes().lastCharge(), job.limits().number(Limit.CHARGE_LEAST_PERCENT));
            case CHARGE_STARTED, LAST_CHARGE_STARTED -> Duration.ZERO;
        };
        boolean fromFull = last.step() == CalibrateEntry.CycleStep.FULL_SEEN;
        return !fromFull && took.compareTo(least) < 0
                ? Admission.no(
                        "happened",
                        "“%s” %s after “%s” is faster than this pack can be; at least %s. Look at both times again."
                                .formatted(
                                        event.step().words(),
                                        minutes(took),
                                        last.step().words(),
                                        minutes(least)))
                : Optional.empty();
    }

    private static Duration leastPhase(JobFile job) {
        return Duration.ofSeconds(job.limits()
                .of(Limit.PHASE_LEAST_MINUTES)
                .multiply(SECONDS_PER_MINUTE)
                .longValue());
    }

    private static String minutes(Duration span) {
        return span.toMinutes() < 1
                ? Figures.withUnit(BigDecimal.valueOf(span.toSeconds()), "s")
                : Figures.withUnit(BigDecimal.valueOf(span.toMinutes()), "min");
    }
}
