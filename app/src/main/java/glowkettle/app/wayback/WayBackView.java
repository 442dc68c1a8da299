package glowkettle.app.wayback;

import glowkettle.app.open.FaceView;
import glowkettle.app.open.StuckFastener;
import glowkettle.app.open.TrayPanel;
import glowkettle.finding.Result;
import glowkettle.job.Admission;
import glowkettle.job.JobFile;
import glowkettle.job.fit.Fitting;
import glowkettle.job.open.FastenerLog;
import glowkettle.job.photo.JobPhotos;
import glowkettle.job.wayback.ClosingUp;
import glowkettle.job.wayback.JobTray;
import glowkettle.job.wayback.WayBackEntry;
import glowkettle.library.Fastener;
import glowkettle.open.Tightening;
import glowkettle.open.Tray;
import glowkettle.open.WayBack;
import java.time.Instant;
import java.util.List;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/** The way back as it is drawn: the next step, the tray that empties onto the map, and what is left over or empty. */
public record WayBackView(
        JobFile job, Instant now, @Nullable String stepId, List<Fastener> holes, List<FaceView> faces) {
    static WayBackView of(JobFile job, Instant now) {
        String stepId = ClosingUp.of(job).nextStepBack().map(WayBack.Step::id).orElse(null);
        List<String> empty = JobTray.of(job).tray().result().emptyHoles();
        List<Fastener> holes = stepId == null
                ? List.of()
                : job.model().fastenersOf(stepId).stream()
                        .filter(fastener -> empty.contains(fastener.id()))
                        .toList();
        return new WayBackView(job, now, stepId, holes, FaceView.of(job, stepId));
    }

    public List<String> missingHoles() {
        return ClosingUp.of(job)
                .nextStepBack()
                .map(next -> JobTray.of(job).emptyHolesOf(next.id()).stream()
                        .filter(FastenerLog.of(job).missing()::contains)
                        .toList())
                .orElse(List.of());
    }

    public @Nullable String refusedNow() {
        return ClosingUp.of(job)
                .nextStepBack()
                .filter(next -> JobTray.of(job).emptyHolesOf(next.id()).isEmpty())
                .flatMap(next -> Admission.refusedNow(job, new WayBackEntry.StepBack(next.id()), now))
                .orElse(null);
    }

    public WayBack.Plan back() {
        return ClosingUp.of(job).wayBack().result();
    }

    public WayBack.@Nullable Step step() {
        return ClosingUp.of(job).nextStepBack().orElse(null);
    }

    public List<Fastener> inTray() {
        return Stream.concat(
                        JobTray.of(job).tray().result().leftOver().stream(), FastenerLog.of(job).missing().stream())
                .flatMap(id -> job.model().fastener(id).stream())
                .toList();
    }

    public @Nullable FaceView atHand() {
        return FaceView.atHand(faces);
    }

    public Result<Tray.State> tray() {
        return JobTray.of(job).tray();
    }

    public TrayPanel trayPanel() {
        return TrayPanel.of(job, faces);
    }

    public List<Fastener> turns() {
        return Tightening.order(group());
    }

    public List<String> torques() {
        return TrayPanel.torques(job, group());
    }

    public List<StuckFastener> stuck() {
        return StuckFastener.of(job, holes);
    }

    public boolean packChosen() {
        return Fitting.of(job).packChosen();
    }

    public List<JobPhotos.Photo> photos() {
        return stepId == null ? List.of() : JobPhotos.of(job).photosOf(stepId);
    }

    public List<String> doneBack() {
        return ClosingUp.of(job).stepsBack();
    }

    private List<Fastener> group() {
        return stepId == null ? List.of() : job.model().fastenersOf(stepId);
    }
}
