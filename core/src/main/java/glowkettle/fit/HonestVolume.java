package glowkettle.fit;

import glowkettle.cell.Body;
import glowkettle.limits.Limit;
import glowkettle.limits.ShopLimits;

/** The volume of a claimed body and the class of ceiling that volume falls under. */
final class HonestVolume {
    private static final double MILLILITRES_PER_LITRE = 1000;
    private static final double CUBIC_MM_PER_LITRE = 1e6;

    private HonestVolume() {}

    /** NaN when a size is missing. */
    static double litres(Honesty.Claim claim, ShopLimits limits) {
        if (claim.size().thicknessMm() == null || claim.size().lengthMm() == null) {
            return Double.NaN;
        }
        double thickness = claim.size().thicknessMm().doubleValue();
        double length = claim.size().lengthMm().doubleValue();
        if (claim.body() == Body.ROUND) {
            double diameter = thickness + limits.number(Limit.WRAP_DIAMETER_MM);
            double wrapped = length + limits.number(Limit.WRAP_LENGTH_MM);
            return Math.PI / 4 * diameter * diameter * wrapped * cells(claim) / CUBIC_MM_PER_LITRE;
        }
        return claim.size().widthMm() == null
                ? Double.NaN
                : thickness * claim.size().widthMm().doubleValue() * length / CUBIC_MM_PER_LITRE;
    }

    static Limit ceiling(Honesty.Claim claim, double litres, ShopLimits limits) {
        return switch (claim.body()) {
            case ROUND, CASED_ROUND -> round(claim);
            case POUCH -> pouch(litres * MILLILITRES_PER_LITRE / cells(claim));
            case CASED_POUCH -> pouch(casedCellMl(claim, litres, limits));
        };
    }

    /** The class is a cell's own; the case takes its share of the outer volume where nobody knows the cell's. */
    private static double casedCellMl(Honesty.Claim claim, double litres, ShopLimits limits) {
        return claim.cellVolumeMl() != null
                ? claim.cellVolumeMl().doubleValue()
                : litres * MILLILITRES_PER_LITRE * limits.number(Limit.CASED_SHARE_PERCENT) / 100 / cells(claim);
    }

    static double ceilingWhPerL(Honesty.Claim claim, Limit ceiling, ShopLimits limits) {
        boolean cased = claim.body() == Body.CASED_POUCH || claim.body() == Body.CASED_ROUND;
        return limits.number(ceiling) * (cased ? limits.number(Limit.CASED_SHARE_PERCENT) / 100 : 1);
    }

    private static Limit round(Honesty.Claim claim) {
        Honesty.RoundSize size = claim.roundSize();
        boolean bare = claim.body() == Body.ROUND;
        if (size == Honesty.RoundSize.R18650 || bare && isSize(claim, 18, 65)) {
            return Limit.CEILING_18650_WHL;
        }
        return size == Honesty.RoundSize.R21700 || bare && isSize(claim, 21, 70)
                ? Limit.CEILING_21700_WHL
                : Limit.CEILING_ROUND_WHL;
    }

    private static boolean isSize(Honesty.Claim claim, double diameter, double length) {
        return claim.size().thicknessMm() != null
                && claim.size().lengthMm() != null
                && claim.size().thicknessMm().doubleValue() == diameter
                && claim.size().lengthMm().doubleValue() == length;
    }

    private static Limit pouch(double millilitres) {
        if (millilitres >= 10) {
            return Limit.CEILING_POUCH_WHL;
        }
        if (millilitres >= 3) {
            return Limit.CEILING_POUCH_MID_WHL;
        }
        return millilitres >= 1 ? Limit.CEILING_POUCH_SMALL_WHL : Limit.CEILING_POUCH_TINY_WHL;
    }

    private static double cells(Honesty.Claim claim) {
        return claim.cells() == null ? 1 : claim.cells().doubleValue();
    }
}
