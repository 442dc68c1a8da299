package glowkettle.join;

import glowkettle.finding.Figures;
import glowkettle.finding.Finding;
import glowkettle.finding.Quantity;
import glowkettle.finding.Result;
import glowkettle.finding.Says;
import glowkettle.finding.Weight;
import glowkettle.finding.Within;
import glowkettle.finding.Working;
import glowkettle.heat.Rod;
import glowkettle.limits.Limit;
import glowkettle.limits.Remembered;
import glowkettle.limits.ShopLimits;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/**
 * How long an iron may stand on a tag before the can it leads to gets too warm: a rod with an iron at one end, losing heat
 * along its sides, and the spot of the can at the other. The can goes on growing warmer after the iron is lifted, and that
 * counts. Source: handbook, Join; solver: {@link Rod}.
 *
 * @param canC the warmest the can gets by the dwell asked for; null without one
 * @param longestDwellS under the limit
 * @param pauseS after the dwell asked for, or the longest one, until the next joint; null where it takes longer than is looked
 */
public record JointHeat(
        @Nullable BigDecimal canC,
        BigDecimal longestDwellS,
        @Nullable BigDecimal pauseS,
        List<Moment> curve,
        List<Ranked> schools) {
    private static final double MM = 1e-3;
    private static final double MM2 = 1e-6;
    /** Longer than this a pause is not looked for. */
    public static final int LOOKED_S = 900;

    private static final double MOST_DWELL_S = 30;
    private static final double NEAR_S = 0.01;
    private static final int MOMENTS = 12;

    /** A tag, what holds the iron to it, and for how long. */
    public record Request(
            @Says("Length of the tag, iron to can") @Within(min = "1", max = "60", unit = "mm")
            BigDecimal lengthMm,

            @Says("Width") @Within(min = "0.5", max = "30", unit = "mm")
            BigDecimal widthMm,

            @Says("Thickness") @Within(min = "0.03", max = "2", unit = "mm")
            BigDecimal thicknessMm,

            @Says("Wetted area") @Within(min = "0.2", max = "200", unit = "mm²")
            BigDecimal wettedMm2,

            @Says("Iron; the shop's when not said") @Within(min = "150", max = "480", unit = "°C") @Nullable
            BigDecimal ironC,

            @Says("Air and can before") @Within(min = "0", max = "45", unit = "°C")
            BigDecimal ambientC,

            @Says("Dwell") @Within(min = "0.1", max = "30", unit = "s") @Nullable
            BigDecimal dwellS,

            @Says("Heat the can takes at the tag; the shop's when not said")
            @Within(min = "0", max = "100", unit = "J/K")
            @Nullable
            BigDecimal canJK) {
        /** The same tag, for another dwell. */
        public Request with(BigDecimal otherDwellS) {
            return new Request(lengthMm, widthMm, thicknessMm, wettedMm2, ironC, ambientC, otherDwellS, canJK);
        }
    }

    /** How warm the can gets at most by a dwell. */
    public record Moment(BigDecimal dwellS, BigDecimal canC) {}

    /** A way of joining, the better one first. */
    public record Ranked(String school, String reason) {}

    public JointHeat {
        curve = List.copyOf(curve);
        schools = List.copyOf(schools);
    }

    private static final Remembered<Request, Result<JointHeat>> HEATS = new Remembered<>(200, JointHeat::reckoned);

    public static Result<JointHeat> of(Request request, ShopLimits limits) {
        return HEATS.of(request, limits);
    }

    private static Result<JointHeat> reckoned(Request request, ShopLimits limits) {
        Rod rod = rod(request, limits);
        double iron = Objects.requireNonNullElseGet(request.ironC(), () -> limits.of(Limit.IRON_C))
                .doubleValue();
        double most = limits.number(Limit.CAN_SOLDERING_C);
        double longest = longestDwell(rod, iron, most);
        double asked = request.dwellS() == null ? longest : request.dwellS().doubleValue();
        BigDecimal can = request.dwellS() == null ? null : Figures.round(rod.highestC(iron, asked), 1);
        double cooled = request.ambientC().doubleValue() + limits.number(Limit.JOINT_COOLED_K);
        double pause = rod.coolS(iron, asked, cooled, LOOKED_S);
        BigDecimal shownLongest = BigDecimal.valueOf(longest).setScale(1, RoundingMode.DOWN);
        JointHeat heat = new JointHeat(
                can,
                shownLongest,
                Double.isNaN(pause) ? null : BigDecimal.valueOf(pause).setScale(0, RoundingMode.UP),
                curve(rod, iron, Math.max(longest, asked)),
                schools(shownLongest, limits));
        return new Result<>(heat, findings(heat, request, limits), working(heat, request, iron, limits));
    }

    private static Rod rod(Request request, ShopLimits limits) {
        double sectionMm2 = request.widthMm().multiply(request.thicknessMm()).doubleValue();
        double aroundMm = 2 * request.widthMm().add(request.thicknessMm()).doubleValue();
        double canJK = Objects.requireNonNullElseGet(request.canJK(), () -> limits.of(Limit.CAN_SPOT_JK))
                .doubleValue();
        return new Rod(
                request.lengthMm().doubleValue() * MM,
                limits.number(Limit.TAG_WMK),
                limits.number(Limit.TAG_KGM3) * limits.number(Limit.TAG_JKGK),
                limits.number(Limit.STRIP_WM2K) * aroundMm * MM / (sectionMm2 * MM2),
                canJK / (sectionMm2 * MM2),
                limits.number(Limit.IRON_WM2K) * request.wettedMm2().doubleValue() / sectionMm2,
                request.ambientC().doubleValue());
    }

    /** By halves; the can only gets warmer by a longer dwell. */
    private static double longestDwell(Rod rod, double ironC, double mostC) {
        double low = 0;
        double high = MOST_DWELL_S;
        if (rod.highestC(ironC, high) <= mostC) {
            return high;
        }
        while (high - low > NEAR_S) {
            double middle = (low + high) / 2;
            if (rod.highestC(ironC, middle) <= mostC) {
                low = middle;
            } else {
                high = middle;
            }
        }
        return low;
    }

    private static List<Moment> curve(Rod rod, double ironC, double untilS) {
        List<Moment> curve = new ArrayList<>();
        for (int i = 1; i <= MOMENTS && untilS > 0; i++) {
            double dwell = untilS * i / MOMENTS;
            curve.add(new Moment(Figures.round(dwell, 2), Figures.round(rod.highestC(ironC, dwell), 1)));
        }
        return curve;
    }

    private static List<Ranked> schools(BigDecimal longest, ShopLimits limits) {
        return List.of(
                new Ranked("Spot weld", "Preferred: it takes milliseconds, the can hardly feels it."),
                new Ranked(
                        "Solder to factory-welded tags",
                        "Accepted: at most %s a joint, then the pause.".formatted(Figures.withUnit(longest, "s"))),
                new Ranked(
                        "Solder on the cell",
                        "Discouraged: no tag between iron and can, which must stay below %s at any dwell."
                                .formatted(limits.applied(Limit.CAN_SOLDERING_C))));
    }

    private static List<Finding> findings(JointHeat heat, Request request, ShopLimits limits) {
        List<Finding> findings = new ArrayList<>();
        findings.add(Finding.care(
                "joint-tab", "Never solder on a pouch tab's root, or on a bare cell where a weld can be made."));
        BigDecimal most = limits.of(Limit.CAN_SOLDERING_C);
        if (heat.canC() != null && heat.canC().compareTo(most) > 0) {
            findings.add(new Finding(
                    "joint-too-warm",
                    Weight.STOP,
                    Quantity.of(heat.canC(), "°C"),
                    limits.applied(Limit.CAN_SOLDERING_C),
                    "The can gets %s: at most %s of dwell, or a longer tag."
                            .formatted(
                                    Figures.withUnit(heat.canC(), "°C"), Figures.withUnit(heat.longestDwellS(), "s"))));
        }
        if (request.canJK() == null) {
            findings.add(
                    new Finding(
                            "joint-can-unknown",
                            Weight.CARE,
                            null,
                            limits.applied(Limit.CAN_SPOT_JK),
                            "How much heat the can takes at the tag is the shop's guess: try once with a probe beside the tag."));
        }
        if (heat.pauseS() == null) {
            findings.add(
                    Finding.care("joint-cools-long", "It cools for longer than a quarter of an hour: feel it first."));
        }
        return findings;
    }

    private static Working working(JointHeat heat, Request request, double iron, ShopLimits limits) {
        return Working.of(
                "iron %s through %s over %s; tag %s × %s × %s, sides %s"
                        .formatted(
                                Figures.withUnit(iron, 0, "°C"),
                                limits.applied(Limit.IRON_WM2K),
                                Figures.withUnit(request.wettedMm2(), "mm²"),
                                Figures.of(request.lengthMm()),
                                Figures.of(request.widthMm()),
                                Figures.withUnit(request.thicknessMm(), "mm"),
                                limits.applied(Limit.STRIP_WM2K)),
                "can at most %s after lift-off: dwell %s"
                        .formatted(limits.applied(Limit.CAN_SOLDERING_C), Figures.withUnit(heat.longestDwellS(), "s")));
    }
}
