package glowkettle.app.isolation;

import glowkettle.app.binding.Fault;
import glowkettle.app.journal.Appended;
import glowkettle.app.journal.Draft;
import glowkettle.app.journal.JournalBook;
import glowkettle.app.shop.Shop;
import glowkettle.assess.HazardReadings;
import glowkettle.job.Role;
import glowkettle.job.isolation.IsolationEntry;
import java.math.BigDecimal;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.time.InstantSource;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The isolation store: its picture, and the looks of the watch. */
@Service
class Store {
    private static final Duration SAME_ROUND = Duration.ofMinutes(60);

    private static final int MOST_WAITING = 12;

    private final ContainerMapper containers;
    private final StoredPackMapper packs;
    private final JournalBook journal;
    private final InstantSource clock;

    Store(ContainerMapper containers, StoredPackMapper packs, JournalBook journal, InstantSource clock) {
        this.containers = containers;
        this.packs = packs;
        this.journal = journal;
        this.clock = clock;
    }

    @Transactional(readOnly = true)
    StorePicture picture() {
        return StorePicture.of(
                containers.containers(Shop.ID),
                packs.packs(Shop.ID),
                packs.waiting(Shop.ID, MOST_WAITING),
                clock.instant());
    }

    /** The air of this round's last look in the same place, indoors or out; nothing when it is too old to stand for now. */
    static @Nullable BigDecimal airOfThisRound(StorePicture picture, StorePicture.Shelf at) {
        return picture.shelves().stream()
                .filter(shelf -> shelf.outdoors() == at.outdoors())
                .map(StorePicture.Shelf::lastReading)
                .filter(Objects::nonNull)
                .filter(reading -> Duration.between(reading.at(), picture.now()).compareTo(SAME_ROUND) <= 0)
                .max(Comparator.comparing(StorePicture.Reading::at))
                .map(StorePicture.Reading::ambientC)
                .orElse(null);
    }

    /** Who looks, by which form. */
    record Looker(UUID formId, String name, Role role) {}

    /** Writes one look into the journal of every pack in the container; all or none. */
    @Transactional
    Optional<Fault> look(StorePicture.Shelf shelf, LookTyped typed, Looker by) {
        List<StorePicture.Pack> packs = shelf.packs();
        if (packs.isEmpty()) {
            return Optional.of(
                    new Fault("surfaceC", "%s is empty; there is nothing to look at.".formatted(shelf.name())));
        }
        String which = typed.pack() != null || packs.size() > 1
                ? typed.pack()
                : String.valueOf(packs.getFirst().job());
        boolean known =
                packs.stream().anyMatch(pack -> String.valueOf(pack.job()).equals(which));
        if (typed.look() != null && !known) {
            return Optional.of(new Fault("pack", "Say which of the packs looks different."));
        }
        for (StorePicture.Pack pack : packs.stream()
                .sorted(Comparator.comparing(StorePicture.Pack::job))
                .toList()) {
            boolean different =
                    typed.look() != null && String.valueOf(pack.job()).equals(which);
            HazardReadings.Look look = different ? typed.look() : null;
            Appended appended = journal.append(
                    pack.job(),
                    new Draft(
                            new IsolationEntry.Watched(typed.surfaceC(), typed.ambientC(), look),
                            formOf(by.formId(), pack.job()),
                            Draft.UNSEEN,
                            null,
                            by.name(),
                            by.role()));
            if (appended instanceof Appended.Refused refused) {
                throw new RefusedLook(refused.refusal().reason());
            }
        }
        return Optional.empty();
    }

    /** Undoes the looks already written for this container. */
    static final class RefusedLook extends RuntimeException {
        RefusedLook(String reason) {
            super(reason);
        }
    }

    /** One form writes in several journals; each gets an id of its own, the same one when the form comes twice. */
    static UUID formOf(UUID formId, long job) {
        return UUID.nameUUIDFromBytes((formId + "/" + job).getBytes(StandardCharsets.UTF_8));
    }
}
