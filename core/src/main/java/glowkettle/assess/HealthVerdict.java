package glowkettle.assess;

import glowkettle.finding.Figures;
import glowkettle.finding.Finding;
import glowkettle.finding.Result;
import glowkettle.finding.Worded;
import glowkettle.finding.Working;
import glowkettle.limits.Limit;
import glowkettle.limits.ShopLimits;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * Replace, keep, or measure more, from whatever was measured, in the order of its trust. Ways that contradict each other are
 * no verdict, and nothing measured is none either. Source: handbook, Assess.
 *
 * @param decidedBy the way that decided, or null while none does
 * @param measureNext the reading with the largest effect on the answer
 */
public record HealthVerdict(
        Word word,
        Evidence.@Nullable Way decidedBy,
        @Nullable BigDecimal lowPercent,
        @Nullable BigDecimal highPercent,
        @Nullable String measureNext) {
    /** How much it holds, with its range; null where nothing says it. */
    public @Nullable String holds() {
        return lowPercent == null || highPercent == null
                ? null
                : lowPercent.compareTo(highPercent) == 0
                        ? Figures.withUnit(lowPercent, "%")
                        : Figures.of(lowPercent) + " to " + Figures.withUnit(highPercent, "%");
    }

    /** The verdict. */
    public enum Word implements Worded {
        REPLACE("Replace it"),
        KEEP("Keep it"),
        MEASURE_MORE("Measure more");

        private final String words;

        Word(String words) {
            this.words = words;
        }

        @Override
        public String words() {
            return words;
        }
    }

    /** How far two ways may stand apart, in points of SoH, before one of them must be wrong. */
    private static final BigDecimal APART = BigDecimal.valueOf(10);

    public static Result<HealthVerdict> of(
            List<Evidence> measured, @Nullable Resistance resistance, ShopLimits limits) {
        List<Evidence.Told> told = measured.stream()
                .filter(Evidence.Told.class::isInstance)
                .map(Evidence.Told.class::cast)
                .sorted(Comparator.comparing(Evidence.Told::way))
                .toList();
        List<Finding> findings = new ArrayList<>();
        measured.stream()
                .filter(Evidence.Refused.class::isInstance)
                .map(Evidence.Refused.class::cast)
                .forEach(refused -> findings.add(Finding.care("health-refused", refused.reason())));
        if (resistance != null && resistance.worn()) {
            findings.add(Finding.care("health-resistance", "Its resistance alone asks for a new pack."));
            return answer(Word.REPLACE, told.isEmpty() ? null : told.getFirst(), null, findings);
        }
        if (told.isEmpty()) {
            findings.add(Evidence.nothingYet());
            return answer(Word.MEASURE_MORE, null, nextOf(measured), findings);
        }
        Evidence.Told best = told.getFirst();
        Optional<Evidence.Told> against =
                told.stream().filter(other -> apart(best, other)).findFirst();
        if (against.isPresent()) {
            findings.add(Finding.care(
                    "health-contradiction",
                    "%s says %s, %s says %s: one of them is out of step."
                            .formatted(
                                    capital(best.way().words()),
                                    range(best),
                                    against.get().way().words(),
                                    range(against.get()))));
            return answer(Word.MEASURE_MORE, best, against.get().narrowsIt(), findings);
        }
        return decide(best, findings, limits);
    }

    private static Result<HealthVerdict> decide(Evidence.Told best, List<Finding> findings, ShopLimits limits) {
        BigDecimal good = limits.of(Limit.SOH_GOOD_PERCENT);
        if (best.highPercent().compareTo(good) < 0) {
            return answer(Word.REPLACE, best, null, findings);
        }
        if (best.lowPercent().compareTo(good) >= 0) {
            return answer(Word.KEEP, best, null, findings);
        }
        findings.add(Finding.care(
                "health-range",
                "The range %s lies on both sides of %s."
                        .formatted(range(best), limits.applied(Limit.SOH_GOOD_PERCENT))));
        return answer(Word.MEASURE_MORE, best, best.narrowsIt(), findings);
    }

    private static boolean apart(Evidence.Told a, Evidence.Told b) {
        return a.lowPercent().subtract(b.highPercent()).compareTo(APART) > 0
                || b.lowPercent().subtract(a.highPercent()).compareTo(APART) > 0;
    }

    private static String nextOf(List<Evidence> measured) {
        boolean windowTried = measured.stream().anyMatch(evidence -> evidence.way() == Evidence.Way.PARTIAL_WINDOW);
        return windowTried
                ? "Time a run from full to shut-down: it needs no gauge and no meter."
                : "Read the gauge; without one, count the charge between two rested voltages.";
    }

    private static Result<HealthVerdict> answer(
            Word word, Evidence.@Nullable Told by, @Nullable String next, List<Finding> findings) {
        return new Result<>(
                new HealthVerdict(
                        word,
                        by == null ? null : by.way(),
                        by == null ? null : by.lowPercent(),
                        by == null ? null : by.highPercent(),
                        next),
                findings,
                by == null
                        ? new Working(List.of())
                        : Working.of("SoH by %s = %s".formatted(by.way().words(), range(by))));
    }

    private static String range(Evidence.Told told) {
        return told.lowPercent().compareTo(told.highPercent()) == 0
                ? Figures.withUnit(told.percent(), "%")
                : Figures.of(told.lowPercent()) + " to " + Figures.withUnit(told.highPercent(), "%");
    }

    private static String capital(String words) {
        return Character.toUpperCase(words.charAt(0)) + words.substring(1);
    }
}
