package glowkettle.job.wayback;

import glowkettle.finding.Result;
import glowkettle.job.JobFile;
import glowkettle.job.JobState;
import glowkettle.job.open.FastenerLog;
import glowkettle.library.DeviceModel;
import glowkettle.limits.ShopLimits;
import glowkettle.open.Tray;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;

/** The tray of a job: what came out of its device, and what went back into which hole. */
public final class JobTray {
    private final JobState state;
    private final DeviceModel model;
    private final ShopLimits limits;
    private final FastenerLog log;

    private JobTray(JobFile job) {
        this.state = job.state();
        this.model = job.model();
        this.limits = job.limits();
        this.log = FastenerLog.of(job);
    }

    public static JobTray of(JobFile job) {
        return new JobTray(job);
    }

    /** Missing when it came, and no hole that a spare one fills by now is counted empty. */
    private List<String> missingNow() {
        return log.missing().stream()
                .filter(id -> model.anatomy()
                        .fastener(id)
                        .filter(fastener -> !fastener.isCaptive())
                        .isPresent())
                .toList();
    }

    /** What went back. A journal from before such entries were refused may name holes that never stood open. */
    public List<Tray.Placement> placements() {
        Set<String> gone = new HashSet<>(log.out());
        gone.addAll(log.missing());
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
                .filter(hole -> model.anatomy()
                        .fastener(hole)
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
        return Tray.judge(
                new Tray.Contents(model.anatomy().fasteners(), List.copyOf(log.out()), placements, missingNow()),
                limits);
    }
}
