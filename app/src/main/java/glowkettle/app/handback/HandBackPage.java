package glowkettle.app.handback;

import glowkettle.app.binding.Attempt;
import glowkettle.app.desk.StagePage;
import glowkettle.app.isolation.Containers;
import glowkettle.job.JobFile;
import glowkettle.job.Role;
import glowkettle.job.Stage;
import glowkettle.job.fit.Fitting;
import glowkettle.job.handback.HandBackChapter;
import glowkettle.job.handback.HandBackEntry;
import glowkettle.job.handback.Signatures;
import glowkettle.job.isolation.Isolating;
import glowkettle.job.open.Opening;
import java.time.Instant;
import org.springframework.stereotype.Component;
import org.springframework.ui.Model;

/** Where the old pack goes, the owner's sheet, and who signs. */
@Component
class HandBackPage implements StagePage {
    private final Containers containers;

    HandBackPage(Containers containers) {
        this.containers = containers;
    }

    @Override
    public Stage stage() {
        return HandBackChapter.STAGE;
    }

    @Override
    public void fill(Model model, JobFile job, Attempt attempt, Instant now) {
        model.addAttribute("sheet", OwnersSheet.of(job));
        model.addAttribute("stored", Isolating.of(job).stored().orElse(null));
        if (Isolating.of(job).stored().isEmpty()) {
            model.addAttribute("proposal", containers.proposal(job));
        }
        model.addAttribute("keepsPack", Fitting.of(job).keepsPack());
        model.addAttribute("needsLead", job.needsLead());
        model.addAttribute("oldPackIs", oldPackIs(job));
        model.addAttribute("technicianSigned", Signatures.of(job).by(Role.TECHNICIAN));
        model.addAttribute(
                "failed",
                Signatures.of(job).forTheOwner().isPresent()
                        ? null
                        : Signatures.of(job).failedCheck().orElse(null));
        model.addAttribute("leadSigned", Signatures.of(job).by(Role.LEAD));
        model.addAttribute("closed", job.closed());
        model.addAttribute(
                "addenda", job.state().all(HandBackEntry.Addendum.class).toList());
    }

    private static String oldPackIs(JobFile job) {
        Isolating isolating = Isolating.of(job);
        if (isolating.collector().isPresent()) {
            return "The old pack was handed over to " + isolating.collector().get();
        }
        if (isolating.liesIn().isPresent()) {
            return "The old pack lies in " + isolating.liesIn().get();
        }
        return Opening.of(job).stepsIn().isEmpty() ? "It was not opened" : "The old pack is in the device again";
    }
}
