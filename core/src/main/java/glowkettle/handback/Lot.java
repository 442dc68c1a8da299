package glowkettle.handback;

import glowkettle.finding.Figures;
import glowkettle.finding.Finding;
import glowkettle.finding.Median;
import glowkettle.finding.Quantity;
import glowkettle.finding.Result;
import glowkettle.finding.Says;
import glowkettle.finding.Unanswerable;
import glowkettle.finding.Weight;
import glowkettle.finding.Within;
import glowkettle.finding.Working;
import glowkettle.limits.Limit;
import glowkettle.limits.ShopLimits;
import java.math.BigDecimal;
import java.math.MathContext;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/**
 * What the packs of one lot held of what their labels claim: the share that met it with its 95 % range (Wilson), and the median of
 * measured to claimed. A lot of which enough were measured and at least half lie under the label with their whole range warns at the
 * next purchase. Source: handbook, Hand back.
 *
 * @param sharePercent null while none was measured, as are those after it
 */
public record Lot(
        @Says("Measured") int measured,
        @Says("Met their label") int met,
        @Says("Share that met it") @Nullable BigDecimal sharePercent,
        @Says("At least") @Nullable BigDecimal lowPercent,
        @Says("At most") @Nullable BigDecimal highPercent,
        @Says("Measured to claimed, the median") @Nullable BigDecimal medianRatioPercent,
        @Says("Warns at the next purchase") boolean warns) {
    private static final int DECIMALS = 2;

    /** The packs of a lot. */
    public record Request(@Says("Packs") List<MeasuredPack> packs) {
        public Request {
            packs = List.copyOf(packs);
        }
    }

    /** One pack. A capacity without a range is under its label with its whole range only where somebody knows the range. */
    public record MeasuredPack(
            @Says("Capacity measured") @Within(min = "1", max = "1000000", unit = "mAh") @Nullable
            BigDecimal measuredMah,

            @Says("At least") @Within(min = "0", max = "1000000", unit = "mAh") @Nullable
            BigDecimal lowMah,

            @Says("At most") @Within(min = "0", max = "1000000", unit = "mAh") @Nullable
            BigDecimal highMah,

            @Says("Capacity claimed") @Within(min = "1", max = "1000000", unit = "mAh")
            BigDecimal claimedMah) {
        private boolean isMeasured() {
            return measuredMah != null;
        }

        private BigDecimal ratio() {
            return Objects.requireNonNull(measuredMah).divide(claimedMah, MathContext.DECIMAL64);
        }

        private boolean meets() {
            return measuredMah != null && measuredMah.compareTo(claimedMah) >= 0;
        }

        private boolean isUnderWithItsWholeRange() {
            return measuredMah != null && highMah != null && highMah.compareTo(claimedMah) < 0;
        }

        private boolean liesInItsRange() {
            return measuredMah == null
                    || (lowMah == null || lowMah.compareTo(measuredMah) <= 0)
                            && (highMah == null || highMah.compareTo(measuredMah) >= 0);
        }
    }

    /** @throws Unanswerable where a capacity lies outside its own range */
    public static Result<Lot> of(Request request, ShopLimits limits) {
        for (int i = 0; i < request.packs().size(); i++) {
            MeasuredPack pack = request.packs().get(i);
            if (!pack.liesInItsRange()) {
                throw new Unanswerable(
                        "packs[%s].measuredMah".formatted(i),
                        "%s mAh lies outside its own range, %s to %s mAh"
                                .formatted(pack.measuredMah(), pack.lowMah(), pack.highMah()));
            }
        }
        List<MeasuredPack> measured =
                request.packs().stream().filter(MeasuredPack::isMeasured).toList();
        if (measured.isEmpty()) {
            return new Result<>(
                    new Lot(0, 0, null, null, null, null, false),
                    List.of(Finding.note("lot-unmeasured", "No pack of this lot was measured.")),
                    new Working(List.of()));
        }
        int met = (int) measured.stream().filter(MeasuredPack::meets).count();
        long under =
                measured.stream().filter(MeasuredPack::isUnderWithItsWholeRange).count();
        Wilson range = Wilson.of(met, measured.size());
        BigDecimal median = Objects.requireNonNull(
                Median.of(measured.stream().map(MeasuredPack::ratio).toList()));
        boolean warns = measured.size() >= limits.number(Limit.LOT_WARNS_FROM) && under * 2 >= measured.size();
        Lot lot = new Lot(
                measured.size(),
                met,
                percent((double) met / measured.size()),
                percent(range.low()),
                percent(range.high()),
                percent(median.doubleValue()),
                warns);
        return new Result<>(lot, List.of(finding(lot, under, limits)), working(lot, under));
    }

    private static Finding finding(Lot lot, long under, ShopLimits limits) {
        String told = "%s of %s met their label, %s to %s."
                .formatted(
                        lot.met(),
                        lot.measured(),
                        whole(lot.lowPercent()),
                        Figures.withUnit(whole(lot.highPercent()), "%"));
        return lot.warns()
                ? new Finding(
                        "lot-under-its-label",
                        Weight.CARE,
                        Quantity.of(BigDecimal.valueOf(under), ""),
                        limits.applied(Limit.LOT_WARNS_FROM),
                        told + " At least half lie under it with their whole range: buy another.")
                : Finding.note("lot", told);
    }

    private static BigDecimal whole(@Nullable BigDecimal percent) {
        return Figures.round(Objects.requireNonNull(percent).doubleValue(), 0);
    }

    private static Working working(Lot lot, long under) {
        return Working.of(
                "share = %s / %s = %s; Wilson, 95 %%"
                        .formatted(
                                lot.met(),
                                lot.measured(),
                                Figures.withUnit(Objects.requireNonNull(lot.sharePercent()), "%")),
                "%s of %s lie under their label with their whole range".formatted(under, lot.measured()));
    }

    private static BigDecimal percent(double share) {
        return Figures.round(share * 100, DECIMALS);
    }
}
