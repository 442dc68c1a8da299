package glowkettle.app.join;

import glowkettle.job.JobFile;
import glowkettle.job.assess.Assessing;
import glowkettle.job.fit.Fitting;
import glowkettle.job.join.Joining;
import glowkettle.job.join.TransplantStep;
import glowkettle.job.join.Transplanting;
import glowkettle.job.join.Welding;
import java.time.Instant;
import org.jspecify.annotations.Nullable;

/**
 * Join as it is drawn: what the hands do now, and whatever it stands on.
 *
 * @param leads null where none are soldered
 * @param moving null until a board is to move
 */
public record JoinView(
        JobFile job,
        Act act,
        @Nullable LeadsPanel leads,
        @Nullable MovingPanel moving,
        WeldPanel weld) {
    /** What the page is about. */
    public enum Act {
        HALTED,
        NO_PACK,
        PROVE_WELD,
        MOVE,
        LIST,
        METER,
        UNMET,
        SPLICE,
        SOLDER,
        DONE
    }

    static JoinView of(JobFile job, Instant now) {
        Joining joining = Joining.of(job);
        boolean moves = Transplanting.of(job).isPlanned();
        return new JoinView(
                job,
                act(job, joining),
                joining.isWanted() ? LeadsPanel.of(job, now) : null,
                moves ? MovingPanel.of(job, now) : null,
                WeldPanel.of(job, now));
    }

    private static Act act(JobFile job, Joining joining) {
        if (Assessing.of(job).halted()) {
            return Act.HALTED;
        }
        if (!Fitting.of(job).fitsNewPack()) {
            return Welding.of(job).isOwedByBuilding() ? Act.PROVE_WELD : Act.NO_PACK;
        }
        if (Transplanting.of(job).next().isPresent()) {
            return Act.MOVE;
        }
        if (!joining.isWanted() || joining.isJoined()) {
            return Act.DONE;
        }
        if (joining.listed().isEmpty()) {
            return Act.LIST;
        }
        if (!joining.isFound()) {
            return Act.METER;
        }
        if (joining.unmetPad().isPresent()) {
            return Act.UNMET;
        }
        return joining.isPlanned() ? Act.SOLDER : Act.SPLICE;
    }

    /** Trial welds are the step at hand. */
    public boolean provesWeld() {
        return act == Act.PROVE_WELD
                || act == Act.MOVE && moving != null && moving.step() == TransplantStep.WELD_PROVEN;
    }

    /** Nothing is joined here: a plug does it. */
    public boolean isPlugged() {
        return job.model().housing().leads() == null;
    }
}
