package glowkettle.fit;

import glowkettle.finding.Figures;
import glowkettle.limits.Limit;
import glowkettle.limits.ShopLimits;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.TreeSet;

/**
 * What a delivered watt-hour costs against the years a device is kept, for each offer. It falls while a pack lasts and jumps
 * up where the next one is put in, so two offers change places only at a jump.
 */
public final class WorthOverYears {
    /** Beyond the planned years it is looked on, since plans change. */
    private static final int LOOKED_ON = 2;

    private static final int MOST_SHOWN = 40;

    private final Worth.Request request;
    private final double perYear;
    private final ShopLimits limits;

    private WorthOverYears(Worth.Request request, double perYear, ShopLimits limits) {
        this.request = request;
        this.perYear = perYear;
        this.limits = limits;
    }

    /** @param request with years and labour */
    public static WorthOverYears of(Worth.Request request, ShopLimits limits) {
        return new WorthOverYears(request, Worth.cyclesPerYear(request, limits).doubleValue(), limits);
    }

    /** How far it is looked, in years. */
    public double horizonYears() {
        return LOOKED_ON * Objects.requireNonNull(request.years()).doubleValue();
    }

    /** What a watt-hour of an offer costs when the device is kept for so many years. */
    public double costPerWh(Worth.Offer offer, double years) {
        double cycles = Worth.cycles(offer, limits).doubleValue();
        double packs = Math.max(1, Math.ceil(years * perYear / cycles));
        double labour = Objects.requireNonNull(request.labour()).doubleValue();
        return (packs * offer.price().doubleValue() + (packs - 1) * labour)
                / (years
                        * perYear
                        * Worth.usableWh(offer).doubleValue()
                        * limits.number(Limit.LIFE_MEAN_PERCENT)
                        / 100);
    }

    /** The years after which an offer needs another pack. */
    public List<Double> jumps(Worth.Offer offer) {
        double life = Worth.cycles(offer, limits).doubleValue() / perYear;
        List<Double> jumps = new ArrayList<>();
        for (int packs = 1; packs * life < horizonYears(); packs++) {
            jumps.add(packs * life);
        }
        return jumps;
    }

    /** Where one offer becomes cheaper than another, in the order of years; a picture shows no more than so many. */
    List<Worth.Overtaking> overtakings() {
        TreeSet<Double> ends = new TreeSet<>(List.of(0.0, horizonYears()));
        request.offers().forEach(offer -> ends.addAll(jumps(offer)));
        List<Double> at = List.copyOf(ends);
        List<Worth.Overtaking> found = new ArrayList<>();
        for (int i = 1; i + 1 < at.size(); i++) {
            double before = (at.get(i - 1) + at.get(i)) / 2;
            double after = (at.get(i) + at.get(i + 1)) / 2;
            for (Worth.Offer one : request.offers()) {
                for (Worth.Offer other : request.offers()) {
                    if (costPerWh(one, before) > costPerWh(other, before)
                            && costPerWh(one, after) < costPerWh(other, after)) {
                        found.add(new Worth.Overtaking(Figures.round(at.get(i), 2), one.name(), other.name()));
                    }
                }
            }
        }
        return found.stream().limit(MOST_SHOWN).toList();
    }
}
