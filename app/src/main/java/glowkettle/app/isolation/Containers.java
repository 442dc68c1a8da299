package glowkettle.app.isolation;

import glowkettle.app.shop.Shop;
import glowkettle.assess.Tier;
import glowkettle.finding.Result;
import glowkettle.isolation.Bulk;
import glowkettle.isolation.ContainerChoice;
import glowkettle.job.JobFile;
import glowkettle.limits.Limit;
import java.math.BigDecimal;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import org.springframework.stereotype.Service;

/** The containers as they stand, and what they say to a pack that needs a place. */
@Service
public class Containers {
    private final ContainerMapper rows;
    private final StoredPackMapper stored;

    Containers(ContainerMapper rows, StoredPackMapper stored) {
        this.rows = rows;
        this.stored = stored;
    }

    public Optional<String> name(String id) {
        return rows.containers(Shop.ID).stream()
                .filter(row -> row.id().equals(id))
                .map(ContainerMapper.ContainerRow::name)
                .findFirst();
    }

    public Optional<ContainerChoice.Container> container(String id) {
        return all().stream().filter(container -> container.id().equals(id)).findFirst();
    }

    private List<ContainerChoice.Container> all() {
        return with(stored.packs(Shop.ID));
    }

    /** The store as it would be without this job's pack, which may have a place there already. */
    List<ContainerChoice.Container> without(long job) {
        return with(
                stored.packs(Shop.ID).stream().filter(pack -> pack.job() != job).toList());
    }

    private List<ContainerChoice.Container> with(List<StoredPackMapper.PackRow> packs) {
        return rows.containers(Shop.ID).stream()
                .map(row -> new ContainerChoice.Container(
                        row.id(),
                        row.name(),
                        row.capacityWh(),
                        row.places(),
                        packs.stream()
                                .filter(pack -> row.id().equals(pack.container()))
                                .map(pack -> new ContainerChoice.Held(
                                        pack.label(), Tier.valueOf(pack.tier()), pack.energyWh()))
                                .toList(),
                        row.takes()))
                .toList();
    }

    /** When full, by its label; where nobody has read that, as much as packs may share a container with. */
    static BigDecimal energyWh(JobFile job) {
        return job.packKnown()
                ? job.model().pack().ratings().energyWh()
                : job.limits().of(Limit.CONTAINER_WH);
    }

    static Bulk bulk(JobFile job, boolean wholeDevice) {
        return wholeDevice ? Bulk.ofDevice(job.model().identity().kind()) : Bulk.PACK;
    }

    /** A container with whether it takes the job's pack. */
    public record Offer(ContainerChoice.Container container, ContainerChoice.Answer answer) {}

    /** What the store says to a pack: the container it proposes, and every other with its sum. */
    public record Proposal(Optional<Offer> proposed, List<Offer> others, Optional<String> refusal) {}

    public Proposal proposal(JobFile job) {
        ContainerChoice.Held pack = new ContainerChoice.Held(
                "job " + job.number(), job.tier().result().tier(), energyWh(job), bulk(job, !job.liftedOut()));
        List<ContainerChoice.Container> all = all();
        Result<Optional<ContainerChoice.Container>> proposed = ContainerChoice.propose(all, pack, job.limits());
        List<Offer> offers = all.stream()
                .map(container -> new Offer(container, ContainerChoice.ask(container, pack, job.limits())))
                .toList();
        Predicate<Offer> isProposed =
                offer -> proposed.result().filter(offer.container()::equals).isPresent();
        return new Proposal(
                offers.stream().filter(isProposed).findFirst(),
                offers.stream()
                        .filter(isProposed.negate())
                        .sorted(Comparator.comparing(offer -> !offer.answer().takes()))
                        .toList(),
                proposed.findings().stream().map(finding -> finding.sentence()).findFirst());
    }
}
