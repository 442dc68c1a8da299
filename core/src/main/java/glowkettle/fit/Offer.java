package glowkettle.fit;

import glowkettle.finding.Flat;
import glowkettle.finding.Says;
import glowkettle.finding.Within;
import java.math.BigDecimal;
import org.jspecify.annotations.Nullable;

/** A pack that can be had, as its seller describes it. */
public record Offer(
        @Says(value = "Name", longest = 80) String name,
        @Says("Kind") Worth.Source kind,

        @Says("Price") @Within(min = "0", max = "100000") BigDecimal price,

        @Says("Cycles to 80 %, where the offer says") @Within(min = "20", max = "20000", whole = true) @Nullable
        BigDecimal cyclesTo80,

        @Flat Delivery delivery,
        PackLabel label) {
    /** What the seller promises beside the pack. */
    public record Delivery(
            @Says("Warranty") @Within(min = "0", max = "240", unit = "months") @Nullable
            BigDecimal warrantyMonths,

            @Says("Lead time") @Within(min = "0", max = "365", unit = "days") @Nullable
            BigDecimal leadTimeDays) {}

    /** For the sum of its worth, by what the comparison made of its label. */
    public Worth.Offer judged(PackComparison.Comparison compared) {
        Honesty.Judgement honesty = compared.honesty();
        return new Worth.Offer(
                name,
                kind,
                price,
                new Worth.Energy(
                        wattHours(label.printed().capacityMah()),
                        honesty == null ? null : wattHours(honesty.mostMah()),
                        null,
                        compared.usableSharePercent()),
                cyclesTo80,
                new Worth.Terms(delivery.warrantyMonths(), delivery.leadTimeDays(), compared.verdict()));
    }

    private BigDecimal wattHours(BigDecimal mah) {
        return label.printed().nominalV().multiply(mah).movePointLeft(3);
    }
}
