package glowkettle.job;

import glowkettle.assess.Tier;
import glowkettle.calibrate.Kept;
import glowkettle.finding.Figures;
import glowkettle.fit.PackComparison;
import glowkettle.fit.Verdict;
import glowkettle.job.assess.AssessEntry;
import glowkettle.job.assess.PackHealth;
import glowkettle.job.fit.PackPromise;
import glowkettle.job.free.Freeing;
import glowkettle.limits.Limit;
import glowkettle.open.TeardownPlan;
import glowkettle.open.WayBack;
import glowkettle.prove.CheckList;
import java.util.List;
import java.util.Optional;

/**
 * Where a job stands and the one thing to do next.
 *
 * @param blocked true when only somebody else or something else can move it on
 */
public record NextThing(Stage stage, String what, boolean blocked) {
    static NextThing of(JobFile job) {
        if (job.closed()) {
            return new NextThing(Stage.HAND_BACK, "Signed and closed", false);
        }
        if (job.tier().result().tier() == Tier.EVACUATE) {
            return new NextThing(Stage.ASSESS, "Evacuate: hands off, everybody out", true);
        }
        if (job.halted()) {
            return job.stored().isPresent()
                    ? new NextThing(Stage.ASSESS, "Isolated: a lead decides how it goes on", true)
                    : new NextThing(Stage.ASSESS, "Isolate it: into container, then the watch", false);
        }
        Optional<AssessEntry.ColdStep> cold = job.coldRemovalNext();
        if (cold.isPresent()) {
            return new NextThing(Stage.ASSESS, "Cold removal: " + cold.get().words(), false);
        }
        return working(job);
    }

    private static NextThing working(JobFile job) {
        List<String> missing = job.readingsToTake();
        if (!missing.isEmpty() && job.stepsBack().isEmpty()) {
            return new NextThing(Stage.ASSESS, missing.getFirst(), false);
        }
        if (job.isDeclined() && job.stepsIn().isEmpty()) {
            return new NextThing(Stage.HAND_BACK, "The quote was declined: hand it back as it came, and sign", false);
        }
        return job.isDeclined() ? closing(job) : opening(job);
    }

    private static NextThing opening(JobFile job) {
        PackHealth health = PackHealth.of(job);
        if (health.waitsForRunDown()) {
            return new NextThing(
                    Stage.ASSESS,
                    "Run it down to %s, then read its charge"
                            .formatted(Figures.withUnit(job.limits().of(Limit.RUN_DOWN_TARGET_PERCENT), "%")),
                    false);
        }
        if (health.runDownUndecided()) {
            return new NextThing(Stage.ASSESS, "Say what charge it holds, and how it is brought down", false);
        }
        TeardownPlan plan = job.plan().result();
        Optional<TeardownPlan.Step> step = job.nextStep(plan);
        if (step.isPresent() && job.labelDiffers().isPresent()) {
            return new NextThing(Stage.OPEN, "Paused: get the pack that its label asks for", true);
        }
        if (step.isPresent()) {
            boolean freeing = Freeing.isFreeing(job, step.get().operation());
            return new NextThing(
                    freeing ? Stage.FREE : Stage.OPEN, step.get().operation().label(), false);
        }
        return closing(job);
    }

    private static NextThing closing(JobFile job) {
        if (!job.packChosen()) {
            return fit(job);
        }
        WayBack.Plan back = job.wayBack().result();
        Optional<WayBack.Step> backStep = job.nextStepBack(back);
        if (backStep.isPresent()) {
            return new NextThing(Stage.WAY_BACK, backStep.get().label(), false);
        }
        return afterwards(job);
    }

    private static NextThing fit(JobFile job) {
        if (!job.packKnown()) {
            return new NextThing(Stage.FIT, "Read the old pack's label and measure its bay", false);
        }
        Optional<PackComparison.Comparison> compared = job.comparison().map(result -> result.result());
        if (compared.isEmpty()) {
            return new NextThing(Stage.FIT, "Read the new pack's label and hold it against the bay", false);
        }
        Verdict verdict = compared.get().verdict();
        return switch (verdict) {
            case FITS, WITH_CARE ->
                new NextThing(
                        Stage.FIT,
                        PackPromise.isSound(job.unpacked())
                                .map(Admission.Refusal::reason)
                                .orElse("Take this pack, or look at another"),
                        false);
            case ASK -> new NextThing(Stage.FIT, "Find out what the label leaves open", false);
            case REFUSED -> new NextThing(Stage.FIT, "This pack is refused: get another", false);
        };
    }

    private static NextThing afterwards(JobFile job) {
        Optional<CheckList.Check> open = job.checks().stream()
                .filter(check -> !job.checked().containsKey(check.id()))
                .findFirst();
        if (open.isPresent()) {
            return new NextThing(Stage.PROVE, open.get().question(), false);
        }
        if (!job.soak().leftOut()) {
            Kept.Verdict verdict = job.soak().verdict().result();
            if (verdict.standing() == Kept.Standing.UNDER_WAY || verdict.standing() == Kept.Standing.REPEAT) {
                return new NextThing(Stage.CALIBRATE, cycleStep(job, verdict), false);
            }
        }
        if (job.stored().isEmpty() && !job.keepsPack()) {
            return new NextThing(Stage.HAND_BACK, "Put the old pack into a container", false);
        }
        if (job.failedCheck().isPresent() && !job.failuresTakenOn()) {
            return new NextThing(Stage.HAND_BACK, "A check failed: mend it, or a lead takes it on", false);
        }
        boolean technicianSigned = job.signedBy(Role.TECHNICIAN);
        if (!technicianSigned && job.signedBy(Role.LEAD)) {
            return new NextThing(Stage.HAND_BACK, "A technician signs, too", false);
        }
        return technicianSigned
                ? new NextThing(Stage.HAND_BACK, "A lead signs, too", true)
                : new NextThing(Stage.HAND_BACK, "Read the owner's sheet and sign", false);
    }

    private static String cycleStep(JobFile job, Kept.Verdict verdict) {
        if (verdict.repeatFrom() != null) {
            return "Not kept: begin the soak cycle again";
        }
        var cycle = job.soak().progress();
        if (cycle.chargeStarted() == null) {
            return "Plug in: charge and soak";
        }
        if (cycle.runDownStarted() == null) {
            return "Unplug after the soak and start the run-down";
        }
        if (cycle.shutDownSeen() == null) {
            return "Look whether it has shut itself down";
        }
        return cycle.lastChargeStarted() == null ? "Plug in for the last charge" : "Unplug when full: done";
    }
}
