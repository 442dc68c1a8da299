package glowkettle.app.isolation;

import glowkettle.app.shop.Shop;
import glowkettle.assess.Tier;
import glowkettle.finding.Result;
import glowkettle.isolation.ContainerChoice;
import glowkettle.journal.JobFile;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Service;

/** The containers as they stand. */
@Service
public class Containers {
    private final ContainerMapper rows;

    Containers(ContainerMapper rows) {
        this.rows = rows;
    }

    public List<ContainerChoice.Container> all() {
        return with(rows.held(Shop.ID));
    }

    public Optional<String> name(String id) {
        return rows.containers(Shop.ID).stream()
                .filter(row -> row.id().equals(id))
                .map(ContainerMapper.ContainerRow::name)
                .findFirst();
    }

    /** The store as it would be without this job's pack, which may have a place there already. */
    List<ContainerChoice.Container> without(long job) {
        return with(
                rows.held(Shop.ID).stream().filter(pack -> pack.job() != job).toList());
    }

    private List<ContainerChoice.Container> with(List<ContainerMapper.HeldRow> held) {
        return rows.containers(Shop.ID).stream()
                .map(row -> new ContainerChoice.Container(
                        row.id(),
                        row.name(),
                        row.capacityWh(),
                        row.places(),
                        held.stream()
                                .filter(pack -> pack.container().equals(row.id()))
                                .map(pack -> new ContainerChoice.Held(
                                        pack.label(), Tier.valueOf(pack.tier()), pack.energyWh()))
                                .toList()))
                .toList();
    }

    /** A container with whether it takes the job's pack. */
    public record Offer(ContainerChoice.Container container, ContainerChoice.Answer answer, boolean proposed) {}

    /** What the store says to a pack: every container with its sum, the proposed one marked. */
    public record Proposal(List<Offer> offers, Optional<String> refusal) {}

    public Proposal proposal(JobFile job) {
        ContainerChoice.Held pack = new ContainerChoice.Held(
                "job " + job.number(),
                job.tier().result().tier(),
                job.model().pack().energyWh());
        List<ContainerChoice.Container> all = all();
        Result<Optional<ContainerChoice.Container>> proposed = ContainerChoice.propose(all, pack, job.limits());
        List<Offer> offers = all.stream()
                .map(container -> new Offer(
                        container,
                        ContainerChoice.ask(container, pack, job.limits()),
                        proposed.result().filter(container::equals).isPresent()))
                .toList();
        return new Proposal(
                offers,
                proposed.findings().stream().map(finding -> finding.sentence()).findFirst());
    }
}
