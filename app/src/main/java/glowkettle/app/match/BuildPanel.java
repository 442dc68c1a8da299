package glowkettle.app.match;

import glowkettle.job.Admission;
import glowkettle.job.JobFile;
import glowkettle.job.join.Welding;
import glowkettle.job.match.Building;
import glowkettle.job.match.MatchEntry;
import glowkettle.job.match.Matching;
import glowkettle.limits.Limit;
import glowkettle.match.BuildStep;
import glowkettle.match.Layout;
import glowkettle.match.Layout.End;
import java.math.BigDecimal;
import java.time.Instant;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/**
 * The new pack under the hands: its step, both of its ends, and why the step waits.
 *
 * @param step null when all are done
 * @param refused why a weld cannot be made now; null when it can
 */
public record BuildPanel(
        JobFile job,
        Layout layout,
        List<BuildStep> steps,
        @Nullable BuildStep step,
        LayoutDrawing near,
        LayoutDrawing far,
        @Nullable String refused) {
    public BuildPanel {
        steps = List.copyOf(steps);
    }

    static @Nullable BuildPanel of(JobFile job, Instant now) {
        return Matching.of(job)
                .layout()
                .map(layout -> of(job, layout.result(), now))
                .orElse(null);
    }

    private static BuildPanel of(JobFile job, Layout layout, Instant now) {
        Building building = Building.of(job);
        BuildStep step = building.next().orElse(null);
        End end = step == null || step.end() == null ? End.TOP : step.end();
        LayoutDrawing.Under under = LayoutDrawing.Under.of(
                building.steps().stream().filter(building::isDone).toList(), step);
        return new BuildPanel(
                job,
                layout,
                building.steps(),
                step,
                drawn(job, layout, end, under),
                drawn(job, layout, end.other(), under),
                step == null ? null : refused(job, step, now));
    }

    private static LayoutDrawing drawn(JobFile job, Layout layout, End end, LayoutDrawing.Under under) {
        BigDecimal strip = Matching.of(job)
                .wanted()
                .map(wanted -> wanted.parts().stripWidthMm())
                .orElse(null);
        return LayoutDrawing.of(
                layout,
                end,
                Objects.requireNonNullElse(strip, job.limits().of(Limit.STRIP_WIDTH_MM))
                        .doubleValue(),
                under);
    }

    private static @Nullable String refused(JobFile job, BuildStep step, Instant now) {
        MatchEntry.BuildStepDone done = step.welds() == 0
                ? new MatchEntry.BuildStepDone(step.id(), null, null)
                : new MatchEntry.BuildStepDone(step.id(), MatchEntry.JoinedBy.WELDS, BigDecimal.valueOf(step.welds()));
        return Admission.refusedNow(job, done, now).orElse(null);
    }

    public int number() {
        return step == null ? steps.size() : steps.indexOf(step) + 1;
    }

    public boolean isDone(BuildStep one) {
        return Building.of(job).isDone(one);
    }

    /** The step joins cells: by welds or by tags. */
    public boolean isJoining() {
        return step != null && step.welds() > 0;
    }

    /** Welds wait for a level that holds; tags do not. */
    public boolean isLadderOwed() {
        return isJoining() && !Welding.of(job).isProven();
    }

    /** A cell that could take another's place; null where none is free. */
    public @Nullable String spare() {
        return Matching.of(job).spares().stream().findFirst().orElse(null);
    }

    public List<Matching.Joined> apart() {
        return step == null ? List.of() : Matching.of(job).apart(step);
    }
}
