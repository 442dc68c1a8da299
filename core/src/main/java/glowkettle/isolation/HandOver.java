package glowkettle.isolation;

import glowkettle.finding.Figures;
import glowkettle.finding.Finding;
import glowkettle.finding.Result;
import glowkettle.finding.RuleId;
import glowkettle.finding.Says;
import glowkettle.finding.Weight;
import glowkettle.finding.Within;
import glowkettle.finding.Working;
import glowkettle.limits.Limit;
import glowkettle.limits.ShopLimits;
import java.math.BigDecimal;
import java.math.MathContext;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * Packs handed over for disposal, with totals and the usual guidance on their transport. Damaged packs go one by one and
 * without the relief for small packs; no waste pack goes by air. Source: handbook, Hand back.
 */
public record HandOver(
        List<Line> lines, BigDecimal totalWh, @Nullable BigDecimal totalMassG, int damaged) {
    /** What packs to hand over are judged from. */
    public record Packs(List<Pack> packs) {
        public Packs {
            packs = List.copyOf(packs);
        }
    }

    /** A pack that leaves. */
    public record Pack(
            @Says(value = "Id", longest = 60) String id,
            @Says(value = "Chemistry", longest = 80) String chemistry,

            @Says("Energy when full") @Within(min = "0", max = "100000", unit = "Wh")
            BigDecimal energyWh,

            @Says("Cells") @Within(min = "1", max = "3000", whole = true)
            BigDecimal cells,

            @Says("Mass") @Within(min = "0.1", max = "100000", unit = "g") @Nullable
            BigDecimal massG,

            @Says("Damaged or defective") Boolean damaged,
            @Says(value = "Container", longest = 80) String container) {}

    /** A pack in the list, with what its size and state mean for its transport. */
    public record Line(Pack pack, boolean small, String guidance) {}

    public HandOver {
        lines = List.copyOf(lines);
    }

    public static Result<HandOver> of(Packs handed, ShopLimits limits) {
        List<Line> lines =
                handed.packs().stream().map(pack -> line(pack, limits)).toList();
        BigDecimal totalWh = handed.packs().stream().map(Pack::energyWh).reduce(BigDecimal.ZERO, BigDecimal::add);
        boolean weighed = handed.packs().stream().noneMatch(pack -> pack.massG() == null);
        BigDecimal totalMassG = !weighed
                ? null
                : handed.packs().stream()
                        .map(pack -> java.util.Objects.requireNonNull(pack.massG()))
                        .reduce(BigDecimal.ZERO, BigDecimal::add);
        int damaged = (int) handed.packs().stream().filter(Pack::damaged).count();
        List<Finding> findings = new ArrayList<>();
        findings.add(Finding.care("no-air", "Never by air: waste packs are not flown."));
        if (damaged > 0) {
            findings.add(Finding.stop(
                    "damaged-one-by-one",
                    "%s damaged or defective: packed one by one, without the relief for small packs."
                            .formatted(damaged)));
        }
        if (!weighed) {
            findings.add(new Finding(
                    RuleId.missing("mass"),
                    Weight.CARE,
                    null,
                    null,
                    "Weigh the packs without a mass before the carrier asks."));
        }
        findings.add(Finding.note("usual-guidance", "Usual guidance: check your local rules and your carrier."));
        return new Result<>(
                new HandOver(lines, totalWh, totalMassG, damaged),
                findings,
                Working.of("%s packs, %s in all".formatted(lines.size(), Figures.energy(totalWh))));
    }

    private static Line line(Pack pack, ShopLimits limits) {
        boolean small = small(pack, limits);
        String guidance = pack.damaged()
                ? "damaged or defective: packed alone, no relief"
                : small ? "small pack" : "larger than a small pack";
        return new Line(pack, small && !pack.damaged(), guidance);
    }

    private static boolean small(Pack pack, ShopLimits limits) {
        BigDecimal perCell = pack.energyWh().divide(pack.cells(), MathContext.DECIMAL64);
        boolean single = pack.cells().compareTo(BigDecimal.ONE) <= 0;
        return perCell.compareTo(limits.of(Limit.SMALL_CELL_WH)) <= 0
                && (single || pack.energyWh().compareTo(limits.of(Limit.SMALL_BATTERY_WH)) <= 0);
    }
}
