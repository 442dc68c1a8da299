package glowkettle.app.open;

import glowkettle.job.JobFile;
import glowkettle.library.Fastener;
import java.util.List;

/** A fastener that may turn out stripped or stuck, and whether the pack lies under it. */
public record StuckFastener(String id, boolean overPack) {
    public static List<StuckFastener> of(JobFile job, List<Fastener> fasteners) {
        return fasteners.stream()
                .map(fastener -> new StuckFastener(fastener.id(), TrayPanel.overPack(job, fastener)))
                .toList();
    }
}
