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
 * Where conductors are cut so that no two joints lie side by side: conductor k stands back by {@code k · (sleeve + gap)}. The
 * device's lead stays as long as it is but for that; the pack's lead makes up path and slack. A joint takes no length. Source:
 * handbook, Join.
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
    }

    /** What is left of a conductor on either side, where conductors differ. */
    public record Lengths(
            @Says("On the device") @Within(min = "0", max = "2000", unit = "mm")
            BigDecimal deviceMm,

            @Says("On the pack") @Within(min = "0", max = "2000", unit = "mm")
            BigDecimal packMm) {}

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
        BigDecimal halfASleeve = Figures.plain(way.sleeveMm().multiply(HALF));
        List<Cut> cuts = new ArrayList<>();
        List<String> lines = new ArrayList<>();
        BigDecimal deviceMissing = BigDecimal.ZERO;
        BigDecimal packMissing = BigDecimal.ZERO;
        for (int k = 0; k < lengths.size(); k++) {
            Lengths lead = lengths.get(k);
            BigDecimal offset = way.offset(k);
            BigDecimal device = lead.deviceMm().subtract(offset);
            BigDecimal pack = way.whole().subtract(device);
            BigDecimal shortOnDevice = halfASleeve.subtract(device).max(BigDecimal.ZERO);
            BigDecimal shortOnPack = pack.subtract(lead.packMm()).max(BigDecimal.ZERO);
            deviceMissing = deviceMissing.max(shortOnDevice);
            packMissing = packMissing.max(shortOnPack);
            cuts.add(new Cut(
                    offset,
                    device.max(BigDecimal.ZERO),
                    pack.max(BigDecimal.ZERO),
                    shortOnDevice.signum() == 0 && shortOnPack.signum() == 0));
            lines.add("%s: %s − %s · (%s + %s) = %s; %s + %s − %s = %s"
                    .formatted(
                            k + 1,
                            Figures.withUnit(lead.deviceMm(), "mm"),
                            k,
                            Figures.of(way.sleeveMm()),
                            Figures.withUnit(way.gapMm(), "mm"),
                            Figures.withUnit(device, "mm"),
                            Figures.of(way.pathMm()),
                            Figures.of(way.slackMm()),
                            Figures.of(device),
                            Figures.withUnit(pack, "mm")));
        }
        List<String> remedies =
                new SpliceRemedies(way, lengths, deviceMissing, packMissing, limits.of(Limit.SLEEVE_LEAST_MM)).words();
        return new Result<>(
                new Splices(cuts, deviceMissing.max(packMissing), remedies),
                findings(deviceMissing, packMissing, remedies),
                new Working(lines));
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

    private static List<Finding> findings(BigDecimal deviceMissing, BigDecimal packMissing, List<String> remedies) {
        List<Finding> findings = new ArrayList<>();
        findings.add(Finding.care("splice-sleeve-first", "Each sleeve goes on before its joint is soldered."));
        findings.add(Finding.note("splice-surplus", "Tie what is left over clear of speakers and screw posts."));
        if (packMissing.signum() > 0) {
            findings.add(missing("splice-pack-short", "The pack's leads are", packMissing, remedies));
        }
        if (deviceMissing.signum() > 0) {
            findings.add(missing("splice-device-short", "The device's leads are", deviceMissing, remedies));
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
