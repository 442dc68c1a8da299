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
import java.util.ArrayList;
import java.util.List;

/**
 * Bay minus pack in each direction. Thickness keeps growth room, the larger of a length and a share of the thickness.
 * Source: handbook, Fit.
 */
public final class GrowthRoom {
    private GrowthRoom() {}

    /** Pack and bay. */
    public record Sizes(
            @Says("Pack thickness") @Within(min = "0.3", max = "100", unit = "mm")
            BigDecimal thicknessMm,

            @Says("Pack width") @Within(min = "1", max = "1000", unit = "mm")
            BigDecimal widthMm,

            @Says("Pack length") @Within(min = "1", max = "1000", unit = "mm")
            BigDecimal lengthMm,

            @Says("Bay depth") @Within(min = "0.3", max = "100", unit = "mm")
            BigDecimal bayThicknessMm,

            @Says("Bay width") @Within(min = "1", max = "1000", unit = "mm")
            BigDecimal bayWidthMm,

            @Says("Bay length") @Within(min = "1", max = "1000", unit = "mm")
            BigDecimal bayLengthMm) {}

    /** What is left in each direction; negative where the pack is larger than its bay. */
    public record Room(
            Verdict verdict,
            BigDecimal thicknessRoomMm,
            BigDecimal growthNeededMm,
            BigDecimal widthRoomMm,
            BigDecimal lengthRoomMm) {}

    public static Result<Room> judge(Sizes sizes, ShopLimits limits) {
        BigDecimal share = sizes.thicknessMm()
                .multiply(limits.of(Limit.GROWTH_ROOM_PERCENT))
                .movePointLeft(2);
        boolean byShare = share.compareTo(limits.of(Limit.GROWTH_ROOM_MM)) > 0;
        BigDecimal needed = byShare ? share : limits.of(Limit.GROWTH_ROOM_MM);
        BigDecimal thickness = sizes.bayThicknessMm().subtract(sizes.thicknessMm());
        BigDecimal width = sizes.bayWidthMm().subtract(sizes.widthMm());
        BigDecimal length = sizes.bayLengthMm().subtract(sizes.lengthMm());
        List<Finding> findings = new ArrayList<>();
        if (thickness.compareTo(needed) < 0) {
            findings.add(new Finding(
                    "growth-room",
                    Verdict.REFUSED.weight(),
                    Quantity.of(thickness, "mm"),
                    limits.applied(byShare ? Limit.GROWTH_ROOM_PERCENT : Limit.GROWTH_ROOM_MM),
                    "Too thick: it needs %s to grow and has %s."
                            .formatted(Figures.withUnit(needed, "mm"), Figures.withUnit(thickness, "mm"))));
        }
        tooLarge("width", "wide", width, findings);
        tooLarge("length", "long", length, findings);
        Verdict verdict = findings.isEmpty() ? Verdict.FITS : Verdict.REFUSED;
        return new Result<>(
                new Room(verdict, thickness, needed, width, length),
                findings,
                Working.of(
                        "growth room = max(%s, %s · %s) = %s"
                                .formatted(
                                        limits.applied(Limit.GROWTH_ROOM_MM),
                                        limits.applied(Limit.GROWTH_ROOM_PERCENT),
                                        Figures.withUnit(sizes.thicknessMm(), "mm"),
                                        Figures.withUnit(needed, "mm")),
                        sum("thickness", sizes.bayThicknessMm(), sizes.thicknessMm(), thickness),
                        sum("width", sizes.bayWidthMm(), sizes.widthMm(), width),
                        sum("length", sizes.bayLengthMm(), sizes.lengthMm(), length)));
    }

    private static void tooLarge(String direction, String tooWhat, BigDecimal room, List<Finding> findings) {
        if (room.signum() < 0) {
            findings.add(new Finding(
                    "bay-" + direction,
                    Verdict.REFUSED.weight(),
                    Quantity.of(room, "mm"),
                    null,
                    "Too %s: it is %s larger than its bay.".formatted(tooWhat, Figures.withUnit(room.negate(), "mm"))));
        }
    }

    private static String sum(String direction, BigDecimal bay, BigDecimal pack, BigDecimal room) {
        return "%s: bay %s − pack %s = %s"
                .formatted(direction, Figures.of(bay), Figures.of(pack), Figures.withUnit(room, "mm"));
    }
}
