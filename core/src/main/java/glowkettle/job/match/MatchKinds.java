package glowkettle.job.match;

import glowkettle.assess.HazardReadings;
import glowkettle.finding.Figures;
import glowkettle.job.Firmness;
import glowkettle.job.Kind;
import glowkettle.job.Phrases;
import glowkettle.job.Spark;
import glowkettle.job.Told;
import glowkettle.job.Traits;
import glowkettle.match.BuildStep;
import java.math.BigDecimal;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;

/** Every kind of entry that may be written at Match, each with all that is decided of it. */
final class MatchKinds {
    static final List<Kind<? extends MatchEntry>> ALL = List.of(
            tapped("old-pack-begun", MatchEntry.OldPackBegun.class, Traits.TYPED)
                    .says(begun -> "Old pack: %s groups of %s, %s rows, %s"
                            .formatted(
                                    begun.series(),
                                    begun.parallel(),
                                    begun.rows(),
                                    begun.arrangement().words()))
                    .tellsNothing()
                    .admits((job, begun) -> DrawingAdmission.oldPackBegun(job, begun)),
            tapped("old-cell-marked", MatchEntry.OldCellMarked.class, Traits.TAPPED)
                    .says(marked -> "Place %s is of group %s".formatted(marked.place(), marked.group()))
                    .tellsNothing()
                    .admits((job, marked) -> DrawingAdmission.marked(job, marked)),
            tapped("old-group-turned", MatchEntry.OldGroupTurned.class, Traits.TAPPED)
                    .says(turned -> "Group %s lies the other way round".formatted(turned.group()))
                    .tellsNothing()
                    .admits((job, turned) -> DrawingAdmission.turned(job, turned)),
            tapped("sense-lead-followed", MatchEntry.SenseLeadFollowed.class, Traits.TAPPED)
                    .says(followed -> "Pin %s of the sense plug is on tap %s".formatted(followed.pin(), followed.tap()))
                    .tellsNothing()
                    .admits((job, followed) -> DrawingAdmission.followed(job, followed)),
            tapped("old-groups-metered", MatchEntry.OldGroupsMetered.class, Traits.READ)
                    .says(metered -> "Old groups: " + MatchWords.voltages(metered.voltages()))
                    .tells(metered ->
                            new Told.Cells(Told.Whose.OLD, metered.voltages().groupV()))
                    .admits((job, metered) -> DrawingAdmission.oldMetered(job, metered.voltages())),
            tapped("mending-read", MatchEntry.MendingRead.class, Traits.TYPED)
                    .says(mending -> "Groups of a used pack: "
                            + mending.mending().groups().stream()
                                    .map(group -> Figures.of(group.capacityMah()))
                                    .collect(Collectors.joining(", "))
                            + " mAh")
                    .tellsNothing()
                    .admits((job, mending) -> DrawingAdmission.mending(job, mending.mending())),
            tapped("cells-read", MatchEntry.CellsRead.class, Traits.WRITTEN_BY_ITS_PAGE)
                    .says(read -> "Cells: %s from %s".formatted(read.cells().size(), read.name()))
                    .tellsNothing()
                    .admits((job, read) -> MatchAdmission.read(job, read.cells())),
            tapped("cell-listed", MatchEntry.CellListed.class, Traits.TYPED)
                    .says(listed -> "Cell " + MatchWords.cell(listed.cell()))
                    .tellsNothing()
                    .admits((job, listed) -> MatchAdmission.read(job, List.of(listed.cell()))),
            tapped("cell-rewrapped", MatchEntry.CellRewrapped.class, Traits.TAPPED)
                    .says(again -> "Cell %s has a new wrap and was looked at again".formatted(again.id()))
                    .tellsNothing()
                    .admits((job, again) -> MatchAdmission.rewrapped(job, again.id())),
            tapped("cell-exchanged", MatchEntry.CellExchanged.class, Traits.TAPPED)
                    .says(exchanged -> "Cell %s in the place of %s".formatted(exchanged.in(), exchanged.out()))
                    .tellsNothing()
                    .admits((job, exchanged) -> MatchAdmission.exchanged(job, exchanged)),
            // A strip that is torn off may touch its neighbour.
            Kind.of("strips-off", MatchEntry.StripsOff.class, Traits.TAPPED, Spark.KINDLES, Firmness.DONE_TO_THE_PACK)
                    .says(off -> "Strips off group %s".formatted(Figures.of(off.group())))
                    .tellsNothing()
                    .admits((job, off) -> MatchAdmission.stripsOff(job, off.group())),
            tapped("cell-metered", MatchEntry.CellMetered.class, Traits.TYPED)
                    .says(metered ->
                            "Cell %s rested: %s".formatted(metered.id(), Figures.withUnit(metered.restedV(), "V")))
                    .tellsNothing()
                    .admits((job, metered) -> MatchAdmission.metered(job, metered.id())),
            tapped("set-kept", MatchEntry.SetKept.class, Traits.TAPPED)
                    .says(kept -> "Kept: " + MatchWords.set(kept.made()))
                    .tellsNothing()
                    .admits((job, kept) -> MatchAdmission.kept(job, kept.made())),
            tapped("pack-wanted", MatchEntry.PackWanted.class, Traits.TYPED)
                    .says(wanted -> "Pack to build: %ss%sp of %s"
                            .formatted(
                                    wanted.series(),
                                    wanted.parallel(),
                                    Figures.withUnit(wanted.rated().ratingMah(), "mAh")))
                    .tellsNothing()
                    .admits((job, wanted) -> MatchAdmission.wanted(job, wanted)),
            tapped("matched", MatchEntry.Matched.class, Traits.WRITTEN_BY_ITS_PAGE)
                    .says(found -> "Matched: "
                            + found.groups().stream()
                                    .limit(4)
                                    .map(group -> String.join(" ", group.ids()))
                                    .collect(Collectors.joining(" | "))
                            + (found.groups().size() > 4 ? " …" : "")
                            + (found.proven() ? ", proven" : found.stopped() ? ", stopped early" : ""))
                    .tellsNothing()
                    .admits((job, found) -> MatchAdmission.matched(job, found)),
            Kind.by(
                            "build-step-done",
                            MatchEntry.BuildStepDone.class,
                            Traits.TAPPED,
                            MatchKinds::spark,
                            MatchKinds::firmness)
                    .says((done, job) -> "Done: " + MatchWords.step(done, job))
                    .tells((done, model, limits) -> wrapped(done))
                    .admits((job, done) -> BuildAdmission.step(job, done)),
            tapped("built-groups-metered", MatchEntry.BuiltGroupsMetered.class, Traits.READ)
                    .says(metered -> "New groups: " + MatchWords.voltages(metered.voltages()))
                    .tells(metered -> unpacked(metered))
                    .admits((job, metered) -> BuildAdmission.builtMetered(job, metered)),
            Kind.of("pack-charge-begun", MatchEntry.PackChargeBegun.class, Traits.TAPPED, Spark.KINDLES, Firmness.LOOSE)
                    .says(begun -> "First charge of the new pack begun, attended"
                            + (begun.chargerV() == null
                                    ? ""
                                    : ": %s, %s"
                                            .formatted(
                                                    Phrases.figure(begun.chargerV(), "V"),
                                                    Phrases.figure(begun.chargerA(), "A"))))
                    .tells(ignored -> new Told.CurrentOn(Told.Whose.NEW, null))
                    .admits((job, begun) -> FirstChargeAdmission.chargeBegun(job, begun)),
            tapped("built-pack-felt", MatchEntry.BuiltPackFelt.class, Traits.READ)
                    .says(felt -> "New pack: %s"
                            .formatted(Optional.ofNullable(felt.warmth().surfaceC())
                                    .map(warm -> Figures.withUnit(warm, "°C"))
                                    .orElse("temperature missing")))
                    .tells(felt -> new Told.Felt(Told.Whose.NEW, felt.warmth()))
                    .admits((job, felt) -> FirstChargeAdmission.felt(job, felt)),
            tapped("pack-charge-ended", MatchEntry.PackChargeEnded.class, Traits.TAPPED)
                    .says("First charge of the new pack ended")
                    .tells(ignored -> new Told.CurrentOff(Told.Whose.NEW, null))
                    .admits((job, ignored) -> FirstChargeAdmission.chargeEnded(job)));

    private MatchKinds() {}

    /** A pen, a meter or a hand: nothing that sparks, nothing that stays. */
    private static <E extends MatchEntry> Kind.Named<E> tapped(String id, Class<E> type, Traits traits) {
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
        return done.joinedBy() == null ? Firmness.LOOSE : Firmness.DONE_TO_THE_PACK;
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
}
