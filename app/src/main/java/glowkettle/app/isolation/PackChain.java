package glowkettle.app.isolation;

import glowkettle.finding.Figures;
import glowkettle.job.JobFile;
import glowkettle.job.Recorded;
import glowkettle.job.arrive.Arriving;
import glowkettle.job.isolation.IsolationEntry;
import glowkettle.job.open.Opening;
import glowkettle.library.Operation;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** A pack's way from the counter to the collector, by what stands in its journal. */
public record PackChain(long job, List<Link> links) {
    public PackChain {
        links = List.copyOf(links);
    }

    /** Something that happened on the way. */
    public record Link(Instant at, String by, String words) {}

    static PackChain of(JobFile job) {
        Optional<Recorded> lifted = Opening.of(job).liftedOutAt();
        return new PackChain(
                job.number(),
                job.state().counting().stream()
                        .flatMap(recorded -> words(recorded, lifted, job)
                                .map(words -> new Link(recorded.at(), recorded.by(), words)))
                        .toList());
    }

    private static Stream<String> words(Recorded recorded, Optional<Recorded> lifted, JobFile job) {
        if (recorded.equals(job.state().counting().getFirst())) {
            return Stream.of("came in from " + Arriving.of(job).owner());
        }
        if (lifted.filter(recorded::equals).isPresent()) {
            return Opening.of(job).liftedOutBy().map(Operation::label).stream();
        }
        return recorded.entry() instanceof IsolationEntry entry ? Stream.of(words(entry)) : Stream.of();
    }

    private static String words(IsolationEntry entry) {
        return switch (entry) {
            case IsolationEntry.PackStored stored -> "into “" + stored.containerName() + "”";
            case IsolationEntry.StoodOutdoors outdoors ->
                "outdoors, %s, guarded by %s".formatted(outdoors.place(), outdoors.guard());
            case IsolationEntry.Watched watched -> "looked at, " + Figures.withUnit(watched.surfaceC(), "°C");
            case IsolationEntry.PackReleased released -> "handed over to " + released.collector();
        };
    }
}
