package glowkettle.job.open;

import glowkettle.job.JobFile;
import glowkettle.job.JobState;
import glowkettle.library.DeviceModel;
import glowkettle.library.Fastener;
import glowkettle.limits.ShopLimits;
import glowkettle.open.Mixup;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;

/** The fasteners of a job: out, missing, back, and found otherwise than the model shows. */
public final class FastenerLog {
    private final JobState state;
    private final DeviceModel model;
    private final DeviceModel asDescribed;
    private final ShopLimits limits;

    private FastenerLog(JobFile job) {
        this.state = job.state();
        this.model = job.model();
        this.asDescribed = job.asDescribed();
        this.limits = job.limits();
    }

    public static FastenerLog of(JobFile job) {
        return new FastenerLog(job);
    }

    public Set<String> out() {
        return state.all(OpenEntry.FastenersOut.class)
                .flatMap(out -> out.out().stream())
                .collect(Collectors.toCollection(LinkedHashSet::new));
    }

    public Set<String> missing() {
        return state.all(OpenEntry.FastenersOut.class)
                .flatMap(out -> out.missing().stream())
                .collect(Collectors.toCollection(LinkedHashSet::new));
    }

    /** What was found in place of the model's fasteners, where it matters. */
    public List<Mixup> foundInstead() {
        return state.all(OpenEntry.FoundInstead.class)
                .flatMap(found -> asDescribed.anatomy().fastener(found.fastener()).stream()
                        .map(expected -> Mixup.of(found.in(expected), expected, limits)))
                .filter(mixup -> mixup.overshootMm().signum() > 0 || mixup.otherThread())
                .toList();
    }

    /** Fasteners that sit where the model shows others. */
    public static UnaryOperator<Fastener> found(JobState state) {
        Map<String, OpenEntry.FoundInstead> found = new HashMap<>();
        state.all(OpenEntry.FoundInstead.class).forEach(one -> found.put(one.fastener(), one));
        return fastener -> {
            OpenEntry.FoundInstead instead = found.get(fastener.id());
            return instead == null ? fastener : instead.in(fastener);
        };
    }
}
