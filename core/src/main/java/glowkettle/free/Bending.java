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
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * Strain of a pack's face from how far it was bent: {@code ε = 4·t·d/L²} for a sagitta d over a chord L, {@code ε = t·d/L²}
 * for one end lifted by d. Source: handbook, Free the pack; a beam's outer fibre in pure bending.
 */
public record Bending(BigDecimal faceStrainPercent, boolean scrap) {
    /** How it was bent. */
    public enum Shape implements Worded {
        BOWED("bowed between two points"),
        ONE_END_LIFTED("one end lifted");

        private final String words;

        Shape(String words) {
            this.words = words;
        }

        @Override
        public String words() {
            return words;
        }
    }

    /** What was seen. */
    public record Bend(
            @Says("How it was bent") Shape shape,

            @Says("How far, at the most") @Within(min = "0", max = "100", unit = "mm")
            BigDecimal bentMm,

            @Says("Over which length") @Within(min = "5", max = "1000", unit = "mm")
            BigDecimal overMm,

            @Says("Thickness of the pack") @Within(min = "0.3", max = "100", unit = "mm")
            BigDecimal thicknessMm,

            @Says("A crease stayed") @Nullable Boolean creased) {}

    /** Unrounded, so that a limit is neither missed nor met by a rounding. */
    public static BigDecimal strainPercent(Bend bend) {
        return bend.thicknessMm()
                .multiply(bend.bentMm())
                .multiply(BigDecimal.valueOf(bend.shape() == Shape.BOWED ? 400 : 100))
                .divide(bend.overMm().multiply(bend.overMm()), MathContext.DECIMAL64);
    }

    public static Result<Bending> of(Bend bend, ShopLimits limits) {
        boolean bowed = bend.shape() == Shape.BOWED;
        BigDecimal percent = strainPercent(bend);
        boolean scrap = percent.compareTo(limits.of(Limit.STRAIN_BENT_PERCENT)) >= 0;
        BigDecimal shown = Figures.round(percent.doubleValue(), 2);
        List<Finding> findings = new ArrayList<>();
        if (Boolean.TRUE.equals(bend.creased())) {
            findings.add(Finding.stop("creased", "A crease folds the layers inside: Isolate, whatever it measures."));
        }
        if (scrap) {
            findings.add(new Finding(
                    "bent",
                    Weight.STOP,
                    Quantity.of(shown, "%"),
                    limits.applied(Limit.STRAIN_BENT_PERCENT),
                    "Bent this far the pack is scrap and never charged again."));
        } else if (percent.compareTo(limits.of(Limit.STRAIN_WARN_PERCENT)) >= 0) {
            findings.add(new Finding(
                    "bends",
                    Weight.CARE,
                    Quantity.of(shown, "%"),
                    limits.applied(Limit.STRAIN_WARN_PERCENT),
                    "Stop lifting here: go in from another side, wider and flatter."));
        }
        return new Result<>(
                new Bending(shown, scrap),
                findings,
                Working.of("ε = %s%s · %s / (%s)² = %s"
                        .formatted(
                                bowed ? "4 · " : "",
                                Figures.withUnit(bend.thicknessMm(), "mm"),
                                Figures.withUnit(bend.bentMm(), "mm"),
                                Figures.withUnit(bend.overMm(), "mm"),
                                Figures.withUnit(shown, "%"))));
    }
}
