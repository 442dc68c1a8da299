package glowkettle.app.isolation;

import glowkettle.app.journal.Gate;
import glowkettle.app.shop.Shop;
import glowkettle.isolation.ContainerChoice;
import glowkettle.job.Admission;
import glowkettle.job.Entry;
import glowkettle.job.JobFile;
import glowkettle.job.isolation.IsolationEntry;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;

/** Lets a pack into a container only while it takes it, also when two jobs ask at the same moment. */
@Component
class ContainerGate implements Gate {
    private final ContainerMapper rows;
    private final Containers containers;

    ContainerGate(ContainerMapper rows, Containers containers) {
        this.rows = rows;
        this.containers = containers;
    }

    @Override
    public void hold(Entry entry) {
        if (entry instanceof IsolationEntry.PackStored stored) {
            rows.lock(Shop.ID, stored.container());
        }
    }

    @Override
    public Optional<Admission.Refusal> refuse(JobFile job, Entry entry) {
        if (!(entry instanceof IsolationEntry.PackStored stored)) {
            return Optional.empty();
        }
        List<ContainerChoice.Container> all = containers.without(job.number());
        Optional<ContainerChoice.Container> chosen = all.stream()
                .filter(container -> container.id().equals(stored.container()))
                .findFirst();
        if (chosen.isEmpty()) {
            return no("There is no container “%s”. The store has: %s."
                    .formatted(
                            stored.container(),
                            all.stream().map(ContainerChoice.Container::name).collect(Collectors.joining("; "))));
        }
        ContainerChoice.Answer answer = ContainerChoice.ask(
                chosen.get(),
                new ContainerChoice.Held(
                        "job " + job.number(),
                        stored.tier(),
                        stored.energyWh(),
                        Containers.bulk(job, Boolean.TRUE.equals(stored.wholeDevice()))),
                job.limits());
        return answer.takes()
                ? Optional.empty()
                : no("%s does not take it: %s.".formatted(chosen.get().name(), answer.sum()));
    }

    private static Optional<Admission.Refusal> no(String reason) {
        return Optional.of(new Admission.Refusal("container", reason));
    }
}
