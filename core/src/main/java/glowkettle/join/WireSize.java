package glowkettle.join;

import glowkettle.finding.Figures;
import glowkettle.finding.Finding;
import glowkettle.finding.Quantity;
import glowkettle.finding.Result;
import glowkettle.finding.Says;
import glowkettle.finding.Weight;
import glowkettle.finding.Within;
import glowkettle.finding.Working;
import glowkettle.limits.Limit;
import glowkettle.limits.ShopLimits;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * How thick a wire has to be: both conductors lose {@code I · 2 L · ρ / A}, at most a share of the nominal voltage, and no new
 * wire is thinner than the old one. Source: handbook, Join.
 *
 * @param sectionMm2 the least that will do
 * @param dropV lost along both conductors of that section
 * @param dropPercent the same, of the nominal voltage
 * @param tugN how hard a soldered joint of it is pulled
 */
public record WireSize(BigDecimal sectionMm2, BigDecimal dropV, BigDecimal dropPercent, BigDecimal tugN) {
    private static final int SECTION_DECIMALS = 3;

    /** What flows how far. */
    public record Request(
            @Says("Current") @Within(min = "0.001", max = "500", unit = "A")
            BigDecimal currentA,

            @Says("Length, one way") @Within(min = "1", max = "10000", unit = "mm")
            BigDecimal lengthMm,

            @Says("Nominal voltage") @Within(min = "1", max = "120", unit = "V")
            BigDecimal nominalV,

            @Says("Section of the old wire") @Within(min = "0.01", max = "50", unit = "mm²") @Nullable
            BigDecimal oldMm2) {}

    public static Result<WireSize> of(Request request, ShopLimits limits) {
        double ohmMm2 = resistivityOhmMm(Limit.COPPER_NOHM_M, limits)
                * 2
                * request.lengthMm().doubleValue();
        double amperes = request.currentA().doubleValue();
        double mostDropV = request.nominalV().doubleValue() * limits.number(Limit.WIRE_DROP_PERCENT) / 100;
        // Up, so that what is shown does not lose more than it may.
        BigDecimal needed =
                BigDecimal.valueOf(amperes * ohmMm2 / mostDropV).setScale(SECTION_DECIMALS, RoundingMode.UP);
        boolean byTheOld = request.oldMm2() != null && request.oldMm2().compareTo(needed) >= 0;
        BigDecimal section = byTheOld && request.oldMm2() != null ? request.oldMm2() : needed;
        double dropV = amperes * ohmMm2 / section.doubleValue();
        double percent = dropV / request.nominalV().doubleValue() * 100;
        List<Finding> findings = new ArrayList<>();
        if (request.oldMm2() == null) {
            findings.add(Finding.care(
                    "wire-old-unknown", "Measure the old wire: the new one is never thinner, whatever the sum says."));
        }
        findings.add(new Finding(
                byTheOld ? "wire-as-old" : "wire-by-drop",
                Weight.NOTE,
                Quantity.rounded(percent, 2, "%"),
                limits.applied(Limit.WIRE_DROP_PERCENT),
                byTheOld
                        ? "As thick as the old one is enough."
                        : "Take the next size that can be had, not a thinner one."));
        return new Result<>(
                new WireSize(section, Figures.round(dropV, 3), Figures.round(percent, 2), tugN(section, limits)),
                findings,
                Working.of(
                        "A = %s · 2 · %s · ρ / (%s · %s) = %s"
                                .formatted(
                                        Figures.withUnit(request.currentA(), "A"),
                                        Figures.withUnit(request.lengthMm(), "mm"),
                                        limits.applied(Limit.WIRE_DROP_PERCENT),
                                        Figures.withUnit(request.nominalV(), "V"),
                                        Figures.withUnit(needed, "mm²")),
                        "tug = %s / (%s per N) = %s"
                                .formatted(
                                        Figures.withUnit(section, "mm²"),
                                        limits.applied(Limit.TUG_MM2_PER_N),
                                        Figures.withUnit(tugN(section, limits), "N"))));
    }

    /** How hard a joint of such a wire is pulled to try it. */
    public static BigDecimal tugN(BigDecimal sectionMm2, ShopLimits limits) {
        return sectionMm2.divide(limits.of(Limit.TUG_MM2_PER_N), 1, RoundingMode.HALF_UP);
    }

    /** Of a conductor of 1 mm² for each millimetre of its length. */
    static double resistivityOhmMm(Limit nanoOhmMetre, ShopLimits limits) {
        return limits.number(nanoOhmMetre) * 1e-6;
    }
}
