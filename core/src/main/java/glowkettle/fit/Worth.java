package glowkettle.fit;

import glowkettle.finding.Figures;
import glowkettle.finding.Finding;
import glowkettle.finding.Flat;
import glowkettle.finding.Result;
import glowkettle.finding.Says;
import glowkettle.finding.Unanswerable;
import glowkettle.finding.Weight;
import glowkettle.finding.Within;
import glowkettle.finding.Worded;
import glowkettle.finding.Working;
import glowkettle.limits.Limit;
import glowkettle.limits.ShopLimits;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/**
 * Packs that are offered, by what a watt-hour costs that they will really deliver. Over one pack's life:
 * {@code price / (E · cycles · 0.9)}. Over years kept: {@code (n · price + (n − 1) · labour) / (years · cycles a year · E ·
 * 0.9)} with {@code n = ⌈years · cycles a year / cycles⌉} packs. E is what can be used: the smaller of the claim and the most
 * that can be true, or the measured energy instead of both, by the share that the device will fill. Source: handbook, Fit.
 *
 * @param cheapest name of the offer that costs least and is not refused: over the planned years where they are given, else
 *     over one pack's life; null when all are refused
 */
public record Worth(List<Judged> offers, @Nullable String cheapest, List<Overtaking> overtakings) {
    /** So many are compared. */
    public static final int MOST_OFFERS = 4;

    private static final int COST_DECIMALS = 6;

    /** Where a pack comes from, with the limit on the cycles to be expected of it. */
    public enum Source implements Worded {
        MAKER("maker's part", Limit.CYCLES_MAKER),
        KNOWN("known brand", Limit.CYCLES_KNOWN),
        UNNAMED("unnamed part", Limit.CYCLES_UNNAMED),
        REBUILT("rebuilt pack", Limit.CYCLES_REBUILT);

        private final String words;
        private final Limit cycles;

        Source(String words, Limit cycles) {
            this.words = words;
            this.cycles = cycles;
        }

        @Override
        public String words() {
            return words;
        }
    }

    /** One pack that can be had. */
    public record Offer(
            @Says(value = "Name", longest = 80) String name,

            @Says("Kind") Source kind,

            @Says("Price") @Within(min = "0", max = "100000")
            BigDecimal price,

            @Flat Energy energy,

            @Says("Cycles to 80 %, where the offer says") @Within(min = "20", max = "20000", whole = true) @Nullable
            BigDecimal cyclesTo80,

            @Flat Terms terms) {}

    /** What is in it, as far as anybody knows. */
    public record Energy(
            @Says("Claimed energy") @Within(min = "0.001", max = "100000", unit = "Wh")
            BigDecimal claimedWh,

            @Says("The most that can be true") @Within(min = "0.001", max = "100000", unit = "Wh") @Nullable
            BigDecimal mostWh,

            @Says("Measured energy") @Within(min = "0.001", max = "100000", unit = "Wh") @Nullable
            BigDecimal measuredWh,

            @Says("Share the device will fill") @Within(min = "1", max = "100", unit = "%") @Nullable
            BigDecimal usableSharePercent) {}

    /** What else is agreed, and whether it goes in at all. */
    public record Terms(
            @Says("Warranty") @Within(min = "0", max = "240", unit = "months") @Nullable
            BigDecimal warrantyMonths,

            @Says("Lead time") @Within(min = "0", max = "365", unit = "days") @Nullable
            BigDecimal leadTimeDays,

            @Says("Verdict of the comparison") @Nullable Verdict verdict) {}

    /** Up to four offers, and how long the device is to be kept. */
    public record Request(
            @Says("Offers") List<Offer> offers,

            @Says("Years it is kept") @Within(min = "0.1", max = "30", unit = "years") @Nullable
            BigDecimal years,

            @Says("Cycles a year") @Within(min = "1", max = "2000") @Nullable
            BigDecimal cyclesPerYear,

            @Says("Labour of one more exchange") @Within(min = "0", max = "100000") @Nullable
            BigDecimal labour) {
        public Request {
            offers = List.copyOf(offers);
        }
    }

    /**
     * An offer in figures.
     *
     * @param usableWh what can be used of it when it is new
     * @param costPerWh over the life of one pack
     * @param packsNeeded in the planned years; null without them
     * @param plannedCost packs and labour of those years; null without them
     * @param plannedCostPerWh the same for a watt-hour; null without them
     */
    public record Judged(
            String name,
            BigDecimal usableWh,
            BigDecimal cyclesTo80,
            BigDecimal costPerWh,
            @Nullable BigDecimal packsNeeded,
            @Nullable BigDecimal plannedCost,
            @Nullable BigDecimal plannedCostPerWh,
            boolean refused) {
        private BigDecimal decides() {
            return plannedCostPerWh == null ? costPerWh : plannedCostPerWh;
        }
    }

    /** From so many years on another offer is the cheaper one of two. */
    public record Overtaking(BigDecimal afterYears, String cheaper, String dearer) {}

    public Worth {
        offers = List.copyOf(offers);
        overtakings = List.copyOf(overtakings);
    }

    public static Result<Worth> of(Request request, ShopLimits limits) {
        check(request);
        BigDecimal perYear = cyclesPerYear(request, limits);
        List<String> lines = new ArrayList<>();
        List<Finding> findings = new ArrayList<>();
        List<Judged> judged = request.offers().stream()
                .map(offer -> judge(offer, request, perYear, limits, lines, findings))
                .toList();
        String cheapest = judged.stream()
                .filter(offer -> !offer.refused())
                .min(Comparator.comparing(Judged::decides))
                .map(Judged::name)
                .orElse(null);
        if (cheapest == null) {
            findings.add(Finding.stop("worth-none", "None of these goes in: whatever it costs, ask for another."));
        }
        List<Overtaking> overtakings = request.years() == null
                ? List.of()
                : WorthOverYears.of(request, limits).overtakings();
        return new Result<>(new Worth(judged, cheapest, overtakings), findings, new Working(lines));
    }

    private static void check(Request request) {
        int count = request.offers().size();
        if (count == 0 || count > MOST_OFFERS) {
            throw new Unanswerable(
                    "offers", "%s packs are offered; 1 to %s are compared".formatted(count, MOST_OFFERS));
        }
        if (request.offers().stream().map(Offer::name).distinct().count() < count) {
            throw new Unanswerable("offers", "Two offers have the same name; give each its own");
        }
        if (request.years() != null && request.labour() == null) {
            throw new Unanswerable("labour", "Every further pack has to be put in: say what that costs, 0 if nothing");
        }
    }

    static BigDecimal cyclesPerYear(Request request, ShopLimits limits) {
        return Objects.requireNonNullElseGet(request.cyclesPerYear(), () -> limits.of(Limit.CYCLES_A_YEAR));
    }

    static BigDecimal cycles(Offer offer, ShopLimits limits) {
        return Objects.requireNonNullElseGet(offer.cyclesTo80(), () -> limits.of(offer.kind().cycles));
    }

    /** What can be used of it when it is new, in Wh. */
    static BigDecimal usableWh(Offer offer) {
        Energy energy = offer.energy();
        BigDecimal held = energy.measuredWh() != null
                ? energy.measuredWh()
                : energy.mostWh() == null
                        ? energy.claimedWh()
                        : energy.claimedWh().min(energy.mostWh());
        return energy.usableSharePercent() == null
                ? held
                : held.multiply(energy.usableSharePercent()).movePointLeft(2);
    }

    /** How many of them it takes; a pack that is just used up is not yet followed by another. */
    static BigDecimal packs(BigDecimal cyclesWanted, BigDecimal cyclesTo80) {
        return cyclesWanted.divide(cyclesTo80, 0, RoundingMode.CEILING).max(BigDecimal.ONE);
    }

    private static Judged judge(
            Offer offer,
            Request request,
            BigDecimal perYear,
            ShopLimits limits,
            List<String> lines,
            List<Finding> findings) {
        BigDecimal usable = usableWh(offer);
        BigDecimal cycles = cycles(offer, limits);
        BigDecimal share = limits.of(Limit.LIFE_MEAN_PERCENT).movePointLeft(2);
        BigDecimal cost = perWh(offer.price(), usable, cycles, share);
        lines.add("%s: %s / (%s · %s · %s) = %s per Wh"
                .formatted(
                        offer.name(),
                        Figures.of(offer.price()),
                        Figures.energy(usable),
                        Figures.of(cycles),
                        Figures.of(Figures.plain(share)),
                        Figures.of(cost)));
        doubts(offer, limits, findings);
        boolean refused = offer.terms().verdict() == Verdict.REFUSED;
        if (request.years() == null || request.labour() == null) {
            return new Judged(offer.name(), wattHours(usable), cycles, cost, null, null, null, refused);
        }
        BigDecimal wanted = request.years().multiply(perYear);
        BigDecimal packs = packs(wanted, cycles);
        BigDecimal whole =
                packs.multiply(offer.price()).add(packs.subtract(BigDecimal.ONE).multiply(request.labour()));
        BigDecimal planned = perWh(whole, usable, wanted, share);
        lines.add("%s, %s kept: n = %s, (%s · %s + %s · %s) / (%s · %s · %s) = %s per Wh"
                .formatted(
                        offer.name(),
                        Figures.withUnit(request.years(), "years"),
                        Figures.of(packs),
                        Figures.of(packs),
                        Figures.of(offer.price()),
                        Figures.of(packs.subtract(BigDecimal.ONE)),
                        Figures.of(request.labour()),
                        Figures.of(Figures.plain(wanted)),
                        Figures.energy(usable),
                        Figures.of(Figures.plain(share)),
                        Figures.of(planned)));
        return new Judged(offer.name(), wattHours(usable), cycles, cost, packs, Figures.plain(whole), planned, refused);
    }

    private static BigDecimal perWh(BigDecimal money, BigDecimal usableWh, BigDecimal cycles, BigDecimal share) {
        return money.divide(usableWh.multiply(cycles).multiply(share), COST_DECIMALS, RoundingMode.HALF_UP);
    }

    private static BigDecimal wattHours(BigDecimal usable) {
        return Figures.round(usable.doubleValue(), 2);
    }

    private static void doubts(Offer offer, ShopLimits limits, List<Finding> findings) {
        Energy energy = offer.energy();
        if (offer.terms().verdict() == Verdict.REFUSED) {
            findings.add(Finding.stop(
                    "worth-refused", "%s is refused: its price is no reason to take it.".formatted(offer.name())));
        }
        if (energy.measuredWh() == null
                && energy.mostWh() != null
                && energy.claimedWh().compareTo(energy.mostWh()) > 0) {
            findings.add(new Finding(
                    "worth-claim",
                    Weight.CARE,
                    null,
                    null,
                    "%s claims %s; reckoned with the most that can be true, %s."
                            .formatted(
                                    offer.name(),
                                    Figures.energy(energy.claimedWh()),
                                    Figures.energy(energy.mostWh()))));
        }
        if (energy.measuredWh() == null && energy.mostWh() == null) {
            findings.add(Finding.care(
                    "worth-unchecked",
                    "%s is taken at its word: its size and mass would show the most that can be true."
                            .formatted(offer.name())));
        }
        if (offer.cyclesTo80() == null) {
            findings.add(new Finding(
                    "worth-cycles",
                    Weight.NOTE,
                    null,
                    limits.applied(offer.kind().cycles),
                    "%s does not say how many cycles it lasts; reckoned as %s."
                            .formatted(offer.name(), offer.kind().words())));
        }
    }
}
