package glowkettle.assess;

import glowkettle.assess.HazardReadings.Point;
import glowkettle.finding.Finding;
import glowkettle.finding.Result;
import glowkettle.finding.Working;
import glowkettle.limits.ShopLimits;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * The hazard tier: the worst that any row of the table gives, with every row that fired. Making one reading worse never
 * lowers it; adding a good reading that was missing never raises it. Source: handbook, Assess.
 */
public final class HazardTier {
    private HazardTier() {}

    public static Result<TierVerdict> judge(HazardReadings readings, ShopLimits limits) {
        Row row = new Row(limits);
        WarmthRows warmth = new WarmthRows(readings.warmth(), row);
        BodyRows body = new BodyRows(readings, row);
        body.judge(warmth.warm());
        warmth.judge();
        new VoltageRows(readings, row).judge(body.anySwelling(), warmth.warm());
        row.missing(
                readings.point() == Point.LIFTED_OUT && !body.thicknessCounts(),
                "thickness",
                "Measure the thickness at the middle of the pack, then at the corners.");

        List<Fired> fired = row.fired();
        Tier tier = fired.stream().map(Fired::tier).reduce(Tier.CLEAR, Tier::worse);
        Set<Condition> conditions =
                fired.stream().flatMap(one -> one.conditions().stream()).collect(Collectors.toSet());
        List<String> measureNext = fired.stream()
                .map(Fired::finding)
                .filter(finding -> finding.rule().startsWith("missing-"))
                .map(Finding::sentence)
                .toList();
        return new Result<>(
                new TierVerdict(tier, conditions, measureNext),
                fired.stream().map(Fired::finding).toList(),
                working(readings, limits));
    }

    private static Working working(HazardReadings readings, ShopLimits limits) {
        List<String> lines = new ArrayList<>();
        Swelling.of(readings.thickness()).map(Swelling::working).ifPresent(lines::add);
        BigDecimal bulge = Swelling.bulgeMm(readings.seam(), limits);
        if (bulge != null) {
            lines.add("bulge = widest seam − seam of a sound device = "
                    + glowkettle.finding.Figures.withUnit(bulge, "mm"));
        }
        HazardReadings.Warmth warmth = readings.warmth();
        if (warmth.surfaceC() != null && warmth.ambientC() != null) {
            lines.add("above ambient = %s − %s = %s K"
                    .formatted(
                            warmth.surfaceC(),
                            warmth.ambientC(),
                            warmth.surfaceC().subtract(warmth.ambientC())));
        }
        return new Working(lines);
    }
}
