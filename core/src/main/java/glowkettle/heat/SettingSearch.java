package glowkettle.heat;

import glowkettle.finding.Figures;
import glowkettle.finding.Finding;
import glowkettle.finding.Result;
import glowkettle.finding.Working;
import glowkettle.limits.Limit;
import glowkettle.limits.Remembered;
import glowkettle.limits.ShopLimits;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Objects;
import java.util.Set;

/**
 * Looks through the shop's mats, dryers and hot air, from either face, for settings that leave a window. A setting is
 * tolerant when its bond is ready with every transfer at its least before the lift-off with every transfer at its most;
 * only those are offered without a probe on the pack. Source: handbook, Free the pack.
 */
public record SettingSearch(List<Offer> offers, int tried) {
    /** Coarser than what is shown: the ranking needs seconds, not tenths. */
    private static final double CELL_MM = 0.2;

    private static final double TOLERANCE_K = 0.3;

    /** A setting that leaves a window; without a probe only if it is tolerant. */
    public record Offer(
            Setting setting, BigDecimal bondReadyS, BigDecimal latestLiftOffS, BigDecimal widthS, boolean tolerant) {}

    /** Ranked by what was reckoned, not by what is shown. */
    private record Exact(Offer offer, double bondReadyS, double widthS) {}

    public SettingSearch {
        offers = List.copyOf(offers);
    }

    /** With everything a shop could have. */
    public static Result<SettingSearch> of(HeatWindow.Request request, ShopLimits limits) {
        return of(request, EnumSet.allOf(HeatPlace.class), limits);
    }

    private static final Remembered<Wanted, Result<SettingSearch>> SEARCHES =
            new Remembered<>(200, SettingSearch::search);

    private record Wanted(HeatWindow.Request request, Set<HeatPlace> has, Set<Setting.Face> faces) {}

    /** Only with what the shop has. */
    public static Result<SettingSearch> of(HeatWindow.Request request, Set<HeatPlace> has, ShopLimits limits) {
        return of(request, has, EnumSet.allOf(Setting.Face.class), limits);
    }

    /** Only with what the shop has, and only from these faces. */
    public static Result<SettingSearch> of(
            HeatWindow.Request request, Set<HeatPlace> has, Set<Setting.Face> faces, ShopLimits limits) {
        return SEARCHES.of(new Wanted(request, Set.copyOf(has), Set.copyOf(faces)), limits);
    }

    private static Result<SettingSearch> search(Wanted wanted, ShopLimits limits) {
        HeatWindow.Request request = wanted.request();
        request.stack().checked();
        double worksFromC =
                limits.number(Objects.requireNonNull(request.stack().adhesive().worksFrom()));
        List<Setting> settings = settings(wanted, limits);
        List<Exact> offers = new ArrayList<>();
        boolean possible = !request.stack().bondTouchesCell() || worksFromC < limits.number(Limit.CELL_HEATING_C);
        if (possible) {
            for (Setting setting : settings) {
                offer(request.with(setting), worksFromC, limits, offers);
            }
        }
        double counts = limits.number(Limit.WINDOW_COUNTS_S);
        offers.sort(Comparator.comparing((Exact exact) -> !exact.offer().tolerant())
                .thenComparing(exact -> -Math.min(exact.widthS(), counts))
                .thenComparing(Exact::bondReadyS)
                .thenComparing(exact -> exact.offer().setting().temperatureC()));
        SettingSearch search =
                new SettingSearch(offers.stream().map(Exact::offer).toList(), settings.size());
        return new Result<>(search, findings(search, request), working(search, limits));
    }

    private static List<Setting> settings(Wanted wanted, ShopLimits limits) {
        List<Setting> settings = new ArrayList<>();
        BigDecimal step = limits.of(Limit.HEAT_STEP_K);
        for (Setting.Source source : Setting.Source.values()) {
            if (!wanted.has().contains(source.place())) {
                continue;
            }
            BigDecimal most = limits.of(source == Setting.Source.MAT ? Limit.MAT_MOST_C : Limit.AIR_MOST_C);
            for (BigDecimal at = limits.of(Limit.HEAT_LEAST_C); at.compareTo(most) <= 0; at = at.add(step)) {
                for (Setting.Face face : Setting.Face.values()) {
                    if (wanted.faces().contains(face)) {
                        settings.add(new Setting(source, at, face, null));
                    }
                }
            }
        }
        return settings;
    }

    private static void offer(HeatWindow.Request request, double worksFromC, ShopLimits limits, List<Exact> offers) {
        double readyMostS = limits.number(Limit.READY_MOST_S);
        HeatedColumns.Outcome outcome = heating(request, 1, limits).outcome(worksFromC);
        double widthS = outcome.latestLiftOffS() - outcome.bondReadyS();
        // Written so that a bond that is never ready, which is no number, is refused too.
        if (!(outcome.bondReadyS() <= readyMostS && widthS >= limits.number(Limit.WINDOW_LEAST_S))) {
            return;
        }
        double slowReadyS =
                heating(request, limits.number(Limit.DOUBT_LOW), limits).bondReadyS(worksFromC);
        boolean tolerant = slowReadyS
                < heating(request, limits.number(Limit.DOUBT_HIGH), limits)
                        .outcome(worksFromC)
                        .latestLiftOffS();
        offers.add(new Exact(
                new Offer(
                        request.setting(),
                        Figures.round(outcome.bondReadyS(), 0),
                        Figures.round(outcome.latestLiftOffS(), 0),
                        Figures.round(widthS, 0),
                        tolerant),
                outcome.bondReadyS(),
                widthS));
    }

    private static HeatedColumns heating(HeatWindow.Request request, double doubt, ShopLimits limits) {
        return new HeatedColumns(request, new HeatedColumns.Doubt(doubt, 1), CELL_MM, TOLERANCE_K, limits);
    }

    private static List<Finding> findings(SettingSearch search, HeatWindow.Request request) {
        if (search.offers().isEmpty()) {
            return List.of(Finding.stop(
                    "heat-no-setting",
                    request.stack().adhesive().isSeam()
                            ? "No setting leaves a window: cold cutting at the seam, or solvent along the edge."
                            : "No setting leaves a window: the solvent way."));
        }
        boolean none = search.offers().stream().noneMatch(Offer::tolerant);
        return none
                ? List.of(Finding.care(
                        "heat-probe-needed",
                        "No setting bears the doubt about its heat transfer: only with a probe on the pack."))
                : List.of(Finding.note("heat-tolerant", "The first setting bears a heat transfer that is off."));
    }

    private static Working working(SettingSearch search, ShopLimits limits) {
        return Working.of(
                "%s settings tried, %s leave a window of at least %s with the bond ready within %s, %s of them tolerant."
                        .formatted(
                                search.tried(),
                                search.offers().size(),
                                limits.applied(Limit.WINDOW_LEAST_S),
                                limits.applied(Limit.READY_MOST_S),
                                search.offers().stream().filter(Offer::tolerant).count()));
    }
}
