package glowkettle.app.free;

import glowkettle.app.drawing.Plot;
import glowkettle.finding.Finding;
import glowkettle.finding.Result;
import glowkettle.heat.HeatPlace;
import glowkettle.heat.HeatWindow;
import glowkettle.heat.Setting;
import glowkettle.heat.SettingSearch;
import glowkettle.job.JobFile;
import glowkettle.job.free.BenchClocks;
import glowkettle.job.free.Freeing;
import glowkettle.job.free.Warming;
import glowkettle.library.Bond;
import glowkettle.limits.ShopLimits;
import java.math.BigDecimal;
import java.time.Instant;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** The heat of a bond as the page shows it: a running or the last heating, or settings to choose from. */
public record HeatPanel(
        BenchClocks.@Nullable Heat newest,
        @Nullable Plot chart,
        Result<SettingSearch> search,
        BigDecimal ambientC,
        Set<HeatPlace> has,
        boolean workable) {
    private static final BigDecimal USUAL_AIR_C = BigDecimal.valueOf(21);
    private static final BigDecimal AHEAD = new BigDecimal("1.2");

    /**
     * @param busy places that nobody may heat at for now: their settings stand behind the others
     */
    static HeatPanel of(JobFile job, Bond bond, Set<HeatPlace> has, Set<HeatPlace> busy, Instant now) {
        BenchClocks.Heat newest = BenchClocks.heat(job, bond).orElse(null);
        BigDecimal ambientC = newest != null
                ? newest.request().ambientC()
                : Freeing.of(job).lastAmbientC().orElse(USUAL_AIR_C);
        Result<SettingSearch> search = freeFirst(SettingsFound.search(job, bond, ambientC, has, now), busy);
        Plot chart = null;
        boolean workable = false;
        if (newest != null) {
            workable = newest.worksUntil() != null && now.isBefore(newest.worksUntil());
            List<HeatWindow.Point> curve =
                    workable ? cooling(newest, job.limits()) : carriedOn(newest, now, job.limits());
            chart = HeatChart.of(
                    bond.layers().stack(),
                    newest.window(),
                    new HeatChart.Course(
                            curve,
                            newest.latestLiftOffS(),
                            newest.heating().readings(),
                            newest.isOn() ? newest.sinceS(now).multiply(AHEAD) : BigDecimal.ZERO,
                            newest.isOn() || workable),
                    job.limits());
        } else if (!search.result().offers().isEmpty()) {
            chart = preview(
                    bond,
                    search.result().offers().getFirst().setting(),
                    ambientC,
                    SettingsFound.earlier(Warming.of(job).heatings(bond.operation()), now),
                    job.limits());
        }
        return new HeatPanel(newest, chart, search, ambientC, has, workable);
    }

    /** As long as the heat is on the curve goes on with it, and some way ahead. */
    private static List<HeatWindow.Point> carriedOn(BenchClocks.Heat heat, Instant now, ShopLimits limits) {
        List<HeatWindow.Point> planned = heat.window().curve();
        BigDecimal since = heat.sinceS(now);
        if (!heat.isOn() || planned.getLast().sinceS().compareTo(since) > 0) {
            return planned;
        }
        BigDecimal factor =
                heat.refit() == null ? BigDecimal.ONE : heat.refit().result().factor();
        return HeatWindow.curveUntil(heat.request(), factor, since.multiply(AHEAD), limits);
    }

    /** What was heated while it cools, to the moment at which the bond holds again and some way on. */
    private static List<HeatWindow.Point> cooling(BenchClocks.Heat heat, ShopLimits limits) {
        BigDecimal offS = heat.sinceS(Objects.requireNonNull(heat.heating().to()));
        BigDecimal coldS = Objects.requireNonNull(
                Objects.requireNonNull(heat.window().afterwards()).worksUntilS());
        return HeatWindow.curveCooling(heat.request(), offS, coldS.max(offS).multiply(AHEAD), limits);
    }

    /** With the curve of a setting that somebody chose, where none runs yet. */
    HeatPanel showing(@Nullable PickedSetting picked, Bond bond, ShopLimits limits) {
        if (newest != null || picked == null || picked.window() == null) {
            return this;
        }
        HeatWindow window = picked.window();
        Plot curve = HeatChart.of(bond.layers().stack(), window, HeatChart.Course.of(window), limits);
        return new HeatPanel(null, curve, search, ambientC, has, workable);
    }

    private static Plot preview(
            Bond bond, Setting setting, BigDecimal ambientC, List<HeatWindow.Earlier> earlier, ShopLimits limits) {
        HeatWindow window = HeatWindow.of(
                        new HeatWindow.Request(bond.layers().stack(), setting, ambientC, earlier, null, null), limits)
                .result();
        return HeatChart.of(bond.layers().stack(), window, HeatChart.Course.of(window), limits);
    }

    /** What readings say of the newest heating. */
    public List<Finding> findings() {
        return newest == null || newest.refit() == null
                ? List.of()
                : newest.refit().findings();
    }

    public boolean isOn() {
        return newest != null && newest.isOn();
    }

    /** The best first, of the places that nobody holds before any that somebody does. */
    public List<SettingSearch.Offer> offers() {
        return search.result().offers();
    }

    private static Result<SettingSearch> freeFirst(Result<SettingSearch> search, Set<HeatPlace> busy) {
        List<SettingSearch.Offer> offers = search.result().offers().stream()
                .sorted(Comparator.comparing(
                        offer -> busy.contains(offer.setting().source().place())))
                .toList();
        return new Result<>(new SettingSearch(offers, search.result().tried()), search.findings(), search.working());
    }

    public List<Setting.Source> sources() {
        return Arrays.stream(Setting.Source.values())
                .filter(source -> has.contains(source.place()))
                .toList();
    }
}
