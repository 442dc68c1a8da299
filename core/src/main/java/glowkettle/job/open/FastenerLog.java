package glowkettle.job.open;

import glowkettle.job.JobFile;
import glowkettle.job.JobState;
import glowkettle.library.DeviceModel;
import glowkettle.library.Fastener;
import glowkettle.library.Operation;
import glowkettle.limits.ShopLimits;
import glowkettle.open.Mixup;
import java.math.BigDecimal;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

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

    /** Screws of a step that no map shows: how many came out, were missing, and are to be replaced. */
    public record Counted(String step, int out, int missing, int stripped) {
        public int toReplace() {
            return missing + stripped;
        }
    }

    /** As they were counted last. */
    public Optional<Counted> counted(String step) {
        return uncharted().filter(counted -> counted.step().equals(step)).findFirst();
    }

    private static int count(@Nullable BigDecimal screws) {
        return screws == null ? 0 : screws.intValue();
    }

    /** Those that nobody described, of all steps, each as it was counted last. */
    private Stream<Counted> uncharted() {
        Map<String, Counted> byStep = new LinkedHashMap<>();
        state.all(OpenEntry.ScrewsCounted.class)
                .forEach(counted -> byStep.put(
                        counted.step(),
                        new Counted(
                                counted.step(),
                                counted.out().intValue(),
                                count(counted.missing()),
                                count(counted.stripped()))));
        return byStep.values().stream();
    }

    /** Where a screw was missing when the device came in. */
    public int missingCount() {
        return missing().size() + uncharted().mapToInt(Counted::missing).sum();
    }

    /** New ones that are needed, in words: by their holes, and of those nobody described by their number. */
    public List<String> toReplace() {
        return Stream.concat(
                        missing().stream(),
                        uncharted()
                                .filter(counted -> counted.toReplace() > 0)
                                .map(counted -> "%s at “%s”".formatted(counted.toReplace(), label(counted.step()))))
                .toList();
    }

    public int toReplaceCount() {
        return missing().size() + uncharted().mapToInt(Counted::toReplace).sum();
    }

    private String label(String step) {
        return model.anatomy().operation(step).map(Operation::label).orElse(step);
    }

    /** What was found in place of the model's fasteners, where it matters. */
    public List<Mixup> foundInstead() {
        return state.all(OpenEntry.FoundInstead.class)
                .flatMap(found -> asDescribed.anatomy().fastener(found.fastener()).stream()
                        .map(expected -> Mixup.of(found.in(expected), expected, limits)))
                .filter(mixup ->
                        mixup.overshootMm() == null || mixup.overshootMm().signum() > 0 || mixup.otherThread())
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
