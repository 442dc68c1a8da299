package glowkettle.app.assess;

import glowkettle.app.binding.Attempt;
import glowkettle.app.desk.StagePage;
import glowkettle.app.isolation.Containers;
import glowkettle.app.shop.ShopBook;
import glowkettle.assess.HazardReadings;
import glowkettle.job.JobFile;
import glowkettle.job.Moment;
import glowkettle.job.Stage;
import glowkettle.job.assess.AssessChapter;
import glowkettle.job.assess.AssessEntry;
import glowkettle.job.assess.Assessing;
import glowkettle.job.assess.PackHealth;
import glowkettle.job.isolation.Isolating;
import glowkettle.job.open.Opening;
import glowkettle.limits.Limit;
import java.lang.reflect.RecordComponent;
import java.time.Instant;
import java.util.Arrays;
import java.util.List;
import org.springframework.stereotype.Component;
import org.springframework.ui.Model;

/** The readings taken so far and the forms for the next ones; in an isolated job the isolation sheet stands first. */
@Component
class AssessPage implements StagePage {
    private static final List<String> LOOK_FIELDS = Arrays.stream(HazardReadings.Look.class.getRecordComponents())
            .filter(component -> component.getType() == Boolean.class)
            .map(RecordComponent::getName)
            .toList();

    private final Containers containers;
    private final ShopBook shop;

    AssessPage(Containers containers, ShopBook shop) {
        this.containers = containers;
        this.shop = shop;
    }

    @Override
    public Stage stage() {
        return AssessChapter.STAGE;
    }

    @Override
    public void fill(Model model, JobFile job, Attempt attempt, Instant now) {
        PackHealth health = PackHealth.of(job);
        model.addAttribute("asking", NextReading.of(job));
        RestProposed rest = RestProposed.of(job);
        model.addAttribute("restProposed", rest.atRest());
        model.addAttribute("restBecause", rest.because());
        model.addAttribute(
                "severalCells", !job.packKnown() || job.model().pack().series().intValue() > 1);
        model.addAttribute("hasTouchPanel", job.model().hasTouchPanel());
        model.addAttribute("coldNext", Assessing.of(job).coldRemovalNext().orElse(null));
        model.addAttribute("coldSteps", AssessEntry.ColdStep.values());
        model.addAttribute("waitsForRunDown", health.waitsForRunDown());
        model.addAttribute("runDownUndecided", Opening.of(job).runDownUndecided());
        model.addAttribute("runDownTarget", job.limits().applied(Limit.RUN_DOWN_TARGET_PERCENT));
        model.addAttribute(
                "look",
                job.state()
                        .latest(AssessEntry.Looked.class)
                        .map(AssessEntry.Looked::look)
                        .orElse(null));
        model.addAttribute(
                "warmth",
                job.state()
                        .latest(AssessEntry.WarmthTaken.class)
                        .map(AssessEntry.WarmthTaken::warmth)
                        .orElse(null));
        model.addAttribute(
                "seam",
                job.state()
                        .latest(AssessEntry.SeamTaken.class)
                        .map(AssessEntry.SeamTaken::seam)
                        .orElse(null));
        model.addAttribute(
                "thickness",
                job.state()
                        .latest(AssessEntry.ThicknessTaken.class)
                        .map(AssessEntry.ThicknessTaken::thickness)
                        .orElse(null));
        model.addAttribute(
                "voltage",
                job.state()
                        .latest(AssessEntry.VoltageTaken.class)
                        .map(AssessEntry.VoltageTaken::voltage)
                        .orElse(null));
        model.addAttribute(
                "gauge", Assessing.of(job).gaugeReading(Moment.BEFORE).orElse(null));
        model.addAttribute("meterError", job.limits().of(Limit.METER_ERROR_MV));
        model.addAttribute("panel", HealthPanel.of(job, now, shop.zone()));
        model.addAttribute("seamFace", SeamFace.of(job.model()));
        model.addAttribute("voltageSources", HazardReadings.VoltageSource.values());
        model.addAttribute("wets", HazardReadings.Wet.values());
        model.addAttribute("kinds", TakenReading.all(job));
        model.addAttribute("lookFields", LOOK_FIELDS);
        model.addAttribute("halted", Assessing.of(job).halted());
        model.addAttribute("stored", Isolating.of(job).stored().orElse(null));
        if (Assessing.of(job).halted()) {
            model.addAttribute("proposal", containers.proposal(job));
        }
    }
}
