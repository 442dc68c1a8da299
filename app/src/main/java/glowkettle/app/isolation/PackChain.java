package glowkettle.app.isolation;

import glowkettle.finding.Figures;
import glowkettle.job.JobFile;
import glowkettle.job.Recorded;
import glowkettle.job.arrive.ArriveEntry;
import glowkettle.job.isolation.IsolationEntry;
import glowkettle.job.open.OpenEntry;
import glowkettle.job.open.Opening;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** A pack's way from the counter to the collector, by what stands in its journal. */
record PackChain(long job, List<Link> links) {
    PackChain {
        links = List.copyOf(links);
    }

    /** Something that happened on the way. */
    record Link(Instant at, String by, String words) {}

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
        if (lifted.filter(recorded::equals).isPresent() && recorded.entry() instanceof OpenEntry.StepDone step) {
            return Stream.of(job.operation(step.step()).orElseThrow().label());
        }
        return switch (recorded.entry()) {
            case ArriveEntry.JobOpened opened -> Stream.of("came in from " + opened.owner());
            case IsolationEntry.PackStored stored -> Stream.of("into “" + stored.containerName() + "”");
            case IsolationEntry.Watched watched ->
                Stream.of("looked at, " + Figures.withUnit(watched.surfaceC(), "°C"));
            case IsolationEntry.PackReleased released -> Stream.of("handed over to " + released.collector());
            default -> Stream.of();
        };
    }
}
