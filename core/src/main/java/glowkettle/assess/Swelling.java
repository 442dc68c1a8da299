package glowkettle.assess;

import glowkettle.assess.HazardReadings.Seam;
import glowkettle.assess.HazardReadings.Thickness;
import glowkettle.finding.Figures;
import glowkettle.limits.Limit;
import glowkettle.limits.ShopLimits;
import java.math.BigDecimal;
import java.math.MathContext;
import java.util.Comparator;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * How far a pack has swollen, from its thickness: {@code swell = (t_max − t_nominal)/t_nominal}. Without the middle, or
 * without a nominal thickness, the figure is only a lower bound. Source: handbook, Assess.
 */
public record Swelling(BigDecimal thickestMm, BigDecimal referenceMm, boolean lowerBound) {
    private static final BigDecimal HUNDRED = BigDecimal.valueOf(100);

    /** Empty when no thickness, or nothing to hold it against, is known. */
    public static Optional<Swelling> of(Thickness thickness) {
        Optional<BigDecimal> thickest = thickness.points().max(Comparator.naturalOrder());
        BigDecimal nominal = thickness.nominalThicknessMm();
        if (nominal != null) {
            return thickest.map(most -> new Swelling(most, nominal, thickness.middleThicknessMm() == null));
        }
        Optional<BigDecimal> flattest = thickness.cornerThicknessMm().stream().min(Comparator.naturalOrder());
        boolean comparable = thickness.points().count() >= 2;
        return comparable
                ? flattest.flatMap(corner -> thickest.map(most -> new Swelling(most, corner, true)))
                : Optional.empty();
    }

    /** Compared as typed, in decimals: no rounding before the limit. */
    public boolean reaches(BigDecimal percent) {
        return thickestMm.subtract(referenceMm).multiply(HUNDRED).compareTo(percent.multiply(referenceMm)) >= 0;
    }

    /** Growth of no more than the last digit of the calipers, which is their error and no sign of gas. */
    boolean isWithin(@Nullable BigDecimal caliperDigitMm) {
        return caliperDigitMm != null && thickestMm.subtract(referenceMm).compareTo(caliperDigitMm) <= 0;
    }

    public BigDecimal percent() {
        return thickestMm.subtract(referenceMm).multiply(HUNDRED).divide(referenceMm, MathContext.DECIMAL64);
    }

    public String working() {
        return "swell = (%s − %s) / %s = %s%s"
                .formatted(
                        Figures.withUnit(thickestMm, "mm"),
                        Figures.withUnit(referenceMm, "mm"),
                        Figures.withUnit(referenceMm, "mm"),
                        Figures.withUnit(percent().doubleValue(), 2, "%"),
                        lowerBound ? ", at least" : "");
    }

    /** Widest seam reading over the seam of a sound device, or null when no seam was gauged. */
    static @Nullable BigDecimal bulgeMm(Seam seam, ShopLimits limits) {
        BigDecimal nominal = seam.seamNominalMm() != null ? seam.seamNominalMm() : limits.of(Limit.SEAM_NOMINAL_MM);
        return seam.seamMm().stream()
                .max(Comparator.naturalOrder())
                .map(widest -> widest.subtract(nominal))
                .orElse(null);
    }
}
