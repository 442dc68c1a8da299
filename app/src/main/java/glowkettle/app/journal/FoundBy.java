package glowkettle.app.journal;

import glowkettle.fit.PackLabel;
import glowkettle.job.JobFile;
import glowkettle.job.arrive.ArriveEntry;
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
        ArriveEntry.JobOpened opened = Arriving.of(job).opened();
        return Stream.of(
                        opened.owner(),
                        job.model().name(),
                        opened.serial(),
                        opened.modelCode(),
                        Fitting.of(job).offered().map(PackLabel::lot).orElse(null),
                        Isolating.of(job).liesIn().orElse(null))
                .filter(Objects::nonNull)
                .map(text -> text.toLowerCase(Locale.ROOT))
                .collect(Collectors.joining(" · "));
    }
}
