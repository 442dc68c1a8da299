package glowkettle.app.bench;

import glowkettle.job.JobFile;
import glowkettle.job.arrive.Arriving;
import glowkettle.job.fit.Fitting;
import glowkettle.job.isolation.Isolating;
import java.util.Locale;
import java.util.Objects;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** Everything a job is found by, in one text: what stands on its ticket, on its device and on its packs. */
final class FoundBy {
    private FoundBy() {}

    static String of(JobFile job) {
        Arriving counter = Arriving.of(job);
        return Stream.of(
                        counter.owner(),
                        job.model().identity().name(),
                        counter.serial(),
                        counter.modelCode(),
                        Fitting.of(job)
                                .offered()
                                .map(label -> label.printed().lot())
                                .orElse(null),
                        Isolating.of(job).liesIn().orElse(null))
                .filter(Objects::nonNull)
                .map(text -> text.toLowerCase(Locale.ROOT))
                .collect(Collectors.joining(" · "));
    }
}
