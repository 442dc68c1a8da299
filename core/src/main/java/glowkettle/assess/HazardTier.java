package glowkettle.assess;

import glowkettle.assess.HazardReadings.Point;
import glowkettle.finding.Finding;
import glowkettle.finding.Result;
import glowkettle.finding.RuleId;
import glowkettle.finding.Working;
import glowkettle.limits.ShopLimits;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * The hazard tier: the worst that any row of the table gives, with every row that fired. Making one reading worse never
 * lowers it; adding a good reading that was missing never raises it. Source: handbook, Assess.
 */
public final class HazardTier {
    private HazardTier() {}

    /** It isolates because something was not measured, and goes when it is. */
    public static boolean waitsForMeasurement(Finding finding) {
        return finding.ruleId().sort() != RuleId.Sort.FOUND;
    }

    public static Result<TierVerdict> judge(HazardReadings readings, ShopLimits limits) {
        Contradictions contradictions = Contradictions.in(readings, limits);
        List<FiredRow> fired = fired(contradictions, limits);
        Tier tier = tier(fired);
        Set<Condition> conditions =
                fired.stream().flatMap(one -> one.conditions().stream()).collect(Collectors.toSet());
        List<String> measureNext = fired.stream()
                .filter(FiredRow::isMissing)
                .map(one -> one.finding().sentence())
                .toList();
        return new Result<>(
                new TierVerdict(tier, conditions, measureNext),
                fired.stream().map(FiredRow::finding).toList(),
                working(readings, limits));
    }

    /**
     * The rows that fire. Where readings contradict each other: those that fire without them, and those of the mildest way
     * in which some of them are true, since that much stands in any case.
     */
    private static List<FiredRow> fired(Contradictions contradictions, ShopLimits limits) {
        List<HazardReadings> alternatives = contradictions.alternatives();
        if (alternatives.size() == 1) {
            return strongestFirst(rows(alternatives.getFirst(), contradictions, limits));
        }
        List<FiredRow> fired = new ArrayList<>(rows(contradictions.certain(), contradictions, limits));
        alternatives.stream()
                .map(readings -> rows(readings, contradictions, limits))
                .min(Comparator.comparing(HazardTier::tier))
                .orElseThrow()
                .stream()
                .filter(one -> !fired.contains(one))
                .forEach(fired::add);
        return strongestFirst(fired);
    }

    private static Tier tier(List<FiredRow> fired) {
        return fired.stream().map(FiredRow::tier).reduce(Tier.CLEAR, Tier::worse);
    }

    private static List<FiredRow> strongestFirst(List<FiredRow> fired) {
        return fired.stream()
                .sorted(Comparator.comparing(FiredRow::tier).reversed())
                .toList();
    }

    private static List<FiredRow> rows(HazardReadings readings, Contradictions contradictions, ShopLimits limits) {
        FiredRows row = new FiredRows(limits);
        contradictions.again().forEach(again -> row.contradicted(again.reading(), again.sentence()));
        WarmthRows warmth = new WarmthRows(readings, row);
        BodyRows body = new BodyRows(readings, row);
        body.judge(warmth.warm());
        warmth.judge();
        new VoltageRows(readings, row).judge(body.anySwelling(), warmth.warm());
        row.missing(
                readings.point() != Point.INTAKE && !body.thicknessCounts(),
                readings.hand().isFlat(),
                MissingReading.THICKNESS,
                "Measure the thickness at the middle of the pack, then at the corners.");
        return row.fired();
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
