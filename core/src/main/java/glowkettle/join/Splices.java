package glowkettle.join;

import glowkettle.finding.Figures;
import glowkettle.finding.Finding;
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
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * Where conductors are cut so that no two joints lie side by side: the device's sides are of one length, conductor k cut back
 * from it by {@code k · (sleeve + gap)}; at least half a sleeve stays before each joint on either side. The pack's lead makes
 * up path and slack. A joint takes no length. Source: handbook, Join.
 *
 * @param cuts in the order of the conductors
 * @param missingMm by how much the worst conductor is too short; 0 when all are long enough
 * @param remedies what would do, when something is missing
 */
public record Splices(List<Cut> cuts, BigDecimal missingMm, List<String> remedies) {
    private static final BigDecimal HALF = new BigDecimal("0.5");

    /** The way, and what goes over each joint. */
    public record Way(
            @Says("Path between pad and pack") @Within(min = "1", max = "2000", unit = "mm")
            BigDecimal pathMm,

            @Says("Slack") @Within(min = "0", max = "500", unit = "mm")
            BigDecimal slackMm,

            @Says("Sleeve") @Within(min = "1", max = "100", unit = "mm")
            BigDecimal sleeveMm,

            @Says("Gap between sleeves") @Within(min = "0", max = "50", unit = "mm")
            BigDecimal gapMm) {
        BigDecimal whole() {
            return pathMm.add(slackMm);
        }

        BigDecimal offset(int conductor) {
            return sleeveMm.add(gapMm).multiply(BigDecimal.valueOf(conductor));
        }

        BigDecimal halfASleeve() {
            return Figures.plain(sleeveMm.multiply(HALF));
        }

        Way withSlack(BigDecimal otherMm) {
            return new Way(pathMm, otherMm, sleeveMm, gapMm);
        }

        Way withSleeve(BigDecimal otherMm) {
            return new Way(pathMm, slackMm, otherMm, gapMm);
        }
    }

    /** What is left of a conductor on either side, where conductors differ. */
    public record Lengths(
            @Says("On the device") @Within(min = "0", max = "2000", unit = "mm")
            BigDecimal deviceMm,

            @Says("On the pack") @Within(min = "0", max = "2000", unit = "mm")
            BigDecimal packMm) {
        Lengths longer(BigDecimal onDeviceMm, BigDecimal onPackMm) {
            return new Lengths(deviceMm.add(onDeviceMm), packMm.add(onPackMm));
        }
    }

    /** So many conductors, all alike or each with its own lengths. */
    public record Request(
            @Says("Conductors") @Within(min = "1", max = "12", whole = true)
            BigDecimal conductors,

            @Says("Lead left on the device") @Within(min = "0", max = "2000", unit = "mm") @Nullable
            BigDecimal deviceMm,

            @Says("Lead of the pack") @Within(min = "0", max = "2000", unit = "mm") @Nullable
            BigDecimal packMm,

            @glowkettle.finding.Flat Way way,

            @Says("Lengths, where they differ, one for each conductor") @Nullable
            List<Lengths> lengths) {}

    /**
     * One conductor.
     *
     * @param offsetMm its joint stands back by this
     * @param deviceMm the device's lead is cut to this
     * @param packMm the pack's lead is cut to this
     */
    public record Cut(BigDecimal offsetMm, BigDecimal deviceMm, BigDecimal packMm, boolean enough) {}

    public Splices {
        cuts = List.copyOf(cuts);
        remedies = List.copyOf(remedies);
    }

    public static Result<Splices> of(Request request, ShopLimits limits) {
        List<Lengths> lengths = lengths(request);
        Way way = request.way();
        Shortfall shortfall = Shortfall.of(way, lengths);
        BigDecimal one = Shortfall.oneLengthMm(way, lengths);
        List<Cut> cuts = new ArrayList<>();
        List<String> lines = new ArrayList<>(List.of("device sides: at most %s, and %s + %s − %s / 2: %s"
                .formatted(
                        Figures.withUnit(Shortfall.shortestDeviceMm(lengths), "mm"),
                        Figures.of(way.pathMm()),
                        Figures.of(way.slackMm()),
                        Figures.withUnit(way.sleeveMm(), "mm"),
                        Figures.withUnit(one, "mm"))));
        for (int k = 0; k < lengths.size(); k++) {
            BigDecimal offset = way.offset(k);
            BigDecimal device = one.subtract(offset);
            BigDecimal pack = way.whole().subtract(device);
            boolean enough = device.compareTo(way.halfASleeve()) >= 0
                    && pack.compareTo(way.halfASleeve()) >= 0
                    && pack.compareTo(lengths.get(k).packMm()) <= 0;
            cuts.add(new Cut(offset, device.max(BigDecimal.ZERO), pack.max(BigDecimal.ZERO), enough));
            lines.add("%s: %s − %s · (%s + %s) = %s; %s + %s − %s = %s"
                    .formatted(
                            k + 1,
                            Figures.withUnit(one, "mm"),
                            k,
                            Figures.of(way.sleeveMm()),
                            Figures.withUnit(way.gapMm(), "mm"),
                            Figures.withUnit(device, "mm"),
                            Figures.of(way.pathMm()),
                            Figures.of(way.slackMm()),
                            Figures.of(device),
                            Figures.withUnit(pack, "mm")));
        }
        List<String> remedies = new SpliceRemedies(way, lengths, limits.of(Limit.SLEEVE_LEAST_MM)).words();
        return new Result<>(
                new Splices(cuts, shortfall.worstMm(), remedies), findings(shortfall, remedies), new Working(lines));
    }

    private static List<Lengths> lengths(Request request) {
        int count = request.conductors().intValue();
        if (request.lengths() != null && !request.lengths().isEmpty()) {
            if (request.lengths().size() != count) {
                throw new Unanswerable(
                        "lengths",
                        "%s lengths for %s conductors; give one for each"
                                .formatted(request.lengths().size(), count));
            }
            return request.lengths();
        }
        BigDecimal device = Optional.ofNullable(request.deviceMm())
                .orElseThrow(() -> new Unanswerable("deviceMm", "Measure what is left on the device, in mm"));
        BigDecimal pack = Optional.ofNullable(request.packMm())
                .orElseThrow(() -> new Unanswerable("packMm", "Measure the pack's leads, in mm"));
        return java.util.Collections.nCopies(count, new Lengths(device, pack));
    }

    private static List<Finding> findings(Shortfall shortfall, List<String> remedies) {
        List<Finding> findings = new ArrayList<>();
        findings.add(Finding.care("splice-sleeve-first", "Each sleeve goes on before its joint is soldered."));
        findings.add(Finding.note("splice-surplus", "Tie what is left over clear of speakers and screw posts."));
        if (shortfall.packMm().signum() > 0) {
            findings.add(missing("splice-pack-short", "The pack's leads are", shortfall.packMm(), remedies));
        }
        if (shortfall.deviceMm().signum() > 0) {
            findings.add(missing("splice-device-short", "The device's leads are", shortfall.deviceMm(), remedies));
        }
        if (shortfall.wayMm().signum() > 0) {
            findings.add(missing(
                    "splice-way-short", "For joints that lie apart, path and slack are", shortfall.wayMm(), remedies));
        }
        return findings;
    }

    private static Finding missing(String rule, String what, BigDecimal missing, List<String> remedies) {
        return new Finding(
                rule,
                Weight.STOP,
                Quantity.of(missing, "mm"),
                null,
                "%s %s too short. What would do: %s."
                        .formatted(what, Figures.withUnit(missing, "mm"), String.join("; ", remedies)));
    }
}
