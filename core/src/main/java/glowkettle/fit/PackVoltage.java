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

            @Says("Printed charge voltage of the pack") @Within(min = "1", max = "140", unit = "V") @Nullable
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
        List<Option> agreeing = byNominal.stream()
                .filter(option -> agrees(option, chargeV, limits))
                .toList();
        lines.add("charge %s: %s".formatted(Figures.withUnit(chargeV, "V"), words(agreeing)));
        if (!byNominal.isEmpty() && agreeing.isEmpty()) {
            String sentence = "The charge voltage %s contradicts the nominal %s: do not fit it until that is settled."
                    .formatted(Figures.withUnit(chargeV, "V"), Figures.withUnit(label.nominalV(), "V"));
            return new Result<>(
                    new Outcome.Contradiction(byNominal),
                    List.of(Finding.stop("voltage-contradiction", sentence)),
                    new Working(lines));
        }
        return byNominal.isEmpty()
                ? answer(
                        byChargeAlone(label.nominalV(), chargeV, limits),
                        lines,
                        "No known cell has this nominal voltage.")
                : answer(agreeing, lines, "Count the cells.");
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

    private static boolean agrees(Option option, BigDecimal chargeV, ShopLimits limits) {
        BigDecimal series = BigDecimal.valueOf(option.series());
        BigDecimal apart = option.chemistry()
                .chargeLimitV()
                .multiply(series)
                .subtract(chargeV)
                .abs();
        return apart.compareTo(limits.of(Limit.CHARGE_PRINT_V).multiply(series)) <= 0;
    }

    /** A nominal voltage between the bands: the printed charge voltage names the limit, if the count is beyond doubt. */
    private static List<Option> byChargeAlone(BigDecimal nominalV, BigDecimal chargeV, ShopLimits limits) {
        List<Chemistry.Band> lithium = Chemistry.bands(limits).stream()
                .filter(band -> band.chemistry().family() == Chemistry.Family.LITHIUM)
                .toList();
        BigDecimal tolerance = limits.of(Limit.CHARGE_PRINT_V);
        List<Option> options = new ArrayList<>();
        for (int series = 1; series <= MOST_SERIES; series++) {
            BigDecimal count = BigDecimal.valueOf(series);
            BigDecimal perCell = chargeV.divide(count, MathContext.DECIMAL64);
            BigDecimal nominalPerCell = nominalV.divide(count, MathContext.DECIMAL64);
            boolean nominalPlausible =
                    nominalPerCell.compareTo(lithium.getFirst().nominalFromV()) >= 0
                            && nominalPerCell.compareTo(lithium.getLast().nominalToV()) <= 0;
            boolean chargePlausible = perCell.compareTo(lithium.getFirst()
                                    .chemistry()
                                    .chargeLimitV()
                                    .subtract(tolerance))
                            >= 0
                    && perCell.compareTo(
                                    lithium.getLast().chemistry().chargeLimitV().add(tolerance))
                            <= 0;
            if (nominalPlausible && chargePlausible) {
                options.add(new Option(series, new Chemistry(Chemistry.Family.LITHIUM, perCell.stripTrailingZeros())));
            }
        }
        return options;
    }

    private static String words(List<Option> options) {
        return options.isEmpty()
                ? "no known cell"
                : options.stream().map(Option::words).collect(Collectors.joining(", or "));
    }
}
