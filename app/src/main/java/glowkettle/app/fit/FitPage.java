package glowkettle.app.fit;

import glowkettle.app.binding.Attempt;
import glowkettle.app.desk.StagePage;
import glowkettle.app.isolation.Containers;
import glowkettle.assess.HazardReadings;
import glowkettle.assess.Tier;
import glowkettle.cell.Body;
import glowkettle.finding.Unanswerable;
import glowkettle.fit.SizeCode;
import glowkettle.fit.Verdict;
import glowkettle.job.JobFile;
import glowkettle.job.Stage;
import glowkettle.job.fit.FitChapter;
import glowkettle.job.fit.FitEntry;
import glowkettle.job.fit.Fitting;
import glowkettle.job.free.Freeing;
import glowkettle.job.free.Overheating;
import glowkettle.job.isolation.Isolating;
import glowkettle.library.PackData;
import glowkettle.limits.Limit;
import java.time.Instant;
import java.util.List;
import org.springframework.stereotype.Component;
import org.springframework.ui.Model;

/** The label form, and the comparison it gave. */
@Component
class FitPage implements StagePage {
    private final Containers containers;

    FitPage(Containers containers) {
        this.containers = containers;
    }

    @Override
    public Stage stage() {
        return FitChapter.STAGE;
    }

    @Override
    public void fill(Model model, JobFile job, Attempt attempt, Instant now) {
        var label = Fitting.of(job).offered().orElse(null);
        var comparison = Fitting.of(job).comparison().orElse(null);
        PackData pack = job.model().pack();
        boolean onTheBench = job.liftedOut()
                && Isolating.of(job).stored().isEmpty()
                && !Fitting.of(job).keepsPack()
                && !job.closed();
        model.addAttribute("putAway", onTheBench ? containers.proposal(job) : null);
        model.addAttribute("pack", pack);
        model.addAttribute(
                "oldPack",
                job.state()
                        .latest(FitEntry.OldPackRead.class)
                        .map(FitEntry.OldPackRead::pack)
                        .orElse(null));
        model.addAttribute("label", label);
        model.addAttribute("comparison", comparison);
        model.addAttribute("bodies", Body.values());
        model.addAttribute("chosen", Fitting.of(job).packChosen());
        model.addAttribute("keepsPack", Fitting.of(job).keepsPack());
        model.addAttribute("prisedOff", Freeing.of(job).prisedOff());
        boolean fits = comparison != null
                && comparison.result().verdict().compareTo(Verdict.ASK) < 0
                && !Fitting.of(job).packChosen();
        boolean sound = job.newPackTier()
                .filter(judged -> judged.result().tier() == Tier.CLEAR)
                .isPresent();
        model.addAttribute("takeable", fits && sound && job.liftedOut());
        model.addAttribute("takeOutFirst", fits && sound && !job.liftedOut());
        model.addAttribute("fallen", Fitting.of(job).promiseFallen().orElse(null));
        model.addAttribute("lookFirst", fits && !sound);
        model.addAttribute("newPack", job.newPackTier().orElse(null));
        model.addAttribute("soldered", job.model().leads() != null);
        model.addAttribute("newLeads", Fitting.of(job).newLeads().orElse(null));
        model.addAttribute("severalCells", pack.series().intValue() > 1);
        model.addAttribute("voltageSources", HazardReadings.VoltageSource.values());
        model.addAttribute("notCharged", job.limits().applied(Limit.CELL_LOW_GUARDED_V));
        model.addAttribute(
                "mayReturn",
                !Overheating.of(job).cellsWereTooHot()
                        && !job.oldPackTier().result().tier().atLeast(Tier.GUARDED));
        model.addAttribute("sizeReadings", label == null ? List.of() : readings(label.sizeCode(), job));
    }

    private static List<SizeCode.Reading> readings(@org.jspecify.annotations.Nullable String code, JobFile job) {
        if (code == null) {
            return List.of();
        }
        try {
            var pack = job.model().pack();
            return SizeCode.readings(
                            new SizeCode.Request(code, pack.bayThicknessMm(), pack.bayWidthMm(), pack.bayLengthMm()),
                            job.limits())
                    .result();
        } catch (Unanswerable unreadable) {
            return List.of();
        }
    }
}
