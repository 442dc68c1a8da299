package glowkettle.cell;

import glowkettle.limits.Limit;
import glowkettle.limits.LimitTable;
import glowkettle.limits.ShopLimits;
import java.math.BigDecimal;
import java.util.List;
import java.util.OptionalDouble;

/**
 * Rested voltage of one cell against its state of charge at 25 °C, linear between the table's rows and held at 0 % and
 * 100 % beyond them. Above 3.73 V the table is stretched to charge limits over 4.20 V. Source: handbook, Assess.
 */
public final class OpenCircuitCurve {
    private final double[] socPercent;
    private final double[] volts;
    private final double readableBelowV;
    private final double readableAboveV;

    private OpenCircuitCurve(double[] socPercent, double[] volts, double readableBelowV, double readableAboveV) {
        this.socPercent = socPercent;
        this.volts = volts;
        this.readableBelowV = readableBelowV;
        this.readableAboveV = readableAboveV;
    }

    public static OpenCircuitCurve of(Chemistry chemistry, ShopLimits limits) {
        List<List<BigDecimal>> rows = limits.table(LimitTable.OPEN_CIRCUIT).rows();
        boolean iron = chemistry.family() == Chemistry.Family.IRON_PHOSPHATE;
        double from = limits.number(Limit.STRETCH_FROM_V);
        double factor = stretch(chemistry.chargeLimitV(), limits);
        double[] soc = new double[rows.size()];
        double[] volts = new double[rows.size()];
        for (int i = 0; i < soc.length; i++) {
            soc[i] = rows.get(i).get(0).doubleValue();
            double tabled = rows.get(i).get(iron ? 2 : 1).doubleValue();
            volts[i] = iron || tabled <= from ? tabled : from + (tabled - from) * factor;
        }
        return iron
                ? new OpenCircuitCurve(
                        soc, volts, limits.number(Limit.IRON_SOC_BELOW_V), limits.number(Limit.IRON_SOC_ABOVE_V))
                : new OpenCircuitCurve(soc, volts, Double.POSITIVE_INFINITY, Double.POSITIVE_INFINITY);
    }

    /** By what the table's voltages above the knee are stretched for cells with this charge limit. */
    public static double stretch(BigDecimal chargeLimitV, ShopLimits limits) {
        double from = limits.number(Limit.STRETCH_FROM_V);
        BigDecimal base = limits.of(Limit.FLAT_BASE_LIMIT_V);
        // A limit printed a hair off the table's own is the table's.
        boolean asTabled = chargeLimitV.subtract(base).abs().compareTo(limits.of(Limit.CHARGE_PRINT_V)) <= 0;
        return asTabled ? 1 : (chargeLimitV.doubleValue() - from) / (base.doubleValue() - from);
    }

    /** State of charge in %, or empty where the curve is too flat for a voltage to tell. */
    public OptionalDouble readSocPercent(double restedCellV) {
        boolean readable = restedCellV < readableBelowV || restedCellV > readableAboveV;
        return readable ? OptionalDouble.of(socPercent(restedCellV)) : OptionalDouble.empty();
    }

    /** True where every voltage tells a state of charge. */
    public boolean readableThroughout() {
        return Double.isInfinite(readableBelowV);
    }

    /** State of charge in % at a rested voltage, whether or not a meter could tell it. */
    public double socPercent(double restedCellV) {
        return interpolate(volts, socPercent, restedCellV);
    }

    public double volts(double atSocPercent) {
        return interpolate(socPercent, volts, atSocPercent);
    }

    int segments() {
        return volts.length - 1;
    }

    double socFrom(int segment) {
        return socPercent[segment];
    }

    double socTo(int segment) {
        return socPercent[segment + 1];
    }

    private static double interpolate(double[] xs, double[] ys, double x) {
        if (x <= xs[0]) {
            return ys[0];
        }
        for (int i = 1; i < xs.length; i++) {
            if (x <= xs[i]) {
                return ys[i - 1] + (x - xs[i - 1]) / (xs[i] - xs[i - 1]) * (ys[i] - ys[i - 1]);
            }
        }
        return ys[ys.length - 1];
    }
}
