package glowkettle.finding;

import java.math.BigDecimal;
import java.math.RoundingMode;

/** Figures as people read them: a decimal point, groups of three set apart, the unit behind a space that does not break. */
public final class Figures {
    private static final String GAP = "\u00a0";

    private Figures() {}

    public static BigDecimal round(double value, int decimals) {
        return BigDecimal.valueOf(value).setScale(decimals, RoundingMode.HALF_UP);
    }

    public static String of(double value, int decimals) {
        return of(round(value, decimals));
    }

    public static String of(BigDecimal value) {
        String plain = value.abs().toPlainString();
        int point = plain.indexOf('.');
        String whole = point < 0 ? plain : plain.substring(0, point);
        String fraction = point < 0 ? "" : plain.substring(point);
        String grouped = whole.length() > 3 ? whole.replaceAll("(?<=\\d)(?=(\\d{3})+$)", GAP) : whole;
        return (value.signum() < 0 ? "−" : "") + grouped + fraction;
    }

    public static String withUnit(BigDecimal value, String unit) {
        return unit.isEmpty() ? of(value) : of(value) + GAP + unit;
    }

    /** To a hundredth of a watt-hour, without zeros at the end: no label is truer. */
    public static String energy(BigDecimal wattHours) {
        return withUnit(plain(wattHours.setScale(2, RoundingMode.HALF_UP)), "Wh");
    }

    /** The same figure without zeros at the end of its fraction, and without an exponent. */
    public static BigDecimal plain(BigDecimal value) {
        BigDecimal stripped = value.stripTrailingZeros();
        return stripped.scale() < 0 ? stripped.setScale(0, RoundingMode.UNNECESSARY) : stripped;
    }

    public static String withUnit(double value, int decimals, String unit) {
        return withUnit(round(value, decimals), unit);
    }
}
