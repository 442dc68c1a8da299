package glowkettle.cell;

import glowkettle.finding.Figures;
import glowkettle.finding.Unanswerable;
import glowkettle.finding.Worded;
import glowkettle.limits.Limit;
import glowkettle.limits.LimitTable;
import glowkettle.limits.ShopLimits;
import java.math.BigDecimal;
import java.math.MathContext;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;

/** A cell's family and the voltage it is charged to. */
public record Chemistry(Family family, BigDecimal chargeLimitV) {
    /** A printed voltage divided by its cells may have no end. */
    private static final MathContext SHOWN = new MathContext(5);

    /** Families that must never be mixed or swapped. */
    public enum Family implements Worded {
        LITHIUM("lithium-ion"),
        IRON_PHOSPHATE("iron-phosphate");

        private final String words;

        Family(String words) {
            this.words = words;
        }

        @Override
        public String words() {
            return words;
        }
    }

    /** One row of the chemistry bands: cells of this nominal voltage are charged to this limit. */
    public record Band(BigDecimal nominalFromV, BigDecimal nominalToV, Chemistry chemistry) {}

    public static List<Band> bands(ShopLimits limits) {
        return limits.table(LimitTable.CHEMISTRY_BANDS).rows().stream()
                .map(row -> new Band(
                        row.get(0),
                        row.get(1),
                        new Chemistry(row.get(3).signum() == 0 ? Family.LITHIUM : Family.IRON_PHOSPHATE, row.get(2))))
                .toList();
    }

    /** The cells charged to this voltage, as near as it is printed; empty where none is. */
    public static java.util.Optional<Chemistry> ofLimit(BigDecimal chargeLimitV, ShopLimits limits) {
        return bands(limits).stream()
                .map(Band::chemistry)
                .filter(known ->
                        known.chargeLimitV().subtract(chargeLimitV).abs().compareTo(limits.of(Limit.CHARGE_PRINT_V))
                                <= 0)
                .min(Comparator.comparing(
                        known -> known.chargeLimitV().subtract(chargeLimitV).abs()))
                .map(known -> new Chemistry(known.family(), chargeLimitV));
    }

    /**
     * The cells charged to this voltage.
     *
     * @throws Unanswerable naming the field, where no cell is charged to it
     */
    public static Chemistry known(BigDecimal chargeLimitV, String field, ShopLimits limits) {
        return ofLimit(chargeLimitV, limits)
                .orElseThrow(() -> new Unanswerable(
                        field,
                        "No cell is charged to %s V; accepted are, within %s: %s"
                                .formatted(
                                        chargeLimitV,
                                        limits.applied(Limit.CHARGE_PRINT_V),
                                        bands(limits).stream()
                                                .map(band -> band.chemistry()
                                                        .chargeLimitV()
                                                        .toPlainString())
                                                .distinct()
                                                .collect(java.util.stream.Collectors.joining(", ")))));
    }

    /** The family that charges to this voltage: iron-phosphate up to its own limit, else lithium-ion. */
    public static Chemistry chargedTo(BigDecimal chargeLimitV, ShopLimits limits) {
        Stream<BigDecimal> iron = bands(limits).stream()
                .filter(band -> band.chemistry().family() == Family.IRON_PHOSPHATE)
                .map(band -> band.chemistry().chargeLimitV().add(limits.of(Limit.CHARGE_PRINT_V)));
        boolean isIron = iron.max(Comparator.naturalOrder())
                .filter(top -> chargeLimitV.compareTo(top) <= 0)
                .isPresent();
        return new Chemistry(isIron ? Family.IRON_PHOSPHATE : Family.LITHIUM, chargeLimitV);
    }

    public String words() {
        return family.words() + ", charged to " + Figures.withUnit(chargeLimitV.round(SHOWN), "V") + " per cell";
    }
}
