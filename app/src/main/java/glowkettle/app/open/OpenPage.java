package glowkettle.app.open;

import glowkettle.app.binding.Attempt;
import glowkettle.app.desk.StagePage;
import glowkettle.arrive.OpenedBefore;
import glowkettle.finding.Figures;
import glowkettle.job.JobFile;
import glowkettle.job.Stage;
import glowkettle.job.arrive.Arriving;
import glowkettle.job.assess.Assessing;
import glowkettle.job.free.Freeing;
import glowkettle.job.open.FastenerLog;
import glowkettle.job.open.LearntMinutes;
import glowkettle.job.open.OpenChapter;
import glowkettle.job.open.OpenEntry;
import glowkettle.job.open.Opening;
import glowkettle.job.photo.JobPhotos;
import glowkettle.job.wayback.JobTray;
import glowkettle.library.Fastener;
import glowkettle.open.TeardownPlan;
import java.math.BigDecimal;
import java.time.Instant;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.springframework.stereotype.Component;
import org.springframework.ui.Model;

/** One big current step; the ribbon over it, the face map beside it. */
@Component
class OpenPage implements StagePage {
    @Override
    public Stage stage() {
        return OpenChapter.STAGE;
    }

    /** What each step took so far, to a tenth of a minute. */
    private static Map<String, BigDecimal> taken(JobFile job) {
        Map<String, BigDecimal> minutes = new LinkedHashMap<>();
        LearntMinutes.taken(job).forEach((step, took) -> minutes.put(step, Figures.round(took.toSeconds() / 60.0, 1)));
        return minutes;
    }

    @Override
    public void fill(Model model, JobFile job, Attempt attempt, Instant now) {
        TeardownPlan plan = Opening.of(job).plan().result();
        Optional<TeardownPlan.Step> step = Opening.of(job).nextStep();
        String stepId = step.map(next -> next.operation().id()).orElse(null);
        List<Fastener> due = stepId == null
                ? List.of()
                : job.model().fastenersOf(stepId).stream()
                        .filter(fastener -> !FastenerLog.of(job).out().contains(fastener.id()))
                        .filter(fastener -> !FastenerLog.of(job).missing().contains(fastener.id()))
                        .toList();
        List<FaceView> faces = FaceView.of(job, stepId);
        model.addAttribute("plan", Opening.of(job).plan());
        model.addAttribute("stepsIn", Opening.of(job).stepsIn());
        model.addAttribute("ribbon", Ribbon.of(plan, Set.copyOf(Opening.of(job).stepsIn())));
        model.addAttribute("step", step.orElse(null));
        model.addAttribute("due", due);
        model.addAttribute("faces", faces);
        model.addAttribute("atHand", FaceView.atHand(faces));
        model.addAttribute("halted", Assessing.of(job).halted());
        model.addAttribute(
                "mustConfirm",
                step.filter(next -> next.operation().isInside()).isPresent()
                        && !Opening.of(job).conditionsConfirmed());
        model.addAttribute("tray", JobTray.of(job).tray());
        model.addAttribute("trayPanel", TrayPanel.of(job, faces));
        model.addAttribute("stuck", StuckFastener.of(job, due));
        model.addAttribute("foundInstead", FastenerLog.of(job).foundInstead());
        model.addAttribute("openedBefore", Arriving.of(job).openedBefore() != OpenedBefore.NO);
        model.addAttribute("planning", Planning.of(job, attempt));
        model.addAttribute(
                "photos", stepId == null ? List.of() : JobPhotos.of(job).photosOf(stepId));
        model.addAttribute(
                "freeing",
                step.filter(next -> Freeing.isFreeing(job, next.operation())).isPresent());
        model.addAttribute(
                "refusedNow",
                step.filter(next ->
                                job.model().fastenersOf(next.operation().id()).isEmpty())
                        .filter(next -> !Freeing.isFreeing(job, next.operation()))
                        .flatMap(next -> Opening.of(job).refusedNow(next.operation(), now))
                        .orElse(null));
        model.addAttribute("taken", taken(job));
        model.addAttribute(
                "learnt",
                job.state()
                        .latest(OpenEntry.MinutesLearnt.class)
                        .map(OpenEntry.MinutesLearnt::steps)
                        .orElse(List.of()));
        model.addAttribute("labelDiffers", Opening.of(job).labelDiffers().orElse(null));
        model.addAttribute("ordered", OrderedPack.of(job).orElse(null));
        model.addAttribute("doneCount", Opening.of(job).stepsIn().size());
    }
}
