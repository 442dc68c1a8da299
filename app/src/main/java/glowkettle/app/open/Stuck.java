package glowkettle.app.open;

import glowkettle.job.JobFile;
import glowkettle.library.Fastener;
import java.util.List;

/** A fastener that may turn out stripped or stuck, and whether the pack lies under it. */
public record Stuck(String id, boolean overPack) {
    public static List<Stuck> of(JobFile job, List<Fastener> fasteners) {
        return fasteners.stream()
                .map(fastener -> new Stuck(fastener.id(), TrayPanel.overPack(job, fastener)))
                .toList();
    }
}
