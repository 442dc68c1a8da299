package glowkettle.assess;

import glowkettle.finding.Finding;
import glowkettle.finding.Quantity;
import glowkettle.finding.RuleId;
import glowkettle.limits.Limit;
import glowkettle.limits.ShopLimits;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** Collects the rows that fire for one set of readings. Boundaries belong to the worse side. */
final class FiredRows {
    private final ShopLimits limits;
    private final List<FiredRow> fired = new ArrayList<>();
    private final List<ByHand> byHand = new ArrayList<>();

    /** A figure in whose place a hand has felt. */
    private record ByHand(MissingReading reading, String sentence) {}

    FiredRows(ShopLimits limits) {
        this.limits = limits;
    }

    ShopLimits limits() {
        return limits;
    }

    /** What a hand felt counts only where nothing was found and nothing is doubtful; else its figure is missing. */
    List<FiredRow> fired() {
        if (!fired.stream().allMatch(FiredRow::isNotYetRead)) {
            byHand.forEach(felt -> missing(true, felt.reading(), felt.sentence()));
        }
        return fired;
    }

    /** Fires when the reading is there and at or above the limit. */
    void from(
            Limit limit,
            @Nullable BigDecimal reading,
            Tier tier,
            String rule,
            String sentence,
            Condition... conditions) {
        if (reaches(limit, reading)) {
            against(limit, reading, tier, rule, sentence, conditions);
        }
    }

    /** Fires when the reading is there and at or below the limit. */
    void downTo(
            Limit limit,
            @Nullable BigDecimal reading,
            Tier tier,
            String rule,
            String sentence,
            Condition... conditions) {
        if (reading != null && reading.compareTo(limits.of(limit)) <= 0) {
            against(limit, reading, tier, rule, sentence, conditions);
        }
    }

    void against(
            Limit limit,
            @Nullable BigDecimal reading,
            Tier tier,
            String rule,
            String sentence,
            Condition... conditions) {
        String unit = ShopLimits.spec(limit).range().unit();
        Quantity measured = reading == null ? null : Quantity.of(reading, unit);
        fired.add(new FiredRow(
                tier, new Finding(rule, tier.weight(), measured, limits.applied(limit), sentence), Set.of(conditions)));
    }

    void seen(@Nullable Boolean yes, Tier tier, String rule, String sentence, Condition... conditions) {
        seen(yes, tier, RuleId.found(rule), sentence, conditions);
    }

    void seen(@Nullable Boolean yes, Tier tier, RuleId rule, String sentence, Condition... conditions) {
        if (Boolean.TRUE.equals(yes)) {
            fired.add(new FiredRow(tier, new Finding(rule, tier.weight(), null, null, sentence), Set.of(conditions)));
        }
    }

    /** Two readings of which one is not true: it is asked for again. */
    void contradicted(MissingReading reading, String sentence) {
        if (!isNamed(reading)) {
            seen(true, Tier.GUARDED, RuleId.contradicted(reading.id()), sentence, Condition.MEASURE_NEXT);
        }
    }

    /** What is asked for again is not missing a second time. */
    void missing(boolean isMissing, MissingReading reading, String sentence) {
        if (!isNamed(reading)) {
            seen(isMissing, Tier.GUARDED, RuleId.missing(reading.id()), sentence, Condition.MEASURE_NEXT);
        }
    }

    /** A figure that is missing, unless a hand has felt what it would say. */
    void missing(boolean isMissing, boolean felt, MissingReading reading, String sentence) {
        if (isMissing && felt) {
            byHand.add(new ByHand(reading, sentence));
        } else {
            missing(isMissing, reading, sentence);
        }
    }

    private boolean isNamed(MissingReading reading) {
        return fired.stream()
                .flatMap(one -> MissingReading.of(one.finding()).stream())
                .anyMatch(reading::equals);
    }

    boolean reaches(Limit limit, @Nullable BigDecimal reading) {
        return reading != null && reading.compareTo(limits.of(limit)) >= 0;
    }
}
