package glowkettle.free;

import glowkettle.finding.Figures;
import glowkettle.finding.Finding;
import glowkettle.finding.Quantity;
import glowkettle.finding.Result;
import glowkettle.finding.Says;
import glowkettle.finding.Weight;
import glowkettle.finding.Within;
import glowkettle.finding.Worded;
import glowkettle.finding.Working;
import glowkettle.limits.Limit;
import glowkettle.limits.ShopLimits;
import java.math.BigDecimal;
import java.math.MathContext;
import java.math.RoundingMode;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;

/**
 * How much solvent a bond takes, {@code V = A·g}, and how long it dries, {@code t = V·ρ/(flux·A_exposed)}: longer once a
 * part was lifted off it, longest in crevices, and never under the shop's least. Source: handbook, Free the pack.
 *
 * @param dry from when it lies open to the air; while a part covers it, it hardly dries at all
 */
public record Solvent(BigDecimal doseMl, Duration dwell, Duration dry) {
    /** What is used, at 90 % or more. */
    public enum Kind implements Worded {
        ISOPROPYL("isopropyl alcohol", Limit.ISOPROPYL_FLUX, Limit.ISOPROPYL_DENSITY),
        ETHYL("ethyl alcohol", Limit.ETHYL_FLUX, Limit.ETHYL_DENSITY);

        private final String words;
        private final Limit flux;
        private final Limit density;

        Kind(String words, Limit flux, Limit density) {
            this.words = words;
            this.flux = flux;
            this.density = density;
        }

        @Override
        public String words() {
            return words;
        }
    }

    /** How the wetted area lies. */
    public enum Lies implements Worded {
        OPEN("open"),
        UNDER_A_PART("under a part"),
        IN_CREVICES("in crevices under a part");

        private final String words;

        Lies(String words) {
            this.words = words;
        }

        @Override
        public String words() {
            return words;
        }
    }

    /** A use of solvent. */
    public record Use(
            @Says("Solvent") Kind kind,
            @Says("How the wetted area lies") Lies lies,

            @Says("Area of the bond") @Within(min = "1", max = "100000", unit = "mm²")
            BigDecimal bondMm2,

            @Says("Wetted area open to the air, once the part is off") @Within(min = "1", max = "200000", unit = "mm²")
            BigDecimal exposedMm2) {}

    public static Result<Solvent> of(Use use, ShopLimits limits) {
        BigDecimal doseMl = use.bondMm2().multiply(limits.of(Limit.FILM_MM)).movePointLeft(3);
        Duration dry = dry(doseMl, use, limits);
        BigDecimal shownMl = Figures.round(doseMl.doubleValue(), 2);
        BigDecimal dwellS = limits.of(Limit.DWELL_MINUTES).multiply(BigDecimal.valueOf(60));
        List<Finding> findings = new ArrayList<>();
        if (doseMl.compareTo(limits.of(Limit.SOLVENT_OPEN_ML)) > 0) {
            findings.add(new Finding(
                    "solvent-much",
                    Weight.STOP,
                    Quantity.of(shownMl, "mL"),
                    limits.applied(Limit.SOLVENT_OPEN_ML),
                    "More than may stand open at a bench: do it in parts, each dry before the next."));
        }
        if (use.lies() != Lies.OPEN) {
            findings.add(Finding.care(
                    "solvent-covered", "Under a part it hardly dries: the lock counts only from lift-off."));
        }
        Solvent solvent = new Solvent(shownMl, Duration.ofSeconds(dwellS.longValue()), dry);
        return new Result<>(solvent, findings, working(use, solvent, limits));
    }

    private static Duration dry(BigDecimal doseMl, Use use, ShopLimits limits) {
        BigDecimal grams = doseMl.multiply(limits.of(use.kind().density));
        BigDecimal gramsASecond =
                limits.of(use.kind().flux).multiply(use.exposedMm2()).movePointLeft(6);
        BigDecimal seconds = grams.divide(gramsASecond, MathContext.DECIMAL64).multiply(factor(use.lies(), limits));
        BigDecimal leastS = limits.of(Limit.DRY_LEAST_MINUTES).multiply(BigDecimal.valueOf(60));
        return Duration.ofSeconds(
                seconds.max(leastS).setScale(0, RoundingMode.CEILING).longValueExact());
    }

    private static BigDecimal factor(Lies lies, ShopLimits limits) {
        return switch (lies) {
            case OPEN -> BigDecimal.ONE;
            case UNDER_A_PART -> limits.of(Limit.DRY_LIFTED_FACTOR);
            case IN_CREVICES -> limits.of(Limit.DRY_CREVICE_FACTOR);
        };
    }

    private static Working working(Use use, Solvent solvent, ShopLimits limits) {
        return Working.of(
                "V = %s · %s mm = %s"
                        .formatted(
                                Figures.withUnit(use.bondMm2(), "mm²"),
                                Figures.of(limits.of(Limit.FILM_MM)),
                                Figures.withUnit(solvent.doseMl(), "mL")),
                "t = %s · %s g/mL / (%s g/m²s · %s) · %s, at least %s: %s"
                        .formatted(
                                Figures.withUnit(solvent.doseMl(), "mL"),
                                Figures.of(limits.of(use.kind().density)),
                                Figures.of(limits.of(use.kind().flux)),
                                Figures.withUnit(use.exposedMm2(), "mm²"),
                                Figures.of(factor(use.lies(), limits)),
                                limits.applied(Limit.DRY_LEAST_MINUTES),
                                Figures.withUnit(
                                        BigDecimal.valueOf(solvent.dry().toSeconds()), "s")));
    }
}
