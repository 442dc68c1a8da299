package glowkettle.fit;

import glowkettle.cell.Box;
import glowkettle.finding.Figures;
import glowkettle.finding.Finding;
import glowkettle.finding.Flat;
import glowkettle.finding.Quantity;
import glowkettle.finding.Result;
import glowkettle.finding.Working;
import glowkettle.limits.Limit;
import glowkettle.limits.ShopLimits;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;

/**
 * Bay minus pack in each direction. Thickness keeps growth room, the larger of a length and a share of the thickness; a
 * pack much shorter or narrower than its bay plays in it. Source: handbook, Fit.
 */
public final class GrowthRoom {
    private GrowthRoom() {}

    /** Pack and bay. */
    public record Sizes(
            @Flat(words = "Pack") Box pack,
            @Flat(prefix = "bay", words = "Bay") Box bay) {}

    /** What is left in each direction; negative where the pack is larger than its bay. With care, it plays in it. */
    public record Room(
            Verdict verdict,
            BigDecimal thicknessRoomMm,
            BigDecimal growthNeededMm,
            BigDecimal widthRoomMm,
            BigDecimal lengthRoomMm) {}

    public static Result<Room> judge(Sizes sizes, ShopLimits limits) {
        BigDecimal share = sizes.pack()
                .thicknessMm()
                .multiply(limits.of(Limit.GROWTH_ROOM_PERCENT))
                .movePointLeft(2);
        boolean byShare = share.compareTo(limits.of(Limit.GROWTH_ROOM_MM)) > 0;
        BigDecimal needed = byShare ? share : limits.of(Limit.GROWTH_ROOM_MM);
        BigDecimal thickness = sizes.bay().thicknessMm().subtract(sizes.pack().thicknessMm());
        BigDecimal width = sizes.bay().widthMm().subtract(sizes.pack().widthMm());
        BigDecimal length = sizes.bay().lengthMm().subtract(sizes.pack().lengthMm());
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
        boolean tooLarge = !findings.isEmpty();
        boolean plays = play("width", width, limits, findings) | play("length", length, limits, findings);
        Verdict verdict = tooLarge ? Verdict.REFUSED : plays ? Verdict.WITH_CARE : Verdict.FITS;
        return new Result<>(
                new Room(verdict, thickness, needed, width, length),
                findings,
                Working.of(
                        "growth room = max(%s, %s · %s) = %s"
                                .formatted(
                                        limits.applied(Limit.GROWTH_ROOM_MM),
                                        limits.applied(Limit.GROWTH_ROOM_PERCENT),
                                        Figures.withUnit(sizes.pack().thicknessMm(), "mm"),
                                        Figures.withUnit(needed, "mm")),
                        sum("thickness", sizes.bay().thicknessMm(), sizes.pack().thicknessMm(), thickness),
                        sum("width", sizes.bay().widthMm(), sizes.pack().widthMm(), width),
                        sum("length", sizes.bay().lengthMm(), sizes.pack().lengthMm(), length)));
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

    private static boolean play(String direction, BigDecimal room, ShopLimits limits, List<Finding> findings) {
        if (room.compareTo(limits.of(Limit.BAY_PLAY_MM)) < 0) {
            return false;
        }
        findings.add(new Finding(
                "bay-play-" + direction,
                Verdict.WITH_CARE.weight(),
                Quantity.of(room, "mm"),
                limits.applied(Limit.BAY_PLAY_MM),
                "Loose: %s of play in its %s. Is it the right pack? It goes in only where ears, screws or its adhesive hold it."
                        .formatted(Figures.withUnit(room, "mm"), direction)));
        return true;
    }

    private static String sum(String direction, BigDecimal bay, BigDecimal pack, BigDecimal room) {
        return "%s: bay %s − pack %s = %s"
                .formatted(direction, Figures.of(bay), Figures.of(pack), Figures.withUnit(room, "mm"));
    }
}
