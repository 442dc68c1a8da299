package glowkettle.join;

import glowkettle.finding.Figures;
import glowkettle.finding.Finding;
import glowkettle.finding.Quantity;
import glowkettle.finding.Result;
import glowkettle.finding.Says;
import glowkettle.finding.Weight;
import glowkettle.finding.Within;
import glowkettle.finding.Worded;
import glowkettle.finding.Working;
import glowkettle.limits.Limit;
import glowkettle.limits.ShopLimits;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What a strip carries. Its resistance is {@code ρ L / (w t)}; a steady current warms it by {@code I² R / (h · 2 (w + t) L)}.
 * Strips side by side share the current; n layers share one surface, {@code 2 (w + n t)}, and carry about √n of one. Source:
 * handbook, Join.
 *
 * @param resistanceMohm of the length that was asked for
 * @param riseK by the current that was asked for; null without one
 * @param currentA what warms one strip by the shop's limit
 * @param sideBySide strips for the current that was asked for; null without one
 * @param stacked layers of one strip for it; null without one, and where no stack is enough
 * @param soundsLike what the measured resistance belongs to; null without a measurement, and where it is neither
 */
public record Strip(
        BigDecimal resistanceMohm,
        BigDecimal resistanceMohmPer100mm,
        @Nullable BigDecimal riseK,
        BigDecimal currentA,
        @Nullable Integer sideBySide,
        @Nullable Integer stacked,
        @Nullable Material soundsLike) {
    private static final BigDecimal HUNDRED_MM = BigDecimal.valueOf(100);
    private static final int MOST_LAYERS = 40;
    private static final double MM2_PER_M2 = 1e6;

    /** What strips are made of. */
    public enum Material implements Worded {
        NICKEL("nickel", Limit.NICKEL_NOHM_M),
        PLATED_STEEL("nickel-plated steel", Limit.PLATED_STEEL_NOHM_M),
        COPPER("copper", Limit.COPPER_NOHM_M);

        private final String words;
        private final Limit resistivity;

        Material(String words, Limit resistivity) {
            this.words = words;
            this.resistivity = resistivity;
        }

        @Override
        public String words() {
            return words;
        }
    }

    /** A strip, what it is sold as, and what has to flow. */
    public record Request(
            @Says("Sold as") Material material,

            @Says("Width") @Within(min = "0.5", max = "200", unit = "mm")
            BigDecimal widthMm,

            @Says("Thickness") @Within(min = "0.02", max = "5", unit = "mm")
            BigDecimal thicknessMm,

            @Says("Length; 100 mm when not said") @Within(min = "1", max = "5000", unit = "mm") @Nullable
            BigDecimal lengthMm,

            @Says("Current of the pack") @Within(min = "0.01", max = "2000", unit = "A") @Nullable
            BigDecimal currentA,

            @Says("Measured resistance of 100 mm") @Within(min = "0.01", max = "5000", unit = "mΩ") @Nullable
            BigDecimal measuredMohmPer100mm) {}

    public static Result<Strip> of(Request request, ShopLimits limits) {
        BigDecimal length = request.lengthMm() == null ? HUNDRED_MM : request.lengthMm();
        double ohmPerMm = ohmPerMm(request.material(), request, limits);
        // What is measured decides where it is worse: what is sold as nickel may be steel.
        Material like = soundsLike(request, limits);
        double measured = request.measuredMohmPer100mm() == null
                ? 0
                : request.measuredMohmPer100mm().doubleValue() / 1e5;
        double reckoned = Math.max(ohmPerMm, measured);
        double most = currentA(reckoned, 1, request, limits);
        Double asked = request.currentA() == null ? null : request.currentA().doubleValue();
        Strip strip = new Strip(
                Figures.round(reckoned * length.doubleValue() * 1000, 2),
                Figures.round(reckoned * 1e5, 2),
                asked == null ? null : Figures.round(riseK(asked, reckoned, request, limits), 1),
                Figures.round(most, 2),
                asked == null ? null : (int) Math.ceil(asked / most),
                asked == null ? null : stacked(asked, reckoned, request, limits),
                like);
        return new Result<>(strip, findings(strip, request, limits), working(strip, request, length, limits));
    }

    private static double ohmPerMm(Material material, Request request, ShopLimits limits) {
        return WireSize.resistivityOhmMm(material.resistivity, limits)
                / request.widthMm().multiply(request.thicknessMm()).doubleValue();
    }

    /** Heat given off for each kelvin, along a millimetre, by so many layers. */
    private static double wattsPerKelvinMm(int layers, Request request, ShopLimits limits) {
        double around = 2
                * (request.widthMm().doubleValue()
                        + layers * request.thicknessMm().doubleValue());
        return limits.number(Limit.STRIP_WM2K) * around / MM2_PER_M2;
    }

    private static double riseK(double amperes, double ohmPerMm, Request request, ShopLimits limits) {
        return amperes * amperes * ohmPerMm / wattsPerKelvinMm(1, request, limits);
    }

    /** What warms so many layers by the limit. */
    private static double currentA(double ohmPerMm, int layers, Request request, ShopLimits limits) {
        return Math.sqrt(
                limits.number(Limit.STRIP_RISE_K) * wattsPerKelvinMm(layers, request, limits) * layers / ohmPerMm);
    }

    private static @Nullable Integer stacked(double amperes, double ohmPerMm, Request request, ShopLimits limits) {
        for (int layers = 1; layers <= MOST_LAYERS; layers++) {
            if (currentA(ohmPerMm, layers, request, limits) >= amperes) {
                return layers;
            }
        }
        return null;
    }

    /** The metal whose resistance lies next to the one that was measured, where any lies near enough. */
    private static @Nullable Material soundsLike(Request request, ShopLimits limits) {
        if (request.measuredMohmPer100mm() == null) {
            return null;
        }
        double measured = request.measuredMohmPer100mm().doubleValue() / 1e5;
        Material nearest = null;
        double least = Math.log1p(limits.number(Limit.STRIP_APART_PERCENT) / 100);
        for (Material material : Material.values()) {
            double apart = Math.abs(Math.log(measured / ohmPerMm(material, request, limits)));
            if (apart <= least) {
                least = apart;
                nearest = material;
            }
        }
        return nearest;
    }

    private static List<Finding> findings(Strip strip, Request request, ShopLimits limits) {
        List<Finding> findings = new ArrayList<>();
        BigDecimal measured = request.measuredMohmPer100mm();
        if (measured == null) {
            findings.add(
                    Finding.care(
                            "strip-unmeasured",
                            "Measure the resistance of 100 mm: plated steel is sold as nickel, and warms nearly twice as much."));
        } else if (strip.soundsLike() != request.material()) {
            findings.add(new Finding(
                    "strip-other-metal",
                    Weight.STOP,
                    new Quantity(measured, "mΩ per 100 mm"),
                    limits.applied(Limit.STRIP_APART_PERCENT),
                    strip.soundsLike() == null
                            ? "This is no %s of that size: measure width and thickness again, then the resistance."
                                    .formatted(request.material().words())
                            : "Sold as %s, it reads like %s; reckoned with what was measured."
                                    .formatted(
                                            request.material().words(),
                                            strip.soundsLike().words())));
        }
        if (request.currentA() != null && request.currentA().compareTo(strip.currentA()) > 0) {
            findings.add(new Finding(
                    "strip-too-thin",
                    Weight.STOP,
                    new Quantity(request.currentA(), "A"),
                    limits.applied(Limit.STRIP_RISE_K),
                    "One strip carries %s: take %s side by side%s."
                            .formatted(
                                    Figures.withUnit(strip.currentA(), "A"),
                                    strip.sideBySide(),
                                    strip.stacked() == null
                                            ? "; no stack of them is enough"
                                            : ", or " + strip.stacked() + " stacked")));
        }
        return findings;
    }

    private static Working working(Strip strip, Request request, BigDecimal length, ShopLimits limits) {
        List<String> lines = new ArrayList<>();
        lines.add("R = %s / (%s · %s) · %s = %s"
                .formatted(
                        limits.applied(request.material().resistivity),
                        Figures.withUnit(request.widthMm(), "mm"),
                        Figures.withUnit(request.thicknessMm(), "mm"),
                        Figures.withUnit(length, "mm"),
                        Figures.withUnit(
                                ohmPerMm(request.material(), request, limits) * length.doubleValue() * 1000, 2, "mΩ")));
        if (request.currentA() != null && strip.riseK() != null) {
            lines.add("rise = I² R / (%s · 2 (w + t) L) = %s"
                    .formatted(limits.applied(Limit.STRIP_WM2K), Figures.withUnit(strip.riseK(), "K")));
        }
        lines.add("%s warm it by %s"
                .formatted(Figures.withUnit(strip.currentA(), "A"), limits.applied(Limit.STRIP_RISE_K)));
        return new Working(lines);
    }
}
