package glowkettle.match;

import glowkettle.finding.Figures;
import glowkettle.finding.Median;
import glowkettle.limits.Limit;
import glowkettle.limits.ShopLimits;
import java.math.BigDecimal;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/** What a lot of cells says of each of its own; nothing where it is too small. */
record LotRule(
        @Nullable BigDecimal medianMah,
        @Nullable BigDecimal spreadMah,
        @Nullable BigDecimal medianMohm,
        @Nullable BigDecimal mostMohm) {
    private static final LotRule NONE = new LotRule(null, null, null, null);

    /** Over the whole lot, once: whoever is rejected stays in the median. */
    static LotRule of(List<Screening.Cell> cells, ShopLimits limits) {
        if (!Screening.isLot(cells.size())) {
            return NONE;
        }
        List<BigDecimal> capacities = cells.stream()
                .map(Screening.Cell::capacityMah)
                .filter(Screening::isMeasured)
                .toList();
        List<BigDecimal> resistances = cells.stream()
                .map(Screening.Cell::resistanceMohm)
                .filter(Screening::isMeasured)
                .toList();
        BigDecimal median = Median.of(capacities);
        BigDecimal ohms = Median.of(resistances);
        return new LotRule(
                median,
                median == null ? null : spread(capacities, median, limits),
                ohms,
                ohms == null ? null : ohms.multiply(limits.of(Limit.CELL_LOT_RESISTANCE)));
    }

    private static BigDecimal spread(List<BigDecimal> capacities, BigDecimal median, ShopLimits limits) {
        BigDecimal mad = Objects.requireNonNull(Median.of(capacities.stream()
                .map(capacity -> capacity.subtract(median).abs())
                .toList()));
        BigDecimal sigma = mad.multiply(limits.of(Limit.MAD_SIGMA))
                .max(median.multiply(limits.of(Limit.CELL_LOT_LEAST_PERCENT)).movePointLeft(2));
        return sigma.multiply(limits.of(Limit.CELL_LOT_SIGMAS));
    }

    void capacity(BigDecimal capacityMah, List<Screening.Reject> rejects) {
        if (medianMah == null || spreadMah == null) {
            return;
        }
        if (capacityMah.subtract(medianMah).abs().compareTo(spreadMah) > 0) {
            rejects.add(new Screening.Reject(
                    "cell-lot-capacity",
                    "%s lies outside its lot: %s ± %s."
                            .formatted(
                                    Figures.withUnit(capacityMah, "mAh"),
                                    Figures.of(medianMah),
                                    Figures.withUnit(Figures.round(spreadMah.doubleValue(), 1), "mAh"))));
        }
    }

    void resistance(BigDecimal resistanceMohm, List<Screening.Reject> rejects) {
        if (mostMohm != null && resistanceMohm.compareTo(mostMohm) > 0) {
            rejects.add(new Screening.Reject(
                    "cell-lot-resistance",
                    "%s is more than its lot allows: %s."
                            .formatted(Figures.withUnit(resistanceMohm, "mΩ"), Figures.withUnit(mostMohm, "mΩ"))));
        }
    }

    Screening.Lot figures(@Nullable String lot, int count) {
        return new Screening.Lot(
                lot,
                count,
                medianMah,
                medianMah == null || spreadMah == null ? null : medianMah.subtract(spreadMah),
                medianMah == null || spreadMah == null ? null : medianMah.add(spreadMah),
                medianMohm,
                mostMohm);
    }

    List<String> lines(String lot) {
        if (medianMah == null || spreadMah == null) {
            return List.of("%s: too small for a rule of its own".formatted(lot.isEmpty() ? "no lot" : "lot " + lot));
        }
        return List.of("%s: median %s, ± %s"
                .formatted(
                        lot.isEmpty() ? "no lot" : "lot " + lot,
                        Figures.withUnit(medianMah, "mAh"),
                        Figures.withUnit(Figures.round(spreadMah.doubleValue(), 1), "mAh")));
    }
}
