package glowkettle.job.join;

import glowkettle.finding.Figures;
import glowkettle.job.Firmness;
import glowkettle.job.Kind;
import glowkettle.job.Spark;
import glowkettle.job.Told;
import glowkettle.job.Traits;
import java.util.List;
import java.util.stream.Collectors;

/** Every kind of entry that may be written at Join, each with all that is decided of it. */
final class JoinKinds {
    static final List<Kind<? extends JoinEntry>> ALL = List.of(
            Kind.of("leads-listed", JoinEntry.LeadsListed.class, Traits.TYPED, Spark.HARMLESS, Firmness.LOOSE)
                    .says(listed -> "Leads of the new pack: "
                            + listed.leads().stream().map(JoinWords::lead).collect(Collectors.joining(", ")))
                    .tellsNothing()
                    .admits((job, listed) -> JoinAdmission.listed(job, listed)),
            // Ten kiloohms on one cell draw less than half a milliampere.
            Kind.of("lead-metered", JoinEntry.LeadMetered.class, Traits.TYPED, Spark.HARMLESS, Firmness.LOOSE)
                    .says(metered -> JoinWords.reading(metered.reading()))
                    .tellsNothing()
                    .admits((job, metered) -> JoinAdmission.metered(job, metered)),
            Kind.of("splices-planned", JoinEntry.SplicesPlanned.class, Traits.TYPED, Spark.HARMLESS, Firmness.LOOSE)
                    .says((planned, job) -> JoinWords.splices(planned, job.limits()))
                    .tellsNothing()
                    .admits((job, planned) -> JoinAdmission.splices(job, planned)),
            Kind.of("lead-sleeved", JoinEntry.LeadSleeved.class, Traits.TAPPED, Spark.HARMLESS, Firmness.LOOSE)
                    .says(sleeved -> "Sleeve is on the lead for " + sleeved.pad())
                    .tellsNothing()
                    .admits((job, sleeved) -> JoinAdmission.sleeved(job, sleeved.pad())),
            Kind.of("lead-soldered", JoinEntry.LeadSoldered.class, Traits.TAPPED, Spark.KINDLES, Firmness.LOOSE)
                    .says(soldered -> "Soldered: " + soldered.pad())
                    .tellsNothing()
                    .admits((job, soldered) -> JoinAdmission.soldered(job, soldered.pad())),
            Kind.of("lead-tugged", JoinEntry.LeadTugged.class, Traits.TAPPED, Spark.HARMLESS, Firmness.LOOSE)
                    .says(tugged ->
                            tugged.held() ? tugged.pad() + " held its pull" : tugged.pad() + " came off when pulled")
                    .tellsNothing()
                    .admits((job, tugged) -> JoinAdmission.tugged(job, tugged.pad())),
            Kind.of("joint-begun", JoinEntry.JointBegun.class, Traits.TYPED, Spark.KINDLES, Firmness.DONE_TO_THE_PACK)
                    .says(begun -> "Iron on: %s, tag of %s"
                            .formatted(
                                    begun.school().words().toLowerCase(java.util.Locale.ROOT),
                                    Figures.withUnit(begun.joint().lengthMm(), "mm")))
                    .tellsNothing()
                    .admits((job, ignored, author, now) -> TransplantAdmission.jointBegun(job, now)),
            Kind.of("joint-ended", JoinEntry.JointEnded.class, Traits.TAPPED, Spark.HARMLESS, Firmness.DONE_TO_THE_PACK)
                    .says("Iron off")
                    .tellsNothing()
                    .admits((job, ignored) -> TransplantAdmission.jointEnded(job)),
            Kind.of("strip-read", JoinEntry.StripRead.class, Traits.TYPED, Spark.HARMLESS, Firmness.LOOSE)
                    .says(read -> JoinWords.strip(read.strip()))
                    .tellsNothing()
                    .admitsAny(),
            Kind.of("welder-set", JoinEntry.WelderSet.class, Traits.TYPED, Spark.HARMLESS, Firmness.LOOSE)
                    .says(set -> "Stack to weld: %s, levels %s to %s"
                            .formatted(
                                    Figures.withUnit(set.thicknessMm(), "mm"), set.lowestLevel(), set.highestLevel()))
                    .tellsNothing()
                    .admits((job, set) -> TransplantAdmission.welder(job, set)),
            Kind.of("weld-tried", JoinEntry.WeldTried.class, Traits.TYPED, Spark.KINDLES, Firmness.LOOSE)
                    .says(tried -> JoinWords.trial(tried.trial()))
                    .tellsNothing()
                    .admits((job, tried) -> TransplantAdmission.tried(job, tried.trial())),
            Kind.of("welded", JoinEntry.Welded.class, Traits.TYPED, Spark.KINDLES, Firmness.DONE_TO_THE_PACK)
                    .says(welded -> "Welds made: " + welded.welds())
                    .tellsNothing()
                    .admits((job, welded) -> TransplantAdmission.welded(job, welded)),
            Kind.of(
                            "transplant-planned",
                            JoinEntry.TransplantPlanned.class,
                            Traits.TYPED,
                            Spark.HARMLESS,
                            Firmness.LOOSE)
                    .says("The controller board goes onto a new cell: both sheets agree")
                    .tellsNothing()
                    .admits((job, planned) -> TransplantAdmission.planned(job, planned)),
            Kind.by(
                            "transplant-step-done",
                            JoinEntry.TransplantStepDone.class,
                            Traits.TAPPED,
                            done -> done.step().spark(),
                            done -> done.step().firmness())
                    .says(done -> "Done: " + done.step().words())
                    .tellsNothing()
                    .admits((job, done) -> TransplantAdmission.step(job, done.step())),
            Kind.of("folded-measured", JoinEntry.FoldedMeasured.class, Traits.TYPED, Spark.HARMLESS, Firmness.LOOSE)
                    .says(folded -> "Folded pack: " + folded.size().words())
                    .tellsNothing()
                    .admits((job, folded) -> TransplantAdmission.folded(job, folded)),
            Kind.of("board-metered", JoinEntry.BoardMetered.class, Traits.TYPED, Spark.HARMLESS, Firmness.LOOSE)
                    .says((metered, job) -> "Meter: cell %s, board %s%s"
                            .formatted(
                                    Figures.withUnit(metered.cellV(), "V"),
                                    Figures.withUnit(metered.boardV(), "V"),
                                    Transplanting.of(job).isLatched(metered) ? ", latched off" : ""))
                    .tellsNothing()
                    .admits((job, metered) -> TransplantAdmission.metered(job, metered)),
            Kind.of(
                            "gauge-read-out",
                            JoinEntry.GaugeReadOut.class,
                            Traits.WRITTEN_BY_ITS_PAGE,
                            Spark.HARMLESS,
                            Firmness.RECKONED)
                    .says(read -> "Gauge reads: " + JoinWords.gauge(read.gauge()))
                    .tellsNothing()
                    .admits((job, ignored) -> TransplantAdmission.readOut(job)),
            Kind.of("gauge-silent", JoinEntry.GaugeSilent.class, Traits.TAPPED, Spark.HARMLESS, Firmness.LOOSE)
                    .says("The gauge does not answer")
                    .tellsNothing()
                    .admits((job, ignored) -> TransplantAdmission.silent(job)),
            Kind.of(
                            "gauge-school-chosen",
                            JoinEntry.GaugeSchoolChosen.class,
                            Traits.TAPPED,
                            Spark.HARMLESS,
                            Firmness.LOOSE)
                    .says(chosen -> "Gauge: " + chosen.school().words())
                    .tellsNothing()
                    .admits((job, chosen) -> TransplantAdmission.school(job, chosen.school())),
            Kind.of(
                            "gauge-write-begun",
                            JoinEntry.GaugeWriteBegun.class,
                            Traits.WRITTEN_BY_ITS_PAGE,
                            Spark.HARMLESS,
                            Firmness.DONE_TO_THE_PACK)
                    .says(begun -> "Gauge is written: " + JoinWords.gauge(begun.gauge()))
                    .tellsNothing()
                    .admits((job, begun, author, now) -> TransplantAdmission.written(job, begun.gauge(), now)),
            Kind.of(
                            "helper-pack-used",
                            JoinEntry.HelperPackUsed.class,
                            Traits.TYPED,
                            Spark.KINDLES,
                            Firmness.DONE_TO_THE_PACK)
                    .says(helper -> "Pack put in between: %s, %s per cell; %s"
                            .formatted(
                                    helper.name(),
                                    Figures.withUnit(helper.restedCellV(), "V"),
                                    helper.cleared() ? "the message went away" : "the message stayed"))
                    .tellsNothing()
                    .admits((job, ignored) -> TransplantAdmission.helper(job)),
            Kind.of(
                            "first-charge-begun",
                            JoinEntry.FirstChargeBegun.class,
                            Traits.TAPPED,
                            Spark.KINDLES,
                            Firmness.LOOSE)
                    .says("First charge begun, attended")
                    .tells(ignored -> new Told.CurrentOn(Told.Whose.NEW, null))
                    .admits((job, ignored) -> TransplantAdmission.chargeBegun(job)),
            Kind.of(
                            "first-charge-ended",
                            JoinEntry.FirstChargeEnded.class,
                            Traits.TAPPED,
                            Spark.HARMLESS,
                            Firmness.LOOSE)
                    .says("First charge ended")
                    .tells(ignored -> new Told.CurrentOff(Told.Whose.NEW, null))
                    .admits((job, ignored) -> TransplantAdmission.chargeEnded(job)));

    private JoinKinds() {}
}
