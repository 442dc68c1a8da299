package glowkettle.app.isolation;

import glowkettle.finding.Figures;
import glowkettle.journal.Entry;
import glowkettle.journal.JobFile;
import glowkettle.journal.Recorded;
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
        Optional<Recorded> lifted = job.liftedOutAt();
        return new PackChain(
                job.number(),
                job.state().counting().stream()
                        .flatMap(recorded -> words(recorded, lifted, job)
                                .map(words -> new Link(recorded.at(), recorded.by(), words)))
                        .toList());
    }

    private static Stream<String> words(Recorded recorded, Optional<Recorded> lifted, JobFile job) {
        if (lifted.filter(recorded::equals).isPresent() && recorded.entry() instanceof Entry.StepDone step) {
            return Stream.of(job.operation(step.step()).orElseThrow().label());
        }
        return switch (recorded.entry()) {
            case Entry.JobOpened opened -> Stream.of("came in from " + opened.owner());
            case Entry.PackStored stored -> Stream.of("into “" + stored.containerName() + "”");
            case Entry.Watched watched -> Stream.of("looked at, " + Figures.withUnit(watched.surfaceC(), "°C"));
            case Entry.PackReleased released -> Stream.of("handed over to " + released.collector());
            default -> Stream.of();
        };
    }
}
