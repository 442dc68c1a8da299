package glowkettle.app.join;

import glowkettle.app.drawing.Plot;
import glowkettle.finding.Result;
import glowkettle.job.JobFile;
import glowkettle.job.join.JoinEntry;
import glowkettle.job.join.Welding;
import glowkettle.join.JointHeat;
import glowkettle.join.Strip;
import glowkettle.join.WeldLadder;
import java.time.Instant;
import org.jspecify.annotations.Nullable;

/**
 * Trial welds, strips, and irons on tags.
 *
 * @param liftBy when the iron has to be off; null while none is on
 * @param nextJointAt when the can has cooled; null when it has, and where nothing was soldered
 */
public record WeldPanel(
        JobFile job,
        @Nullable Result<WeldLadder> ladder,
        @Nullable Result<Strip> strip,
        @Nullable Instant liftBy,
        @Nullable Instant nextJointAt,
        @Nullable JointHeat taken) {
    static WeldPanel of(JobFile job, Instant now) {
        Welding welding = Welding.of(job);
        return new WeldPanel(
                job,
                welding.ladder().orElse(null),
                welding.strip().orElse(null),
                welding.liftBy().orElse(null),
                welding.nextJointAt().filter(now::isBefore).orElse(null),
                welding.taken().orElse(null));
    }

    public JoinEntry.@Nullable WelderSet welder() {
        return Welding.of(job).welder().orElse(null);
    }

    public boolean proven() {
        return Welding.of(job).isProven();
    }

    public JoinEntry.School[] schools() {
        return JoinEntry.School.values();
    }

    /** The tag that was soldered last, to begin the next one from. */
    public JointHeat.@Nullable Request lastTag() {
        return Welding.of(job).joint().map(joint -> joint.begun().joint()).orElse(null);
    }

    public @Nullable Plot chart() {
        JointHeat.Request tag = lastTag();
        return tag == null
                ? null
                : JointChart.of(tag, JointHeat.of(tag, job.limits()).result(), job.limits());
    }
}
