package glowkettle.fit;

import glowkettle.cell.Body;
import glowkettle.finding.Figures;
import glowkettle.finding.Finding;
import glowkettle.finding.Flat;
import glowkettle.finding.Quantity;
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
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/**
 * Can the label be true? Claimed energy by volume and by mass against what such a body can hold at most; the worse of the
 * two decides. Source: handbook, Fit.
 */
public final class Honesty {
    private Honesty() {}

    /** What is claimed, and the body it is claimed of. Round cells by their bare size, as in the size code. */
    public record Claim(
            @Says("Nominal voltage") @Within(min = "1", max = "120", unit = "V")
            BigDecimal nominalV,

            @Says("Claimed capacity") @Within(min = "1", max = "1000000", unit = "mAh")
            BigDecimal capacityMah,

            @Says("Body") Body body,

            @Says("Cells in the body; 1 when not said") @Within(min = "1", max = "3000", whole = true) @Nullable
            BigDecimal cells,

            @Flat Outer size,

            @Says("Cells inside are of size") @Nullable RoundSize roundSize,

            @Says("Volume of one flat cell inside a case, where it is known")
            @Within(min = "0.05", max = "1000", unit = "mL")
            @Nullable
            BigDecimal cellVolumeMl,

            @Says("Mass") @Within(min = "0.1", max = "100000", unit = "g") @Nullable
            BigDecimal massG) {}

    /** The body's size; a case may be thicker than any pack that goes into a device. */
    public record Outer(
            @Says("Thickness; the diameter of a round cell") @Within(min = "0.3", max = "200", unit = "mm") @Nullable
            BigDecimal thicknessMm,

            @Says("Width; not needed for a round cell") @Within(min = "1", max = "1000", unit = "mm") @Nullable
            BigDecimal widthMm,

            @Says("Length") @Within(min = "1", max = "1000", unit = "mm") @Nullable
            BigDecimal lengthMm) {}

    /** Round cells with a ceiling of their own. */
    public enum RoundSize {
        R18650,
        R21700,
        OTHER
    }

    /** How far a label can be believed. */
    public enum Belief implements Worded {
        BELIEVABLE("believable"),
        HIGH("high"),
        NOT_CREDIBLE("not credible");

        private final String words;

        Belief(String words) {
            this.words = words;
        }

        @Override
        public String words() {
            return words;
        }
    }

    /**
     * The judgement, with the most that could be true.
     *
     * @param usualFromMah capacity usual for the mass, lower end; null without a mass
     */
    public record Judgement(
            Belief belief,
            BigDecimal claimedWh,
            @Says("Energy by volume") @Nullable BigDecimal whPerL,
            @Says("Energy by mass") @Nullable BigDecimal whPerKg,
            @Says("The most that can be true") BigDecimal mostMah,
            @Says("Usual from") @Nullable BigDecimal usualFromMah,
            @Says("Usual to") @Nullable BigDecimal usualToMah) {}

    public static Result<Judgement> judge(Claim claim, ShopLimits limits) {
        double volumeL = HonestVolume.litres(claim, limits);
        if (Double.isNaN(volumeL) && claim.massG() == null) {
            throw new Unanswerable(
                    "massG", "Give the size or the mass; without either nothing can be said of the label");
        }
        double claimedWh =
                claim.nominalV().multiply(claim.capacityMah()).movePointLeft(3).doubleValue();
        List<String> lines = new ArrayList<>();
        lines.add("claim = %s · %s = %s"
                .formatted(
                        Figures.withUnit(claim.nominalV(), "V"),
                        Figures.withUnit(claim.capacityMah(), "mAh"),
                        Figures.withUnit(claimedWh, 2, "Wh")));
        double share = 0;
        double mostWh = Double.POSITIVE_INFINITY;
        List<Finding> findings = new ArrayList<>();
        Limit volumeLimit = null;
        if (!Double.isNaN(volumeL)) {
            volumeLimit = HonestVolume.ceiling(claim, volumeL, limits);
            double ceiling = HonestVolume.ceilingWhPerL(claim, volumeLimit, limits);
            share = claimedWh / volumeL / ceiling;
            mostWh = ceiling * volumeL;
            lines.add("%s / %s = %s, at most %s"
                    .formatted(
                            Figures.withUnit(claimedWh, 2, "Wh"),
                            Figures.withUnit(volumeL * 1000, 2, "mL"),
                            Figures.withUnit(claimedWh / volumeL, 0, "Wh/L"),
                            Figures.withUnit(ceiling, 0, "Wh/L")));
        }
        double massKg = claim.massG() == null ? Double.NaN : claim.massG().doubleValue() / 1000;
        if (!Double.isNaN(massKg)) {
            double ceiling = limits.number(Limit.CEILING_MASS_WHKG);
            share = Math.max(share, claimedWh / massKg / ceiling);
            mostWh = Math.min(mostWh, ceiling * massKg);
            lines.add("%s / %s = %s, at most %s"
                    .formatted(
                            Figures.withUnit(claimedWh, 2, "Wh"),
                            Figures.withUnit(massKg * 1000, 1, "g"),
                            Figures.withUnit(claimedWh / massKg, 0, "Wh/kg"),
                            limits.applied(Limit.CEILING_MASS_WHKG)));
        } else {
            findings.add(Finding.care("no-mass", "Weigh it: a kitchen scale catches what the size lets through."));
        }
        Belief belief = belief(share, limits);
        double nominal = claim.nominalV().doubleValue();
        Judgement judgement = new Judgement(
                belief,
                Figures.round(claimedWh, 2),
                Double.isNaN(volumeL) ? null : Figures.round(claimedWh / volumeL, 0),
                Double.isNaN(massKg) ? null : Figures.round(claimedWh / massKg, 0),
                Figures.round(mostWh / nominal * 1000, 0),
                usual(massKg, nominal, Limit.USUAL_MASS_FROM_WHKG, limits),
                usual(massKg, nominal, Limit.USUAL_MASS_TO_WHKG, limits));
        findings.add(new Finding(
                rule(belief),
                belief == Belief.NOT_CREDIBLE ? Weight.STOP : belief == Belief.HIGH ? Weight.CARE : Weight.NOTE,
                Quantity.rounded(share * 100, 0, "% of the ceiling"),
                limits.applied(Objects.requireNonNullElse(volumeLimit, Limit.CEILING_MASS_WHKG)),
                sentence(judgement, claim)));
        return new Result<>(judgement, findings, new Working(lines));
    }

    /** The rule whose finding says how far a label is believed. */
    static String rule(Belief belief) {
        return "label-" + belief.name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    private static Belief belief(double share, ShopLimits limits) {
        if (share > 1) {
            return Belief.NOT_CREDIBLE;
        }
        return share * 100 >= limits.number(Limit.HONESTY_HIGH_PERCENT) ? Belief.HIGH : Belief.BELIEVABLE;
    }

    private static @Nullable BigDecimal usual(double massKg, double nominalV, Limit density, ShopLimits limits) {
        return Double.isNaN(massKg) ? null : Figures.round(limits.number(density) * massKg / nominalV * 1000, 0);
    }

    private static String sentence(Judgement judgement, Claim claim) {
        String claimed = Figures.withUnit(claim.capacityMah(), "mAh");
        String most = Figures.withUnit(judgement.mostMah(), "mAh");
        return switch (judgement.belief()) {
            case NOT_CREDIBLE ->
                "Not credible: a body like this holds at most " + most + ", the label says " + claimed + ".";
            case HIGH -> "High, but possible: at most " + most + " fit in such a body.";
            case BELIEVABLE -> "Believable: a body like this can hold " + claimed + ".";
        };
    }
}
