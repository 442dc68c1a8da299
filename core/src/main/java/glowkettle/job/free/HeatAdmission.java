package glowkettle.job.free;

import glowkettle.finding.Figures;
import glowkettle.finding.Unanswerable;
import glowkettle.free.Loosening;
import glowkettle.heat.HeatWindow;
import glowkettle.heat.Setting;
import glowkettle.job.Admission;
import glowkettle.job.Admission.Refusal;
import glowkettle.job.JobFile;
import glowkettle.library.Bond;
import glowkettle.limits.Limit;
import java.math.BigDecimal;
import java.time.Instant;
import java.util.Optional;

/** When heat may be put on a bond: by the tier, the ladder, and a window that a hand can meet. */
final class HeatAdmission {
    private HeatAdmission() {}

    static Optional<Refusal> heat(JobFile job, FreeEntry.HeatStarted started, Instant now) {
        return FreeAdmission.ready(job)
                .or(() -> FreeAdmission.coldNow(job))
                .or(() -> SolventAdmission.ignition(job, now))
                .or(() -> FreeAdmission.atHand(job, started.bond()))
                .or(() -> FreeAdmission.allowed(job, started.bond(), Loosening.HEAT, now))
                .or(() -> window(job, started, now));
    }

    static Optional<Refusal> window(JobFile job, FreeEntry.HeatStarted started, Instant now) {
        Optional<Refusal> tooHot = searched(job, started);
        if (tooHot.isPresent()) {
            return tooHot;
        }
        Bond bond = job.model().anatomy().bondOf(started.bond()).orElseThrow();
        try {
            HeatWindow window = HeatWindow.of(
                            Warming.of(job)
                                    .heatings(started.bond())
                                    .starting(started, bond.layers().stack(), now),
                            job.limits())
                    .result();
            boolean narrow = window.widthS() == null
                    || window.widthS().compareTo(job.limits().of(Limit.WINDOW_LEAST_S)) < 0;
            return narrow
                    ? Admission.no(
                            "setting.temperatureC",
                            "%s leaves no window a hand can meet: the bond is ready %s, the latest lift-off is at %s."
                                    .formatted(
                                            started.setting().words(),
                                            window.bondReadyS() == null
                                                    ? "never"
                                                    : "after " + Figures.withUnit(window.bondReadyS(), "s"),
                                            Figures.withUnit(window.latestLiftOffS(), "s")))
                    : Optional.empty();
        } catch (Unanswerable unanswerable) {
            return Admission.no("bond", String.valueOf(unanswerable.getMessage()));
        }
    }

    /** Hotter than any setting that is searched: nobody has reckoned whether a hand can meet its window. */
    static Optional<Refusal> searched(JobFile job, FreeEntry.HeatStarted started) {
        Bond bond = job.model().anatomy().bondOf(started.bond()).orElseThrow();
        if (bond.layers().of(started.setting().face()).isEmpty()) {
            return Admission.no("setting.face", "Nobody knows what lies behind that face: heat from the other one.");
        }
        Limit most = started.setting().source() == Setting.Source.MAT ? Limit.MAT_MOST_C : Limit.AIR_MOST_C;
        BigDecimal leastC = job.limits().of(Limit.HEAT_LEAST_C);
        BigDecimal temperatureC = started.setting().temperatureC();
        return temperatureC.compareTo(job.limits().of(most)) > 0 || temperatureC.compareTo(leastC) < 0
                ? Admission.no(
                        "setting.temperatureC",
                        "%s is outside of what is searched, %s to %s. Take one of the settings that are offered."
                                .formatted(
                                        started.setting().words(),
                                        Figures.of(leastC),
                                        job.limits().applied(most)))
                : Optional.empty();
    }
}
