package glowkettle.isolation;

import glowkettle.assess.Tier;
import glowkettle.finding.Figures;
import glowkettle.finding.Finding;
import glowkettle.finding.Result;
import glowkettle.finding.Says;
import glowkettle.finding.Within;
import glowkettle.finding.Working;
import glowkettle.limits.Limit;
import glowkettle.limits.ShopLimits;
import java.math.BigDecimal;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * Proposes a container for a pack and refuses an overfull one. A pack of tier Isolate has a container to itself; ordinary
 * removed packs share one up to its energy. Source: handbook, Assess.
 */
public final class ContainerChoice {
    private ContainerChoice() {}

    /** A pack held, with its energy when full: what is left in it is never counted on. */
    public record Held(
            @Says(value = "Label of the pack", longest = 120)
            String label,

            @Says("Tier when stored") Tier tier,

            @Says("Energy when full") @Within(min = "0", max = "100000", unit = "Wh")
            BigDecimal energyWh,

            @Says("What goes in: the pack alone, or the device with it") @Nullable
            Bulk bulk) {
        /** Of a size that nobody asked for. */
        public Held(String label, Tier tier, BigDecimal energyWh) {
            this(label, tier, energyWh, null);
        }
    }

    /** A container of the store and what it holds. */
    public record Container(
            @Says(value = "Id", longest = 40) String id,
            @Says(value = "Name", longest = 80) String name,

            @Says("Capacity") @Within(min = "0", max = "1000000", unit = "Wh")
            BigDecimal capacityWh,

            @Says("Most packs in it") @Within(min = "0", max = "10000", whole = true)
            int places,

            List<Held> holds,

            @Says("What it takes") @Nullable Bulk takes) {
        /** One that takes whatever there is. */
        public Container(String id, String name, BigDecimal capacityWh, int places, List<Held> holds) {
            this(id, name, capacityWh, places, holds, null);
        }

        public Container {
            holds = List.copyOf(holds);
        }

        public BigDecimal heldWh() {
            return holds.stream().map(Held::energyWh).reduce(BigDecimal.ZERO, BigDecimal::add);
        }
    }

    /** Why a container takes the pack or not. */
    public record Answer(boolean takes, String sum) {}

    public static Answer ask(Container container, Held pack, ShopLimits limits) {
        boolean isolated = pack.tier().atLeast(Tier.ISOLATE);
        boolean holdsIsolated =
                container.holds().stream().anyMatch(held -> held.tier().atLeast(Tier.ISOLATE));
        BigDecimal after = container.heldWh().add(pack.energyWh());
        BigDecimal most =
                isolated ? container.capacityWh() : container.capacityWh().min(limits.of(Limit.CONTAINER_WH));
        String sum = "%s held + %s = %s, at most %s"
                .formatted(
                        Figures.energy(container.heldWh()),
                        Figures.energy(pack.energyWh()),
                        Figures.energy(after),
                        Figures.energy(most));
        Bulk takes = container.takes();
        Bulk bulk = pack.bulk();
        if (takes != null && bulk != null && !bulk.fitsInto(takes)) {
            return new Answer(false, "takes %s; this is %s".formatted(takes.words(), bulk.words()));
        }
        if (isolated && !container.holds().isEmpty()) {
            return new Answer(
                    false,
                    "a pack of tier Isolate goes in alone; this holds "
                            + container.holds().size());
        }
        if (holdsIsolated) {
            return new Answer(false, "this holds a pack of tier Isolate, which stays alone");
        }
        if (container.holds().size() >= container.places()) {
            return new Answer(
                    false, "full: %s of %s places".formatted(container.holds().size(), container.places()));
        }
        return new Answer(after.compareTo(most) <= 0, sum);
    }

    /** The fullest shared container that still takes an ordinary pack; the smallest empty one for an isolated pack. */
    public static Result<Optional<Container>> propose(List<Container> containers, Held pack, ShopLimits limits) {
        Comparator<Container> order = pack.tier().atLeast(Tier.ISOLATE)
                ? Comparator.comparing(Container::capacityWh)
                : Comparator.comparing(Container::heldWh).reversed();
        Optional<Container> proposed = containers.stream()
                .filter(container -> ask(container, pack, limits).takes())
                .min(order.thenComparing(Container::id));
        List<Finding> findings = proposed.isPresent()
                ? List.of()
                : List.of(
                        Finding.stop(
                                "no-container",
                                "No container takes this pack: hand one over for disposal, set up another here, or stand it outdoors on bare ground with a guard. Never back to the shelf."));
        return new Result<>(
                proposed,
                findings,
                new Working(containers.stream()
                        .map(container -> container.name() + ": "
                                + ask(container, pack, limits).sum())
                        .toList()));
    }
}
