package glowkettle.job.assess;

import glowkettle.assess.HazardReadings.Thickness;
import glowkettle.assess.HazardReadings.Voltage;
import glowkettle.assess.HazardReadings.Warmth;
import glowkettle.cell.Chemistry;
import glowkettle.finding.Figures;
import glowkettle.job.Admission;
import glowkettle.job.Admission.Refusal;
import glowkettle.job.JobFile;
import glowkettle.limits.Limit;
import glowkettle.limits.ShopLimits;
import java.math.BigDecimal;
import java.time.Instant;
import java.util.Comparator;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * Readings that cannot both be true are asked for again while the instrument is still in the hand; nothing is stored. Source:
 * handbook, How every number is shown.
 */
public final class ReadingAdmission {
    private ReadingAdmission() {}

    /** The product knows when its own heat and current were on. */
    static Optional<Refusal> atRest(JobFile job, Warmth warmth, Instant now) {
        if (!Boolean.TRUE.equals(warmth.atRest())) {
            return Optional.empty();
        }
        return disturbedBy(job, warmth, now)
                .map(what -> new Refusal(
                        "warmth.atRest",
                        "It cannot be at rest: %s, and a rest lasts %s. Take it as not at rest, or wait."
                                .formatted(what, job.limits().applied(Limit.REST_MINUTES))));
    }

    /** By what was typed, or by what the product did itself. */
    public static Optional<String> disturbedBy(JobFile job, Warmth typed, Instant now) {
        Warmth known = job.activity().explained(typed, now);
        return within(known.minutesSinceHeat(), "heat", job.limits())
                .or(() -> within(known.minutesSinceCurrent(), "current", job.limits()));
    }

    private static Optional<String> within(
            @org.jspecify.annotations.Nullable BigDecimal minutes, String what, ShopLimits limits) {
        return Optional.ofNullable(minutes)
                .filter(since -> since.compareTo(limits.of(Limit.REST_MINUTES)) < 0)
                .map(since -> since.signum() == 0
                        ? what + " is on"
                        : "%s was on %s min ago"
                                .formatted(
                                        what,
                                        since.setScale(0, java.math.RoundingMode.DOWN)
                                                .toPlainString()));
    }

    public static Optional<Refusal> thickness(JobFile job, Thickness taken, String record) {
        ShopLimits limits = job.limits();
        BigDecimal known = job.packKnown() ? job.model().pack().size().thicknessMm() : null;
        BigDecimal typed = taken.nominalThicknessMm();
        if (typed != null
                && known != null
                && (typed.compareTo(known.multiply(limits.of(Limit.NOMINAL_LEAST_SHARE))) < 0
                        || typed.compareTo(known.multiply(limits.of(Limit.NOMINAL_MOST_SHARE))) > 0)) {
            return Admission.no(
                    record + "nominalThicknessMm",
                    "%s as nominal cannot be: the model says %s. Look at both again."
                            .formatted(Figures.withUnit(typed, "mm"), Figures.withUnit(known, "mm")));
        }
        BigDecimal nominal = typed != null ? typed : known;
        if (nominal == null) {
            return Optional.empty();
        }
        Optional<BigDecimal> thickest = Stream.concat(
                        Stream.ofNullable(taken.middleThicknessMm()), taken.cornerThicknessMm().stream())
                .max(Comparator.naturalOrder());
        return thickest.filter(most -> most.compareTo(nominal.multiply(limits.of(Limit.NOMINAL_LEAST_SHARE))) < 0)
                .map(most -> new Refusal(
                        record + "middleThicknessMm",
                        "%s measured and %s nominal cannot both be true: no pack is that much thinner. Measure again."
                                .formatted(Figures.withUnit(most, "mm"), Figures.withUnit(nominal, "mm"))));
    }

    public static Optional<Refusal> voltage(Voltage read, String record, ShopLimits limits) {
        BigDecimal most = limits.of(Limit.CELL_MOST_V);
        if (read.restedCellV() != null && read.restedCellV().compareTo(most) > 0) {
            return Admission.no(
                    record + "restedCellV",
                    "%s per cell is more than any cell holds, %s. Is it the whole pack's?"
                            .formatted(Figures.withUnit(read.restedCellV(), "V"), limits.applied(Limit.CELL_MOST_V)));
        }
        if (read.restedCellV() != null
                && read.highestRestedCellV() != null
                && read.highestRestedCellV().compareTo(read.restedCellV()) < 0) {
            return Admission.no(
                    record + "highestRestedCellV",
                    "The highest cell, %s, lies under the lowest, %s: read both again."
                            .formatted(
                                    Figures.withUnit(read.highestRestedCellV(), "V"),
                                    Figures.withUnit(read.restedCellV(), "V")));
        }
        return read.chargeLimitV() != null
                        && Chemistry.ofLimit(read.chargeLimitV(), limits).isEmpty()
                ? Admission.no(
                        record + "chargeLimitV",
                        "No cell is charged to %s; look at the label again."
                                .formatted(Figures.withUnit(read.chargeLimitV(), "V")))
                : Optional.empty();
    }

    /** As many cells as the pack has in series. */
    static Optional<Refusal> gauge(JobFile job, AssessEntry.GaugeRead read) {
        int told = read.reading().cellV().size();
        int series = job.model().pack().ratings().series().intValue();
        return told > 0 && job.packKnown() && told != series
                ? Admission.no(
                        "reading.cellV",
                        "%s cell voltages for a pack of %s in series: read the gauge again.".formatted(told, series))
                : Optional.empty();
    }
}
