package glowkettle.assess;

import glowkettle.finding.Figures;
import glowkettle.finding.Finding;
import glowkettle.finding.Result;
import glowkettle.finding.Says;
import glowkettle.finding.Weight;
import glowkettle.finding.Working;
import glowkettle.limits.Limit;
import glowkettle.limits.ShopLimits;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** State of health from a gauge: {@code SoH = full charge capacity / design capacity}. Source: handbook, Assess. */
public record Health(
        @Says("State of health") BigDecimal sohPercent,
        Wear wear,
        @Nullable BigDecimal wearPer100CyclesPoints) {
    /** The word for a pack's health. */
    public enum Wear {
        GOOD,
        AGED,
        WORN
    }

    public static Result<Health> fromGauge(GaugeReading gauge, ShopLimits limits) {
        BigDecimal fcc = gauge.fullChargeCapacityMah();
        BigDecimal design = gauge.designCapacityMah();
        Believable.capacity(fcc, design, "fullChargeCapacityMah", limits);
        Believable.cells(gauge.cellV(), "cellV", limits);
        BigDecimal soh = fcc.movePointRight(2).divide(design, 6, RoundingMode.HALF_UP);
        Wear wear = reaches(fcc, design, limits.of(Limit.SOH_GOOD_PERCENT))
                ? Wear.GOOD
                : reaches(fcc, design, limits.of(Limit.SOH_AGED_PERCENT)) ? Wear.AGED : Wear.WORN;
        BigDecimal shown = soh.setScale(1, RoundingMode.HALF_UP);
        List<String> lines = new ArrayList<>();
        lines.add("SoH = %s / %s = %s"
                .formatted(
                        Figures.withUnit(fcc, "mAh"), Figures.withUnit(design, "mAh"), Figures.withUnit(shown, "%")));
        BigDecimal per100 = null;
        if (gauge.cycles() != null && gauge.cycles().signum() > 0) {
            per100 = BigDecimal.valueOf(100)
                    .subtract(soh)
                    .movePointRight(2)
                    .divide(gauge.cycles(), 2, RoundingMode.HALF_UP);
            lines.add("wear = (100 − %s) / %s · 100 = %s points per 100 cycles"
                    .formatted(Figures.of(shown), Figures.of(gauge.cycles()), Figures.of(per100)));
        }
        Limit decided = wear == Wear.GOOD ? Limit.SOH_GOOD_PERCENT : Limit.SOH_AGED_PERCENT;
        Finding finding =
                limits.finding("soh", wear == Wear.GOOD ? Weight.NOTE : Weight.CARE, shown, decided, sentence(wear));
        return new Result<>(new Health(shown, wear, per100), List.of(finding), new Working(lines));
    }

    private static boolean reaches(BigDecimal fcc, BigDecimal design, BigDecimal percent) {
        return fcc.movePointRight(2).compareTo(percent.multiply(design)) >= 0;
    }

    private static String sentence(Wear wear) {
        return switch (wear) {
            case GOOD ->
                "The pack still holds most of what it was made for: look for another cause before replacing it.";
            case AGED -> "The pack has aged; a new one runs noticeably longer.";
            case WORN -> "The pack is worn: replace it.";
        };
    }
}
