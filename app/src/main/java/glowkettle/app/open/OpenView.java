package glowkettle.app.open;

import glowkettle.app.binding.FilledForm;
import glowkettle.arrive.OpenedBefore;
import glowkettle.finding.Figures;
import glowkettle.finding.Result;
import glowkettle.job.JobFile;
import glowkettle.job.arrive.Arriving;
import glowkettle.job.assess.Assessing;
import glowkettle.job.open.FastenerLog;
import glowkettle.job.open.LearntMinutes;
import glowkettle.job.open.OpenEntry;
import glowkettle.job.open.Opening;
import glowkettle.job.photo.JobPhotos;
import glowkettle.job.wayback.JobTray;
import glowkettle.library.Drive;
import glowkettle.library.Fastener;
import glowkettle.open.Mixup;
import glowkettle.open.TeardownPlan;
import glowkettle.open.Tray;
import java.math.BigDecimal;
import java.time.Instant;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** Open as it is drawn: the step at hand, the face it is about, the tray, and the plan. */
public record OpenView(
        JobFile job,
        TeardownPlan.@Nullable Step step,
        boolean freeing,
        List<Fastener> due,
        List<FaceView> faces,
        Planning planning,
        @Nullable OrderedPack ordered,
        @Nullable String refusedNow) {
    static OpenView of(JobFile job, FilledForm filled, Instant now) {
        TeardownPlan.Step step = Opening.of(job).nextStep().orElse(null);
        List<Fastener> group = step == null
                ? List.of()
                : job.model().anatomy().fastenersOf(step.operation().id());
        boolean freeing = step != null && Opening.isHeld(job, step.operation());
        FastenerLog log = FastenerLog.of(job);
        List<Fastener> due = group.stream()
                .filter(fastener -> !log.out().contains(fastener.id()))
                .filter(fastener -> !log.missing().contains(fastener.id()))
                .toList();
        String refused = step == null || freeing || !group.isEmpty()
                ? null
                : Opening.of(job).refusedNow(step.operation(), now).orElse(null);
        return new OpenView(
                job,
                step,
                freeing,
                due,
                FaceView.of(job, step == null ? null : step.operation().id()),
                Planning.of(job, filled),
                OrderedPack.of(job).orElse(null),
                refused);
    }

    public boolean mustConfirm() {
        return step != null && step.operation().isInside() && !Opening.of(job).conditionsConfirmed();
    }

    public Result<TeardownPlan> plan() {
        return Opening.of(job).plan();
    }

    public List<String> stepsIn() {
        return Opening.of(job).stepsIn();
    }

    public Ribbon ribbon() {
        return Ribbon.of(
                Opening.of(job).plan().result(), Set.copyOf(Opening.of(job).stepsIn()));
    }

    public @Nullable FaceView atHand() {
        return FaceView.atHand(
                faces, step == null ? null : step.operation().handling().side());
    }

    public boolean halted() {
        return Assessing.of(job).halted();
    }

    public Result<Tray.State> tray() {
        return JobTray.of(job).tray();
    }

    public TrayPanel trayPanel() {
        return TrayPanel.of(job, faces);
    }

    public List<StuckFastener> stuck() {
        return StuckFastener.of(job, due);
    }

    public List<Mixup> foundInstead() {
        return FastenerLog.of(job).foundInstead();
    }

    /** Screws are loosened now that no map shows. */
    public boolean isUncharted() {
        return step != null && Opening.isUncharted(job, step.operation());
    }

    /** Where screws and whatever else is found are put; null where the model describes the device. */
    public @Nullable FoundChart chart() {
        return FoundChart.of(job, step == null ? null : step.operation());
    }

    /** The tool in the hand, a bit with the look of its tip. */
    public String tool() {
        String tool = step == null ? null : step.operation().handling().tool();
        return tool == null ? "none" : Drive.told(tool);
    }

    /** How many of them came out, by whoever counted last. */
    public FastenerLog.@Nullable Counted counted() {
        return step == null
                ? null
                : FastenerLog.of(job).counted(step.operation().id()).orElse(null);
    }

    public @Nullable String countedWords() {
        FastenerLog.Counted counted = counted();
        return counted == null
                ? null
                : counted.toReplace() == 0
                        ? "Counted: %s".formatted(counted.out())
                        : "Counted: %s, and %s to replace".formatted(counted.out(), counted.toReplace());
    }

    public boolean openedBefore() {
        return Arriving.of(job).openedBefore() != OpenedBefore.NO;
    }

    public List<JobPhotos.Photo> photos() {
        return step == null
                ? List.of()
                : JobPhotos.of(job).photosOf(step.operation().id());
    }

    public Map<String, BigDecimal> taken() {
        Map<String, BigDecimal> minutes = new LinkedHashMap<>();
        LearntMinutes.taken(job).forEach((step, took) -> minutes.put(step, Figures.round(took.toSeconds() / 60.0, 1)));
        return minutes;
    }

    public List<OpenEntry.LearntStep> learnt() {
        return job.state()
                .latest(OpenEntry.MinutesLearnt.class)
                .map(OpenEntry.MinutesLearnt::steps)
                .orElse(List.of());
    }

    public @Nullable String labelDiffers() {
        return Opening.of(job).labelDiffers().orElse(null);
    }

    public int doneCount() {
        return Opening.of(job).stepsIn().size();
    }
}
