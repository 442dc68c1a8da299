package glowkettle.app.wayback;

import glowkettle.app.binding.Attempt;
import glowkettle.app.desk.StagePage;
import glowkettle.app.open.FaceView;
import glowkettle.app.open.StuckFastener;
import glowkettle.app.open.TrayPanel;
import glowkettle.job.Admission;
import glowkettle.job.JobFile;
import glowkettle.job.Stage;
import glowkettle.job.fit.Fitting;
import glowkettle.job.open.FastenerLog;
import glowkettle.job.photo.JobPhotos;
import glowkettle.job.wayback.ClosingUp;
import glowkettle.job.wayback.JobTray;
import glowkettle.job.wayback.WayBackChapter;
import glowkettle.job.wayback.WayBackEntry;
import glowkettle.library.Fastener;
import glowkettle.open.Tightening;
import glowkettle.open.WayBack;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;
import org.springframework.ui.Model;

/** The next step back, the tray that empties onto the map, and what is left over or empty. */
@Component
class WayBackPage implements StagePage {
    @Override
    public Stage stage() {
        return WayBackChapter.STAGE;
    }

    @Override
    public void fill(Model model, JobFile job, Attempt attempt, Instant now) {
        Set<String> missing = FastenerLog.of(job).missing();
        model.addAttribute(
                "missingHoles",
                ClosingUp.of(job)
                        .nextStepBack()
                        .map(next -> JobTray.of(job).emptyHolesOf(next.id()).stream()
                                .filter(missing::contains)
                                .toList())
                        .orElse(List.of()));
        model.addAttribute(
                "refusedNow",
                ClosingUp.of(job)
                        .nextStepBack()
                        .filter(next -> JobTray.of(job).emptyHolesOf(next.id()).isEmpty())
                        .flatMap(next -> Admission.refusedNow(job, new WayBackEntry.StepBack(next.id()), now))
                        .orElse(null));
        WayBack.Plan plan = ClosingUp.of(job).wayBack().result();
        Optional<WayBack.Step> step = ClosingUp.of(job).nextStepBack();
        String stepId = step.map(WayBack.Step::id).orElse(null);
        List<String> empty = JobTray.of(job).tray().result().emptyHoles();
        List<Fastener> holes = stepId == null
                ? List.of()
                : job.model().fastenersOf(stepId).stream()
                        .filter(fastener -> empty.contains(fastener.id()))
                        .toList();
        model.addAttribute("back", plan);
        model.addAttribute("step", step.orElse(null));
        model.addAttribute("holes", holes);
        model.addAttribute(
                "inTray",
                Stream.concat(JobTray.of(job).tray().result().leftOver().stream(), missing.stream())
                        .flatMap(id -> job.model().fastener(id).stream())
                        .toList());
        List<FaceView> faces = FaceView.of(job, stepId);
        model.addAttribute("faces", faces);
        model.addAttribute("atHand", FaceView.atHand(faces));
        model.addAttribute("tray", JobTray.of(job).tray());
        model.addAttribute("trayPanel", TrayPanel.of(job, faces));
        List<Fastener> group = stepId == null ? List.of() : job.model().fastenersOf(stepId);
        model.addAttribute("turns", Tightening.order(group));
        model.addAttribute("torques", TrayPanel.torques(job, group));
        model.addAttribute("stuck", StuckFastener.of(job, holes));
        model.addAttribute("packChosen", Fitting.of(job).packChosen());
        model.addAttribute(
                "photos", stepId == null ? List.of() : JobPhotos.of(job).photosOf(stepId));
        model.addAttribute("doneBack", ClosingUp.of(job).stepsBack());
    }
}
