package glowkettle.app.open;

import glowkettle.finding.Figures;
import glowkettle.job.JobFile;
import glowkettle.job.arrive.Arriving;
import glowkettle.job.open.Opening;
import glowkettle.library.OperationKind;
import glowkettle.library.PackData;
import java.util.Optional;

/**
 * What the old pack's label is held against once it can be seen, and before anything is freed.
 *
 * @param codes part codes that its label may carry; empty where none is known
 */
public record OrderedPack(String offer, String label, String connector, String codes) {
    /** Empty until the pack is disconnected, once somebody has looked, and when it is out. */
    static Optional<OrderedPack> of(JobFile job) {
        boolean seen = job.model().anatomy().operations().stream()
                .filter(operation -> operation.kind() == OperationKind.DISCONNECT_PACK)
                .anyMatch(operation -> Opening.of(job).stepsIn().contains(operation.id()));
        if (!seen || Opening.of(job).labelSeen() || job.liftedOut() || !job.packKnown()) {
            return Optional.empty();
        }
        PackData pack = job.model().pack();
        String offer = Arriving.of(job).takenOffer().orElse("as the model says");
        return Optional.of(new OrderedPack(
                offer,
                "%s, %s, charged to %s per cell"
                        .formatted(
                                Figures.withUnit(pack.ratings().nominalV(), "V"),
                                Figures.withUnit(pack.ratings().capacityMah(), "mAh"),
                                Figures.withUnit(pack.ratings().chargeLimitV(), "V")),
                pack.connector(),
                String.join(", ", pack.partCodes())));
    }
}
