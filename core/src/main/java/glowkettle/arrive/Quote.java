package glowkettle.arrive;

import glowkettle.finding.Figures;
import glowkettle.finding.Finding;
import glowkettle.finding.Result;
import glowkettle.finding.Says;
import glowkettle.finding.Within;
import glowkettle.finding.Working;
import glowkettle.limits.Limit;
import glowkettle.limits.ShopLimits;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.List;

/**
 * What a job costs: {@code parts + labour minutes there and back · shop rate + consumables}, once for each pack that is
 * offered. Deposits, taxes and payment are no part of it. Source: handbook, Arrive.
 *
 * @param labour price of the labour, half up to a hundredth
 * @param totals one for each offer; without an offer, one for the rest
 */
public record Quote(BigDecimal labour, BigDecimal parts, BigDecimal consumables, List<Total> totals) {
    private static final int CENTS = 2;
    private static final BigDecimal MINUTES_PER_HOUR = BigDecimal.valueOf(60);
    private static final int MOST_OFFERS = 4;

    /** A priced thing. */
    public record Priced(
            @Says(value = "What", longest = 80) String name,

            @Says("Price") @Within(min = "0", max = "100000")
            BigDecimal price) {}

    /** What is quoted: the labour of the plan, other parts, and up to four packs to choose from. */
    public record Request(
            @Says("Labour there and back, without the live penalty") @Within(min = "0", max = "6000", unit = "min")
            BigDecimal labourMinutes,

            List<Priced> parts,
            List<Priced> offers) {
        public Request {
            parts = List.copyOf(parts);
            offers = List.copyOf(offers);
            if (offers.size() > MOST_OFFERS) {
                throw new glowkettle.finding.Unanswerable(
                        "offers",
                        "%s packs are offered; at most %s are compared".formatted(offers.size(), MOST_OFFERS));
            }
        }
    }

    /** The whole price with one of the offers. */
    public record Total(String offer, BigDecimal price, BigDecimal total) {}

    public Quote {
        totals = List.copyOf(totals);
    }

    public static Result<Quote> of(Request request, ShopLimits limits) {
        BigDecimal rate = limits.of(Limit.SHOP_RATE);
        BigDecimal labour =
                request.labourMinutes().multiply(rate).divide(MINUTES_PER_HOUR, CENTS, RoundingMode.HALF_UP);
        BigDecimal parts = sum(request.parts());
        BigDecimal consumables = limits.of(Limit.CONSUMABLES_PRICE);
        BigDecimal rest = labour.add(parts).add(consumables);
        List<Total> totals = new ArrayList<>();
        request.offers().forEach(offer -> totals.add(new Total(offer.name(), offer.price(), rest.add(offer.price()))));
        if (totals.isEmpty()) {
            totals.add(new Total("without a pack", BigDecimal.ZERO, rest));
        }
        List<Finding> findings = request.offers().isEmpty()
                ? List.of(Finding.care("quote-no-pack", "No pack is offered yet: this is the work alone."))
                : List.of();
        return new Result<>(
                new Quote(labour, parts, consumables, totals),
                findings,
                Working.of(
                        "labour = %s · %s / 60 = %s"
                                .formatted(
                                        Figures.withUnit(request.labourMinutes(), "min"),
                                        Figures.withUnit(rate, "per h"),
                                        Figures.of(labour)),
                        "total = pack + %s labour + %s parts + %s consumables"
                                .formatted(Figures.of(labour), Figures.of(parts), Figures.of(consumables))));
    }

    private static BigDecimal sum(List<Priced> priced) {
        return priced.stream().map(Priced::price).reduce(BigDecimal.ZERO, BigDecimal::add);
    }
}
