package glowkettle.app.wayback;

import glowkettle.app.open.FaceView;
import glowkettle.app.open.StuckFastener;
import glowkettle.app.open.TrayPanel;
import glowkettle.finding.Result;
import glowkettle.job.Admission;
import glowkettle.job.JobFile;
import glowkettle.job.fit.Fitting;
import glowkettle.job.join.Joining;
import glowkettle.job.open.FastenerLog;
import glowkettle.job.photo.JobPhotos;
import glowkettle.job.wayback.ClosingUp;
import glowkettle.job.wayback.JobTray;
import glowkettle.job.wayback.Waking;
import glowkettle.job.wayback.WayBackEntry;
import glowkettle.library.Fastener;
import glowkettle.library.OperationKind;
import glowkettle.open.Tightening;
import glowkettle.open.Tray;
import glowkettle.open.WayBack;
import java.time.Instant;
import java.util.List;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/** The way back as it is drawn: the next step, the tray that empties onto the map, and what is left over or empty. */
public record WayBackView(
        JobFile job,
        WayBack.@Nullable Step step,
        Result<Tray.State> tray,
        List<Fastener> holes,
        List<FaceView> faces,
        List<String> missingHoles,
        @Nullable String refusedNow,
        Instant now) {
    static WayBackView of(JobFile job, Instant now) {
        WayBack.Step step = ClosingUp.of(job).nextStepBack().orElse(null);
        Result<Tray.State> tray = JobTray.of(job).tray();
        if (step == null) {
            return new WayBackView(job, null, tray, List.of(), FaceView.of(job, null), List.of(), null, now);
        }
        List<String> empty = JobTray.of(job).emptyHolesOf(step.id());
        List<Fastener> holes = job.model().anatomy().fastenersOf(step.id()).stream()
                .filter(fastener -> empty.contains(fastener.id()))
                .toList();
        List<String> missing =
                empty.stream().filter(FastenerLog.of(job).missing()::contains).toList();
        String refused = empty.isEmpty()
                ? Admission.refusedNow(job, new WayBackEntry.StepBack(step.id()), now)
                        .orElse(null)
                : null;
        return new WayBackView(job, step, tray, holes, FaceView.of(job, step.id()), missing, refused, now);
    }

    /** Until when a pack that went in asleep is watched; null where none did, or it woke. */
    public @Nullable Instant wakingUntil() {
        return Waking.of(job).watchedUntil().orElse(null);
    }

    /** Of the screws that no map shows: how many go back here; null where nobody counted them. */
    public FastenerLog.@Nullable Counted counted() {
        return step == null ? null : FastenerLog.of(job).counted(step.id()).orElse(null);
    }

    public WayBack.Plan back() {
        return ClosingUp.of(job).wayBack().result();
    }

    public List<Fastener> inTray() {
        return Stream.concat(tray.result().leftOver().stream(), FastenerLog.of(job).missing().stream())
                .flatMap(id -> job.model().anatomy().fastener(id).stream())
                .toList();
    }

    public @Nullable FaceView atHand() {
        FaceView face = FaceView.atHand(faces, step == null ? null : step.hold().side());
        return face == null ? null : face.risking(trayPanel().riskyKinds());
    }

    public List<FaceView> otherFaces() {
        FaceView atHand = atHand();
        return faces.stream()
                .filter(shown -> atHand == null || shown.face() != atHand.face())
                .toList();
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

    /** Until when this step is pressed; null where it is not, or nobody has begun. */
    public @Nullable Instant pressedUntil() {
        return step == null ? null : ClosingUp.of(job).pressedUntil(step).orElse(null);
    }

    public boolean pressing() {
        Instant until = pressedUntil();
        return until != null && now.isBefore(until);
    }

    /** This step is pressed, and nobody has begun. */
    public boolean pressFirst() {
        return step != null && step.pressS() != null && pressedUntil() == null;
    }

    /** What holds the pack, where this step lays the new adhesive under it. */
    public boolean bonds() {
        return step != null
                && step.id().startsWith(WayBack.ADHESIVE)
                && job.operation(step.id().substring(WayBack.ADHESIVE.length()))
                        .filter(operation -> operation.kind() == OperationKind.FREE_PACK)
                        .isPresent();
    }

    public WayBackEntry.Bonding[] bondings() {
        return WayBackEntry.Bonding.values();
    }

    /** Whether it lives may be looked at after closing, too. */
    public boolean mayCheckLast() {
        return step != null
                && step.id().equals(WayBack.LIVE_CHECK)
                && ClosingUp.of(job).mayCheckLast()
                && isBeforeClosing();
    }

    private boolean isBeforeClosing() {
        return !back().steps().getLast().id().equals(WayBack.LIVE_CHECK);
    }

    /** The leads of this step are told apart and soldered on a page of their own. */
    public boolean joinsFirst() {
        return step != null && Joining.of(job).isOwedAt(step.id());
    }

    public boolean packChosen() {
        return Fitting.of(job).packChosen();
    }

    public List<JobPhotos.Photo> photos() {
        return step == null ? List.of() : JobPhotos.of(job).photosOf(step.id());
    }

    public List<String> doneBack() {
        return ClosingUp.of(job).stepsBack();
    }

    private List<Fastener> group() {
        return step == null ? List.of() : job.model().anatomy().fastenersOf(step.id());
    }
}
