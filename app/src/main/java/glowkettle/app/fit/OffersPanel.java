package glowkettle.app.fit;

import glowkettle.app.drawing.Plot;
import glowkettle.finding.Figures;
import glowkettle.finding.Result;
import glowkettle.fit.Offer;
import glowkettle.fit.PackComparison;
import glowkettle.fit.Verdict;
import glowkettle.fit.Worth;
import glowkettle.job.JobFile;
import glowkettle.job.fit.Fitting;
import java.math.BigDecimal;
import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/**
 * What can be had, side by side: line by line, then what a watt-hour of each costs.
 *
 * @param columns one an offer
 * @param compared a row for each line of the comparison
 * @param figures a row for each figure of what it is worth
 */
public record OffersPanel(
        List<Column> columns,
        List<Row> compared,
        List<Row> figures,
        Result<Worth> worth,
        @Nullable Plot chart) {
    /** An offer. */
    public record Column(Offer offer, Verdict verdict, boolean cheapest, boolean taken) {}

    /**
     * One line, a cell an offer.
     *
     * @param money its figures are in the shop's currency
     */
    public record Row(String name, boolean money, List<Cell> cells) {}

    /**
     * What stands in a row of one offer.
     *
     * @param verdict null for a plain figure
     */
    public record Cell(
            @Nullable Verdict verdict,
            String words,
            @Nullable String sentence) {
        static Cell plain(String words) {
            return new Cell(null, words, null);
        }
    }

    /** Null without offers. */
    static @Nullable OffersPanel of(JobFile job) {
        Fitting fitting = Fitting.of(job);
        Worth.Request asked = fitting.worthAsked().orElse(null);
        if (asked == null) {
            return null;
        }
        List<Offer> offers = fitting.offers();
        List<PackComparison.Comparison> comparisons = offers.stream()
                .map(offer -> fitting.compare(offer.label()).result())
                .toList();
        Result<Worth> worth = Worth.of(asked, job.limits());
        String taken = fitting.taken().map(Offer::name).orElse(null);
        return new OffersPanel(
                IntStream.range(0, offers.size())
                        .mapToObj(i -> new Column(
                                offers.get(i),
                                comparisons.get(i).verdict(),
                                offers.get(i).name().equals(worth.result().cheapest()),
                                offers.get(i).name().equals(taken)))
                        .toList(),
                compared(comparisons),
                figures(offers, worth.result()),
                worth,
                WorthChart.of(asked, worth.result(), job.limits()));
    }

    private static List<Row> compared(List<PackComparison.Comparison> comparisons) {
        Set<String> names = comparisons.stream()
                .flatMap(comparison -> comparison.lines().stream())
                .map(PackComparison.Line::name)
                .collect(Collectors.toCollection(LinkedHashSet::new));
        return names.stream()
                .map(name -> new Row(
                        name,
                        false,
                        comparisons.stream().map(one -> cell(one, name)).toList()))
                .toList();
    }

    private static Cell cell(PackComparison.Comparison comparison, String name) {
        return comparison.lines().stream()
                .filter(line -> line.name().equals(name))
                .findFirst()
                .map(line -> new Cell(line.verdict(), line.offers(), line.sentence()))
                .orElseGet(() -> Cell.plain("–"));
    }

    private static List<Row> figures(List<Offer> offers, Worth worth) {
        List<Row> rows = new ArrayList<>();
        rows.add(row("usable when new", false, worth, judged -> Figures.withUnit(judged.usableWh(), "Wh")));
        rows.add(row("cycles to 80 %", false, worth, judged -> Figures.of(judged.cyclesTo80())));
        rows.add(row("a delivered Wh, one pack", true, worth, judged -> Figures.of(judged.costPerWh())));
        if (worth.offers().stream().allMatch(judged -> judged.plannedCostPerWh() != null)) {
            rows.add(row("packs in those years", false, worth, judged -> said(judged.packsNeeded(), "")));
            rows.add(row("packs and work", true, worth, judged -> said(judged.plannedCost(), "")));
            rows.add(row("a delivered Wh, those years", true, worth, judged -> said(judged.plannedCostPerWh(), "")));
        }
        rows.add(own("warranty", offers, offer -> said(offer.delivery().warrantyMonths(), "months")));
        rows.add(own("here in", offers, offer -> said(offer.delivery().leadTimeDays(), "days")));
        rows.add(own(
                "its lot so far",
                offers,
                offer -> offer.label().printed().lot() == null ? "no lot said" : "none of it measured yet"));
        return rows;
    }

    private static String said(@Nullable BigDecimal figure, String unit) {
        return figure == null ? "not said" : unit.isEmpty() ? Figures.of(figure) : Figures.withUnit(figure, unit);
    }

    private static Row row(String name, boolean money, Worth worth, Function<Worth.Judged, String> words) {
        return new Row(
                name, money, worth.offers().stream().map(words).map(Cell::plain).toList());
    }

    private static Row own(String name, List<Offer> offers, Function<Offer, String> words) {
        return new Row(name, false, offers.stream().map(words).map(Cell::plain).toList());
    }

    /** The quote's form, filled in with every offer that is not refused. */
    public String quoted(long job) {
        List<Offer> offers = columns.stream()
                .filter(column -> column.verdict() != Verdict.REFUSED)
                .map(Column::offer)
                .toList();
        return "/jobs/" + job + "/arrive?put=quoted"
                + IntStream.range(0, offers.size())
                        .mapToObj(i -> "&request.offers%5B" + i + "%5D.name="
                                + encoded(offers.get(i).name())
                                + "&request.offers%5B" + i + "%5D.price="
                                + offers.get(i).price().toPlainString())
                        .collect(Collectors.joining())
                + "#quote";
    }

    private static String encoded(String text) {
        return URLEncoder.encode(text, StandardCharsets.UTF_8);
    }

    public boolean full() {
        return columns.size() >= Worth.MOST_OFFERS;
    }
}
