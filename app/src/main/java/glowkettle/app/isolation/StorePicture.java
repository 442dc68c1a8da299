package glowkettle.app.isolation;

import glowkettle.assess.Tier;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.Duration;
import java.time.Instant;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * The store as it is drawn: every container with what it holds, how full it is, and when it is looked at next.
 *
 * @param waiting packs lifted out that nobody has put into a container
 */
public record StorePicture(List<Shelf> shelves, List<Pack> waiting, Instant now) {
    /** A round takes along what falls due while it is walked. */
    private static final Duration ROUND = Duration.ofMinutes(10);

    /** A pack as the store knows it. */
    public record Pack(
            long job,
            String label,
            Tier tier,
            BigDecimal energyWh,
            Instant since,
            @Nullable Reading last) {
        static Pack of(StoredPackMapper.PackRow row) {
            Reading last = row.lookedAt() == null || row.surfaceC() == null || row.ambientC() == null
                    ? null
                    : new Reading(row.lookedAt(), row.surfaceC(), row.ambientC());
            return new Pack(row.job(), row.label(), Tier.valueOf(row.tier()), row.energyWh(), row.since(), last);
        }
    }

    /** A look of the watch. */
    public record Reading(Instant at, BigDecimal surfaceC, BigDecimal ambientC) {}

    /** A container and its packs. */
    public record Shelf(
            String id,
            String name,
            BigDecimal capacityWh,
            int places,
            boolean outdoors,
            List<Pack> packs,
            @Nullable Instant nextLook,
            boolean goesOutdoors) {
        public BigDecimal heldWh() {
            return packs.stream().map(Pack::energyWh).reduce(BigDecimal.ZERO, BigDecimal::add);
        }

        /** How full, in percent of its energy. */
        public int fillPercent() {
            return capacityWh.signum() == 0
                    ? 100
                    : heldWh().movePointRight(2)
                            .divide(capacityWh, 0, RoundingMode.HALF_UP)
                            .min(BigDecimal.valueOf(100))
                            .intValue();
        }

        public boolean isolated() {
            return packs.stream().anyMatch(pack -> pack.tier().atLeast(Tier.ISOLATE));
        }

        public @Nullable Reading lastReading() {
            return packs.stream()
                    .map(Pack::last)
                    .filter(Objects::nonNull)
                    .max(Comparator.comparing(Reading::at))
                    .orElse(null);
        }

        public boolean due(Instant now) {
            return nextLook != null && !nextLook.isAfter(now);
        }

        static Shelf of(ContainerMapper.ContainerRow row, List<StoredPackMapper.PackRow> packs) {
            return new Shelf(
                    row.id(),
                    row.name(),
                    row.capacityWh(),
                    row.places(),
                    row.outdoors(),
                    packs.stream().map(Pack::of).toList(),
                    packs.stream()
                            .map(StoredPackMapper.PackRow::nextLook)
                            .filter(Objects::nonNull)
                            .min(Comparator.naturalOrder())
                            .orElse(null),
                    !row.outdoors()
                            && packs.stream()
                                    .anyMatch(pack -> pack.outdoorsAtNight()
                                            && Tier.valueOf(pack.tier()).atLeast(Tier.ISOLATE)));
        }
    }

    static StorePicture of(
            List<ContainerMapper.ContainerRow> containers,
            List<StoredPackMapper.PackRow> packs,
            List<StoredPackMapper.PackRow> waiting,
            Instant now) {
        return new StorePicture(
                containers.stream()
                        .map(row -> Shelf.of(
                                row,
                                packs.stream()
                                        .filter(pack -> row.id().equals(pack.container()))
                                        .toList()))
                        .toList(),
                waiting.stream().map(Pack::of).toList(),
                now);
    }

    public Optional<Shelf> shelf(String id) {
        return shelves.stream().filter(shelf -> shelf.id().equals(id)).findFirst();
    }

    /** The container whose look is nearest, or longest overdue. */
    public Optional<Shelf> nearest() {
        return shelves.stream()
                .filter(shelf -> shelf.nextLook() != null)
                .min(Comparator.comparing((Shelf shelf) -> Objects.requireNonNull(shelf.nextLook()))
                        .thenComparing(Shelf::id));
    }

    /** The next container of a round that is under way. */
    Optional<Shelf> next() {
        return nearest().filter(shelf -> shelf.due(now.plus(ROUND)));
    }

    public long overdue() {
        return shelves.stream().filter(shelf -> shelf.due(now)).count();
    }

    public List<Shelf> toCarryOut() {
        return shelves.stream().filter(Shelf::goesOutdoors).toList();
    }
}
