package glowkettle.fit;

import glowkettle.finding.Figures;
import glowkettle.finding.Finding;
import glowkettle.finding.Quantity;
import glowkettle.finding.Result;
import glowkettle.finding.Says;
import glowkettle.finding.Within;
import glowkettle.finding.Working;
import glowkettle.limits.Limit;
import glowkettle.limits.ShopLimits;
import java.math.BigDecimal;
import java.math.MathContext;
import java.math.RoundingMode;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** {@code Wh = V · mAh / 1000}, held against the watt-hours printed. Source: handbook, Fit. */
public final class LabelEnergy {
    private LabelEnergy() {}

    /** The figures on a label. */
    public record Label(
            @Says("Nominal voltage") @Within(min = "1", max = "120", unit = "V")
            BigDecimal nominalV,

            @Says("Capacity") @Within(min = "1", max = "1000000", unit = "mAh")
            BigDecimal capacityMah,

            @Says("Energy") @Within(min = "0.001", max = "100000", unit = "Wh") @Nullable
            BigDecimal energyWh) {}

    /**
     * The energy from volts and milliampere-hours.
     *
     * @param apartPercent how far the printed energy is away from it, or null when none is printed
     * @param marked whether that is more than the shop takes for rounding
     */
    public record Energy(BigDecimal computedWh, @Nullable BigDecimal apartPercent, boolean marked) {}

    public static Result<Energy> check(Label label, ShopLimits limits) {
        BigDecimal product = label.nominalV().multiply(label.capacityMah()).movePointLeft(3);
        BigDecimal shown = product.setScale(2, RoundingMode.HALF_UP);
        String sum = "%s · %s = %s"
                .formatted(
                        Figures.withUnit(label.nominalV(), "V"),
                        Figures.withUnit(label.capacityMah(), "mAh"),
                        Figures.withUnit(shown, "Wh"));
        BigDecimal printed = label.energyWh();
        if (printed == null) {
            return new Result<>(new Energy(shown, null, false), List.of(), Working.of(sum));
        }
        BigDecimal exact = printed.subtract(product).abs().movePointRight(2).divide(product, MathContext.DECIMAL64);
        BigDecimal apart = exact.setScale(1, RoundingMode.HALF_UP);
        boolean marked = exact.compareTo(limits.of(Limit.LABEL_ENERGY_PERCENT)) > 0;
        List<Finding> findings = marked
                ? List.of(new Finding(
                        "label-energy",
                        Verdict.WITH_CARE.weight(),
                        Quantity.of(apart, "%"),
                        limits.applied(Limit.LABEL_ENERGY_PERCENT),
                        "The printed energy is %s away from volts × milliampere-hours: typical against least capacity, or a false label."
                                .formatted(Figures.withUnit(apart, "%"))))
                : List.of();
        return new Result<>(
                new Energy(shown, apart, marked),
                findings,
                Working.of(
                        sum,
                        "|%s − %s| / %s = %s, marked over %s"
                                .formatted(
                                        Figures.of(printed),
                                        Figures.withUnit(shown, "Wh"),
                                        Figures.withUnit(shown, "Wh"),
                                        Figures.withUnit(apart, "%"),
                                        limits.applied(Limit.LABEL_ENERGY_PERCENT))));
    }
}
