package glowkettle.join;

import glowkettle.finding.Figures;
import glowkettle.finding.Finding;
import glowkettle.finding.Quantity;
import glowkettle.finding.Result;
import glowkettle.finding.Says;
import glowkettle.finding.Unanswerable;
import glowkettle.finding.Weight;
import glowkettle.finding.Within;
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
 * The lowest level of a welder at which every trial weld on scrap of the same stack holds its pull and none burns through.
 * Source: handbook, Join.
 *
 * @param pullN what a weld of this strip must hold
 * @param level to weld at; null until one is proven
 * @param nextLevel to try next; null when a level is proven and still good, and when none can be
 */
public record WeldLadder(
        Step step,
        BigDecimal pullN,
        @Nullable BigDecimal level,
        @Nullable BigDecimal nextLevel) {
    private static final BigDecimal THIN_MM = new BigDecimal("0.10");
    private static final BigDecimal MID_MM = new BigDecimal("0.15");

    /** What comes next. */
    public enum Step implements Worded {
        TRY("try a level"),
        TRY_ON("more trials at this level"),
        UP("one level up"),
        WELD("weld"),
        TEST_AGAIN("test again first"),
        NONE("no level holds");

        private final String words;

        Step(String words) {
            this.words = words;
        }

        @Override
        public String words() {
            return words;
        }
    }

    /** Trial welds at one level. */
    public record Trial(
            @Says("Level") @Within(min = "1", max = "99", whole = true)
            BigDecimal level,

            @Says("Pulls") @Within(min = "0", max = "500", unit = "N")
            List<BigDecimal> pullsN,

            @Says("One burnt through") boolean burntThrough) {
        public Trial {
            pullsN = List.copyOf(pullsN);
        }
    }

    /** The stack, the welder's levels, the trials so far, and what was welded since. */
    public record Request(
            @Says("Thickness of the strip") @Within(min = "0.03", max = "1", unit = "mm")
            BigDecimal thicknessMm,

            @Says("Lowest level of the welder") @Within(min = "1", max = "99", whole = true)
            BigDecimal lowestLevel,

            @Says("Highest level of the welder") @Within(min = "1", max = "99", whole = true)
            BigDecimal highestLevel,

            @Says("Trials") List<Trial> trials,

            @Says("Welds since the last test") @Within(min = "0", max = "100000", whole = true) @Nullable
            BigDecimal weldsSince,

            @Says("Another stack since the last test") @Nullable
            Boolean stackChanged) {
        public Request {
            trials = List.copyOf(trials);
        }
    }

    public static Result<WeldLadder> of(Request request, ShopLimits limits) {
        check(request);
        Limit pull = pull(request.thicknessMm());
        int wanted = limits.of(Limit.WELD_PULLS).intValue();
        List<Trial> upwards = request.trials().stream()
                .sorted(Comparator.comparing(Trial::level))
                .toList();
        Optional<Trial> proven = upwards.stream()
                .filter(trial -> holds(trial, limits.of(pull)) && trial.pullsN().size() >= wanted)
                .findFirst();
        WeldLadder ladder = proven.isPresent()
                ? proven(proven.get().level(), request, limits.of(pull), limits)
                : next(upwards, request, limits.of(pull), wanted);
        return new Result<>(ladder, findings(ladder, request, pull, limits), working(upwards, limits.of(pull), wanted));
    }

    private static void check(Request request) {
        if (request.highestLevel().compareTo(request.lowestLevel()) < 0) {
            throw new Unanswerable(
                    "highestLevel",
                    "%s is below the lowest level %s".formatted(request.highestLevel(), request.lowestLevel()));
        }
        for (int i = 0; i < request.trials().size(); i++) {
            BigDecimal level = request.trials().get(i).level();
            if (level.compareTo(request.lowestLevel()) < 0 || level.compareTo(request.highestLevel()) > 0) {
                throw new Unanswerable(
                        "trials[%s].level".formatted(i),
                        "%s is no level of this welder; it has %s to %s"
                                .formatted(level, request.lowestLevel(), request.highestLevel()));
            }
        }
        if (request.trials().stream()
                        .map(trial -> trial.level().stripTrailingZeros())
                        .distinct()
                        .count()
                < request.trials().size()) {
            throw new Unanswerable("trials", "A level stands twice; put its pulls together");
        }
    }

    /** Between two thicknesses the thicker one's pull holds. */
    private static Limit pull(BigDecimal thicknessMm) {
        return thicknessMm.compareTo(THIN_MM) <= 0
                ? Limit.WELD_THIN_N
                : thicknessMm.compareTo(MID_MM) <= 0 ? Limit.WELD_MID_N : Limit.WELD_THICK_N;
    }

    private static boolean holds(Trial trial, BigDecimal pullN) {
        return !trial.burntThrough() && trial.pullsN().stream().allMatch(pull -> pull.compareTo(pullN) >= 0);
    }

    private static WeldLadder proven(BigDecimal level, Request request, BigDecimal pullN, ShopLimits limits) {
        boolean again = Boolean.TRUE.equals(request.stackChanged())
                || request.weldsSince() != null
                        && request.weldsSince().compareTo(limits.of(Limit.WELDS_BEFORE_TEST)) >= 0;
        return again
                ? new WeldLadder(Step.TEST_AGAIN, pullN, null, level)
                : new WeldLadder(Step.WELD, pullN, level, null);
    }

    /** A level that tore is too low, one that burnt is too high: what holds lies between, or nowhere. */
    private static WeldLadder next(List<Trial> upwards, Request request, BigDecimal pullN, int wanted) {
        BigDecimal tried = request.lowestLevel();
        for (Trial trial : upwards) {
            if (trial.burntThrough()) {
                break;
            }
            if (holds(trial, pullN) && trial.pullsN().size() < wanted) {
                return new WeldLadder(Step.TRY_ON, pullN, null, trial.level());
            }
            tried = trial.level().add(BigDecimal.ONE);
        }
        BigDecimal next = tried;
        boolean burnsThere = upwards.stream()
                .filter(Trial::burntThrough)
                .anyMatch(trial -> trial.level().compareTo(next) <= 0);
        if (burnsThere || next.compareTo(request.highestLevel()) > 0) {
            return new WeldLadder(Step.NONE, pullN, null, null);
        }
        return new WeldLadder(upwards.isEmpty() ? Step.TRY : Step.UP, pullN, null, next);
    }

    private static List<Finding> findings(WeldLadder ladder, Request request, Limit pull, ShopLimits limits) {
        List<Finding> findings = new ArrayList<>();
        findings.add(Finding.care("weld-scrap", "Try on scrap of the same stack, never on the cell. Eyes covered."));
        switch (ladder.step()) {
            case WELD ->
                findings.add(new Finding(
                        "weld-proven",
                        Weight.NOTE,
                        null,
                        limits.applied(pull),
                        "Level %s holds: weld at it.".formatted(ladder.level())));
            case TEST_AGAIN ->
                findings.add(new Finding(
                        "weld-test-again",
                        Weight.STOP,
                        request.weldsSince() == null ? null : new Quantity(request.weldsSince(), "welds"),
                        limits.applied(Limit.WELDS_BEFORE_TEST),
                        "So many welds, or another stack, since the last test: try level %s again first."
                                .formatted(ladder.nextLevel())));
            case NONE ->
                findings.add(Finding.stop(
                        "weld-none",
                        "Every level tears or burns: clean the strip and the electrodes, or take another strip."));
            case TRY, TRY_ON, UP ->
                findings.add(new Finding(
                        "weld-try",
                        Weight.CARE,
                        null,
                        limits.applied(Limit.WELD_PULLS),
                        "Try level %s: every pull must hold %s."
                                .formatted(ladder.nextLevel(), Figures.withUnit(ladder.pullN(), "N"))));
        }
        return findings;
    }

    private static Working working(List<Trial> upwards, BigDecimal pullN, int wanted) {
        return new Working(upwards.stream()
                .map(trial -> "level %s: %s of %s pulls hold %s%s"
                        .formatted(
                                trial.level(),
                                trial.pullsN().stream()
                                        .filter(pull -> pull.compareTo(pullN) >= 0)
                                        .count(),
                                wanted,
                                Figures.withUnit(pullN, "N"),
                                trial.burntThrough() ? ", one burnt through" : ""))
                .toList());
    }
}
