package glowkettle.job.match;

import glowkettle.finding.Weight;
import glowkettle.job.Admission;
import glowkettle.job.Admission.Refusal;
import glowkettle.job.JobFile;
import glowkettle.job.assess.Assessing;
import glowkettle.job.assess.EmptyReading;
import glowkettle.match.BuildStep;
import glowkettle.match.GroupVoltages;
import java.math.BigDecimal;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** When a pack may be joined, a step at a time: cells that are near enough, welds that are proven, groups that were measured. */
final class BuildAdmission {
    private BuildAdmission() {}

    static Optional<Refusal> step(JobFile job, MatchEntry.BuildStepDone done) {
        Optional<BuildStep> next = Building.of(job).next();
        if (next.isEmpty() || !next.get().id().equals(done.step())) {
            return Admission.no(
                    "step",
                    "The next step is “%s”."
                            .formatted(next.map(BuildStep::words)
                                    .orElse("none: cells are matched first, or it is built")));
        }
        return Assessing.unlessHalted(job)
                .or(() -> figures(job))
                .or(() -> joinedBy(next.get(), done))
                .or(() -> paralleled(job, next.get()));
    }

    static Optional<Refusal> figures(JobFile job) {
        return Matching.of(job)
                .figures()
                .flatMap(figures -> figures.findings().stream()
                        .filter(finding -> finding.weight().compareTo(Weight.STOP) >= 0)
                        .findFirst())
                .flatMap(over -> Admission.no("step", over.sentence()));
    }

    static Optional<Refusal> joinedBy(BuildStep step, MatchEntry.BuildStepDone done) {
        if (step.welds() == 0) {
            return done.joinedBy() == null && isNone(done.welds())
                    ? Optional.empty()
                    : Admission.no("joinedBy", "Nothing is joined at this step.");
        }
        if (done.joinedBy() == null) {
            return Admission.no("joinedBy", "Say whether it was welded or soldered to tags.");
        }
        BigDecimal welds = BigDecimal.valueOf(
                switch (done.joinedBy()) {
                    case WELDS -> step.welds();
                    case TAGS -> 0;
                });
        return done.welds() != null && done.welds().compareTo(welds) == 0
                ? Optional.empty()
                : Admission.no("welds", "This step makes %s welds.".formatted(welds));
    }

    static boolean isNone(@Nullable BigDecimal welds) {
        return welds == null || welds.signum() == 0;
    }

    /** Before the first strip of a group its cells are near enough to each other; nobody knows that of what nobody measured. */
    static Optional<Refusal> paralleled(JobFile job, BuildStep step) {
        return Matching.of(job).apart(step).stream().findFirst().flatMap(group -> Admission.no("step", apart(group)));
    }

    static String apart(Matching.Joined group) {
        if (!group.rejected().isEmpty()) {
            return "Group %s: %s goes into no pack any more; put another cell in its place."
                    .formatted(group.group(), String.join(", ", group.rejected()));
        }
        return group.unread().isEmpty()
                ? group.paralleling().orElseThrow().findings().getFirst().sentence()
                : "Group %s: measure the rested voltage of %s first."
                        .formatted(group.group(), String.join(", ", group.unread()));
    }

    static Optional<Refusal> builtMetered(JobFile job, MatchEntry.BuiltGroupsMetered metered) {
        return EmptyReading.refuse(metered.look())
                .or(() -> metered.thickness().middleThicknessMm() == null
                        ? Admission.no("thickness.middleThicknessMm", "Missing: measure the new pack's thickness.")
                        : builtMetered(job, metered.voltages()));
    }

    static Optional<Refusal> builtMetered(JobFile job, GroupVoltages.Request read) {
        return Building.of(job).isBuilt()
                ? Assessing.unlessHalted(job)
                        .or(() -> DrawingAdmission.counted(
                                read,
                                Matching.of(job)
                                        .wanted()
                                        .map(wanted -> wanted.series().intValue())
                                        .orElse(0)))
                : Admission.no("", "The pack is not built yet.");
    }
}
