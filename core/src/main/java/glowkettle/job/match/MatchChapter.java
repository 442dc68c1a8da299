package glowkettle.job.match;

import glowkettle.job.Call;
import glowkettle.job.Chapter;
import glowkettle.job.JobFile;
import glowkettle.job.Kind;
import glowkettle.job.NextThing;
import glowkettle.job.Stage;
import glowkettle.job.assess.Assessing;
import glowkettle.library.Mounting;
import glowkettle.shop.OpeningHours;
import java.util.List;
import java.util.Optional;

/** A pack that is built of cells: drawn, matched, laid out, joined, measured and charged before it is fitted like any other. */
public final class MatchChapter implements Chapter<MatchEntry> {
    public static final Stage STAGE = new Stage("Match", "match");

    @Override
    public Stage stage() {
        return STAGE;
    }

    @Override
    public Class<MatchEntry> entries() {
        return MatchEntry.class;
    }

    @Override
    public List<Kind<? extends MatchEntry>> kinds() {
        return MatchKinds.ALL;
    }

    @Override
    public Optional<NextThing> next(JobFile job) {
        MatchAct act = MatchAct.of(job);
        return (act.isOpen() || act == MatchAct.NOT_BEGUN && awaitsCells(job)) && !job.oldPackReturns()
                ? Optional.of(NextThing.of(STAGE, act.words(job)))
                : Optional.empty();
    }

    /** A pack of cells is out, and none that was bought was offered in its stead. */
    private static boolean awaitsCells(JobFile job) {
        return job.model().housing().mounting() == Mounting.CELL_PACK && job.liftedOut() && !job.isOffered();
    }

    @Override
    public Optional<NextThing> offFirst(JobFile job) {
        boolean off = Building.of(job)
                .firstCharge()
                .filter(charge -> charge.isOn()
                        && (Assessing.of(job).halted()
                                || charge.hot(job.limits()).isPresent()))
                .isPresent();
        return off ? Optional.of(NextThing.of(STAGE, MatchAct.HOT.words(job))) : Optional.empty();
    }

    /** Whatever is due on a pack that is built is gone to before it is fitted. */
    @Override
    public boolean callsBack() {
        return true;
    }

    @Override
    public boolean hasBegun(JobFile job) {
        return Matching.of(job).isBegun();
    }

    /** Devices that take a pack of cells, and whatever pack somebody began to build. */
    @Override
    public boolean isOnTheWayOf(JobFile job) {
        return job.model().housing().mounting() == Mounting.CELL_PACK
                || job.state().all(MatchEntry.class).findAny().isPresent();
    }

    @Override
    public List<Call> calls(JobFile job, OpeningHours hours) {
        return Building.of(job)
                .firstCharge()
                .map(charge -> charge.calls(job.limits(), hours, STAGE))
                .orElse(List.of());
    }
}
