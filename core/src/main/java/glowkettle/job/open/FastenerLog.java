package glowkettle.job.open;

import glowkettle.finding.Result;
import glowkettle.job.JobState;
import glowkettle.job.wayback.WayBackEntry;
import glowkettle.library.DeviceModel;
import glowkettle.library.Fastener;
import glowkettle.limits.ShopLimits;
import glowkettle.open.Mixup;
import glowkettle.open.Tray;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** The fasteners of a job: out, missing, back, and found otherwise than the model shows. */
public final class FastenerLog {
    private final JobState state;
    private final DeviceModel model;
    private final DeviceModel asDescribed;
    private final ShopLimits limits;

    public FastenerLog(JobState state, DeviceModel model, DeviceModel asDescribed, ShopLimits limits) {
        this.state = state;
        this.model = model;
        this.asDescribed = asDescribed;
        this.limits = limits;
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

    /** Missing when it came, and no hole that a spare one fills by now is counted empty. */
    private List<String> missingNow() {
        return missing().stream()
                .filter(id -> model.fastener(id)
                        .filter(fastener -> !fastener.isCaptive())
                        .isPresent())
                .toList();
    }

    /** What went back. A journal from before such entries were refused may name holes that never stood open. */
    public List<Tray.Placement> placements() {
        Set<String> gone = new HashSet<>(out());
        gone.addAll(missing());
        Set<String> holes = new HashSet<>();
        Set<String> used = new HashSet<>();
        return state.all(WayBackEntry.FastenersBack.class)
                .flatMap(back -> back.placements().stream())
                .filter(placement -> gone.contains(placement.hole()) && gone.contains(placement.fastener()))
                .filter(placement -> holes.add(placement.hole()) & used.add(placement.fastener()))
                .toList();
    }

    /** Holes of a step that stand empty. */
    public List<String> emptyHolesOf(String step) {
        return tray().result().emptyHoles().stream()
                .filter(hole -> model.fastener(hole)
                        .filter(fastener -> step.equals(fastener.operation()))
                        .isPresent())
                .toList();
    }

    public Result<Tray.State> tray() {
        return with(List.of());
    }

    /**
     * The tray as it would be with more put back.
     *
     * @throws glowkettle.finding.Unanswerable where that cannot be
     */
    public Result<Tray.State> with(List<Tray.Placement> more) {
        List<Tray.Placement> placements =
                Stream.concat(placements().stream(), more.stream()).toList();
        return Tray.judge(new Tray.Contents(model.fasteners(), List.copyOf(out()), placements, missingNow()), limits);
    }

    /** What was found in place of the model's fasteners, where it matters. */
    public List<Mixup> foundInstead() {
        return state.all(OpenEntry.FoundInstead.class)
                .flatMap(found -> asDescribed.fastener(found.fastener()).stream()
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
