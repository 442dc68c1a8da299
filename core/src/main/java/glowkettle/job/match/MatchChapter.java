package glowkettle.job.match;

import glowkettle.assess.HazardReadings;
import glowkettle.job.Admission.Author;
import glowkettle.job.Admission.Refusal;
import glowkettle.job.Call;
import glowkettle.job.Chapter;
import glowkettle.job.Firmness;
import glowkettle.job.JobFile;
import glowkettle.job.Kind;
import glowkettle.job.NextThing;
import glowkettle.job.Spark;
import glowkettle.job.Stage;
import glowkettle.job.Told;
import glowkettle.job.Traits;
import glowkettle.job.assess.Assessing;
import glowkettle.library.DeviceModel;
import glowkettle.library.Mounting;
import glowkettle.limits.ShopLimits;
import glowkettle.match.BuildStep;
import glowkettle.shop.OpeningHours;
import java.math.BigDecimal;
import java.time.Instant;
import java.util.Collections;
import java.util.List;
import java.util.Optional;

/** A pack that is built of cells: drawn, matched, laid out, joined, measured and charged before it is fitted like any other. */
public final class MatchChapter implements Chapter<MatchEntry> {
    public static final Stage STAGE = new Stage("Match", "match");

    private static final List<Kind<? extends MatchEntry>> KINDS = List.of(
            tapped("old-pack-begun", MatchEntry.OldPackBegun.class, Traits.TYPED),
            tapped("old-cell-marked", MatchEntry.OldCellMarked.class, Traits.TAPPED),
            tapped("old-group-turned", MatchEntry.OldGroupTurned.class, Traits.TAPPED),
            tapped("sense-lead-followed", MatchEntry.SenseLeadFollowed.class, Traits.TAPPED),
            tapped("old-groups-metered", MatchEntry.OldGroupsMetered.class, Traits.READ),
            tapped("mending-read", MatchEntry.MendingRead.class, Traits.TYPED),
            tapped("cells-read", MatchEntry.CellsRead.class, Traits.WRITTEN_BY_ITS_PAGE),
            tapped("cell-listed", MatchEntry.CellListed.class, Traits.TYPED),
            tapped("cell-rewrapped", MatchEntry.CellRewrapped.class, Traits.TAPPED),
            tapped("cell-exchanged", MatchEntry.CellExchanged.class, Traits.TAPPED),
            // A strip that is torn off may touch its neighbour.
            Kind.of("strips-off", MatchEntry.StripsOff.class, Traits.TAPPED, Spark.KINDLES, Firmness.DONE),
            tapped("cell-metered", MatchEntry.CellMetered.class, Traits.TYPED),
            tapped("set-kept", MatchEntry.SetKept.class, Traits.TAPPED),
            tapped("pack-wanted", MatchEntry.PackWanted.class, Traits.TYPED),
            tapped("matched", MatchEntry.Matched.class, Traits.WRITTEN_BY_ITS_PAGE),
            new Kind<>(
                    "build-step-done",
                    MatchEntry.BuildStepDone.class,
                    Traits.TAPPED,
                    MatchChapter::spark,
                    MatchChapter::firmness),
            tapped("built-groups-metered", MatchEntry.BuiltGroupsMetered.class, Traits.READ),
            Kind.of(
                    "pack-charge-begun",
                    MatchEntry.PackChargeBegun.class,
                    Traits.TAPPED,
                    Spark.KINDLES,
                    Firmness.LOOSE),
            tapped("built-pack-felt", MatchEntry.BuiltPackFelt.class, Traits.READ),
            tapped("pack-charge-ended", MatchEntry.PackChargeEnded.class, Traits.TAPPED));

    /** A pen, a meter or a hand: nothing that sparks, nothing that stays. */
    private static <E extends MatchEntry> Kind<E> tapped(String id, Class<E> type, Traits traits) {
        return Kind.of(id, type, traits, Spark.HARMLESS, Firmness.LOOSE);
    }

    /** What no step is called by sparks as well as a weld: nobody knows what it is. */
    private static Spark spark(MatchEntry.BuildStepDone done) {
        boolean kindles =
                BuildStep.Kind.ofId(done.step()).map(BuildStep.Kind::kindles).orElse(true);
        if (done.joinedBy() == null) {
            return kindles ? Spark.KINDLES : Spark.HARMLESS;
        }
        return switch (done.joinedBy()) {
            case WELDS -> Spark.WELDS;
            case TAGS -> Spark.KINDLES;
        };
    }

    private static Firmness firmness(MatchEntry.BuildStepDone done) {
        return done.joinedBy() == null ? Firmness.LOOSE : Firmness.DONE;
    }

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
        return KINDS;
    }

    @Override
    public String words(MatchEntry entry, JobFile job) {
        return MatchWords.of(entry, job);
    }

    @Override
    public Optional<Told> tells(MatchEntry entry, DeviceModel model, ShopLimits limits) {
        return switch (entry) {
            case MatchEntry.OldGroupsMetered metered ->
                Optional.of(new Told.Cells(Told.Whose.OLD, metered.voltages().groupV()));
            case MatchEntry.BuiltGroupsMetered metered -> Optional.of(unpacked(metered));
            case MatchEntry.BuildStepDone done -> wrapped(done);
            case MatchEntry.BuiltPackFelt felt -> Optional.of(new Told.Felt(Told.Whose.NEW, felt.warmth()));
            case MatchEntry.PackChargeBegun ignored -> Optional.of(new Told.CurrentOn(Told.Whose.NEW, null));
            case MatchEntry.PackChargeEnded ignored -> Optional.of(new Told.CurrentOff(Told.Whose.NEW, null));
            case MatchEntry.OldPackBegun ignored -> Optional.empty();
            case MatchEntry.OldCellMarked ignored -> Optional.empty();
            case MatchEntry.OldGroupTurned ignored -> Optional.empty();
            case MatchEntry.SenseLeadFollowed ignored -> Optional.empty();
            case MatchEntry.MendingRead ignored -> Optional.empty();
            case MatchEntry.CellsRead ignored -> Optional.empty();
            case MatchEntry.CellListed ignored -> Optional.empty();
            case MatchEntry.CellRewrapped ignored -> Optional.empty();
            case MatchEntry.CellExchanged ignored -> Optional.empty();
            case MatchEntry.StripsOff ignored -> Optional.empty();
            case MatchEntry.CellMetered ignored -> Optional.empty();
            case MatchEntry.SetKept ignored -> Optional.empty();
            case MatchEntry.PackWanted ignored -> Optional.empty();
            case MatchEntry.Matched ignored -> Optional.empty();
        };
    }

    /** A pack that is wrapped is another pack: it is looked at like one that comes out of its box. */
    private static Optional<Told> wrapped(MatchEntry.BuildStepDone done) {
        return BuildStep.Kind.ofId(done.step())
                        .filter(BuildStep.Kind.WRAP::equals)
                        .isPresent()
                ? Optional.of(new Told.Built())
                : Optional.empty();
    }

    private static Told unpacked(MatchEntry.BuiltGroupsMetered metered) {
        List<BigDecimal> groups = metered.voltages().groupV();
        BigDecimal lowest = Collections.min(groups);
        BigDecimal highest = Collections.max(groups);
        return new Told.Unpacked(
                metered.look(),
                metered.thickness(),
                new HazardReadings.Voltage(
                        lowest,
                        highest,
                        HazardReadings.VoltageSource.CELLS,
                        null,
                        highest.subtract(lowest).movePointRight(3)));
    }

    @Override
    public Optional<Refusal> refuse(JobFile job, MatchEntry entry, Author author, Instant now) {
        return switch (entry) {
            case MatchEntry.OldPackBegun begun -> MatchAdmission.oldPackBegun(job, begun);
            case MatchEntry.OldCellMarked marked -> MatchAdmission.marked(job, marked);
            case MatchEntry.OldGroupTurned turned -> MatchAdmission.turned(job, turned);
            case MatchEntry.SenseLeadFollowed followed -> MatchAdmission.followed(job, followed);
            case MatchEntry.OldGroupsMetered metered -> MatchAdmission.oldMetered(job, metered.voltages());
            case MatchEntry.MendingRead mending -> MatchAdmission.mending(job, mending.mending());
            case MatchEntry.CellsRead read -> MatchAdmission.read(job, read.cells());
            case MatchEntry.CellListed listed -> MatchAdmission.read(job, List.of(listed.cell()));
            case MatchEntry.CellRewrapped again -> MatchAdmission.rewrapped(job, again.id());
            case MatchEntry.CellExchanged exchanged -> MatchAdmission.exchanged(job, exchanged);
            case MatchEntry.StripsOff off -> MatchAdmission.stripsOff(job, off.group());
            case MatchEntry.CellMetered metered -> MatchAdmission.metered(job, metered.id());
            case MatchEntry.SetKept kept -> MatchAdmission.kept(job, kept.made());
            case MatchEntry.PackWanted wanted -> MatchAdmission.wanted(job, wanted);
            case MatchEntry.Matched found -> MatchAdmission.matched(job, found);
            case MatchEntry.BuildStepDone done -> MatchAdmission.step(job, done);
            case MatchEntry.BuiltGroupsMetered metered -> MatchAdmission.builtMetered(job, metered);
            case MatchEntry.PackChargeBegun begun -> MatchAdmission.chargeBegun(job, begun);
            case MatchEntry.BuiltPackFelt felt -> MatchAdmission.felt(job, felt);
            case MatchEntry.PackChargeEnded ignored -> MatchAdmission.chargeEnded(job);
        };
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
