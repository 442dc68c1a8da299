package glowkettle.fit;

import glowkettle.cell.Chemistry;
import glowkettle.finding.Figures;
import glowkettle.finding.Finding;
import glowkettle.finding.Result;
import glowkettle.finding.Says;
import glowkettle.finding.Within;
import glowkettle.finding.Working;
import glowkettle.limits.Limit;
import glowkettle.limits.ShopLimits;
import java.math.BigDecimal;
import java.math.MathContext;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * Series count and chemistry from the voltages on a label: every count and band the nominal voltage fits. A printed charge
 * voltage decides between them; one that agrees with none of them is a contradiction. Source: handbook, Fit.
 */
public final class PackVoltage {
    private static final int MOST_SERIES = 30;

    private PackVoltage() {}

    /** The voltages a label carries. */
    public record Label(
            @Says("Nominal voltage") @Within(min = "1", max = "120", unit = "V")
            BigDecimal nominalV,

            @Says("Printed charge voltage") @Within(min = "1", max = "140", unit = "V") @Nullable
            BigDecimal chargeV) {}

    /** Cells in series, and what they are. */
    public record Option(int series, Chemistry chemistry) {
        public String words() {
            return series + "s, " + chemistry.words();
        }
    }

    /** What the label says of its cells. */
    public sealed interface Outcome {
        /** Exactly one reading. */
        record Known(Option option) implements Outcome {}

        /** Several readings, or none: somebody must find out. */
        record Ask(List<Option> options) implements Outcome {}

        /** Nominal and charge voltage cannot both be true. */
        record Contradiction(List<Option> options) implements Outcome {}
    }

    public static Result<Outcome> read(Label label, ShopLimits limits) {
        List<Option> byNominal = byNominal(label.nominalV(), limits);
        List<String> lines = new ArrayList<>();
        lines.add("nominal %s: %s".formatted(Figures.withUnit(label.nominalV(), "V"), words(byNominal)));
        BigDecimal chargeV = label.chargeV();
        if (chargeV == null) {
            return answer(byNominal, lines, "Read the charge voltage on the label, or count the cells.");
        }
        List<Option> byCharge = byCharge(chargeV, limits);
        lines.add("charge %s: %s".formatted(Figures.withUnit(chargeV, "V"), words(byCharge)));
        if (byCharge.isEmpty()) {
            return answer(
                    List.of(),
                    lines,
                    "No cell is charged to %s, however many share it: read the label again."
                            .formatted(Figures.withUnit(chargeV, "V")));
        }
        List<Option> agreeing = byCharge.stream()
                .filter(option -> byNominal.isEmpty()
                        ? isPlausible(option, label.nominalV(), limits)
                        : byNominal.stream().anyMatch(nominal -> sameChemistry(nominal, option, limits)))
                .toList();
        if (!byNominal.isEmpty() && agreeing.isEmpty()) {
            String sentence = "The charge voltage %s contradicts the nominal %s: do not fit it until that is settled."
                    .formatted(Figures.withUnit(chargeV, "V"), Figures.withUnit(label.nominalV(), "V"));
            return new Result<>(
                    new Outcome.Contradiction(byNominal),
                    List.of(Finding.stop("voltage-contradiction", sentence)),
                    new Working(lines));
        }
        return answer(
                agreeing, lines, byNominal.isEmpty() ? "No known cell has this nominal voltage." : "Count the cells.");
    }

    private static Result<Outcome> answer(List<Option> options, List<String> lines, String remedy) {
        if (options.size() == 1) {
            return new Result<>(new Outcome.Known(options.getFirst()), List.of(), new Working(lines));
        }
        String sentence = options.isEmpty()
                ? "These voltages fit no known cell. " + remedy
                : "These voltages fit " + words(options) + ". " + remedy;
        return new Result<>(
                new Outcome.Ask(options), List.of(Finding.care("voltage-ask", sentence)), new Working(lines));
    }

    private static List<Option> byNominal(BigDecimal nominalV, ShopLimits limits) {
        List<Option> options = new ArrayList<>();
        for (int series = 1; series <= MOST_SERIES; series++) {
            BigDecimal count = BigDecimal.valueOf(series);
            for (Chemistry.Band band : Chemistry.bands(limits)) {
                if (nominalV.compareTo(band.nominalFromV().multiply(count)) >= 0
                        && nominalV.compareTo(band.nominalToV().multiply(count)) <= 0) {
                    options.add(new Option(series, band.chemistry()));
                }
            }
        }
        return options;
    }

    /** Every count of cells whose share is a chemistry's limit; the limit stays as printed. */
    private static List<Option> byCharge(BigDecimal chargeV, ShopLimits limits) {
        List<Option> options = new ArrayList<>();
        for (int series = 1; series <= MOST_SERIES; series++) {
            BigDecimal perCell = chargeV.divide(BigDecimal.valueOf(series), MathContext.DECIMAL64);
            int count = series;
            Chemistry.ofLimit(perCell, limits)
                    .map(chemistry -> new Chemistry(chemistry.family(), Figures.plain(perCell)))
                    .ifPresent(chemistry -> options.add(new Option(count, chemistry)));
        }
        return options;
    }

    private static boolean sameChemistry(Option nominal, Option charge, ShopLimits limits) {
        return nominal.series() == charge.series()
                && nominal.chemistry().family() == charge.chemistry().family()
                && nominal.chemistry()
                                .chargeLimitV()
                                .subtract(charge.chemistry().chargeLimitV())
                                .abs()
                                .compareTo(limits.of(Limit.CHARGE_PRINT_V))
                        <= 0;
    }

    /** A nominal voltage between the bands still has to be one of its family's. */
    private static boolean isPlausible(Option option, BigDecimal nominalV, ShopLimits limits) {
        BigDecimal perCell = nominalV.divide(BigDecimal.valueOf(option.series()), MathContext.DECIMAL64);
        List<Chemistry.Band> family = Chemistry.bands(limits).stream()
                .filter(band -> band.chemistry().family() == option.chemistry().family())
                .toList();
        return perCell.compareTo(family.getFirst().nominalFromV()) >= 0
                && perCell.compareTo(family.getLast().nominalToV()) <= 0;
    }

    private static String words(List<Option> options) {
        return options.isEmpty()
                ? "no known cell"
                : options.stream().map(Option::words).collect(Collectors.joining(", or "));
    }
}
