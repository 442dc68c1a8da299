package glowkettle.job.join;

import glowkettle.job.Admission;
import glowkettle.job.Admission.Author;
import glowkettle.job.Admission.Refusal;
import glowkettle.job.Attention;
import glowkettle.job.Call;
import glowkettle.job.Chapter;
import glowkettle.job.Danger;
import glowkettle.job.Firmness;
import glowkettle.job.JobFile;
import glowkettle.job.Kind;
import glowkettle.job.NextThing;
import glowkettle.job.Spark;
import glowkettle.job.Stage;
import glowkettle.job.Told;
import glowkettle.job.Traits;
import glowkettle.job.assess.Assessing;
import glowkettle.job.fit.Fitting;
import glowkettle.join.LeadFinder;
import glowkettle.library.DeviceModel;
import glowkettle.limits.ShopLimits;
import glowkettle.shop.OpeningHours;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Leads told apart and joined, welds, and a controller that moves to a new cell. */
public final class JoinChapter implements Chapter<JoinEntry> {
    public static final Stage STAGE = new Stage("Join", "join");

    private static final List<Kind<? extends JoinEntry>> KINDS = List.of(
            Kind.of("leads-listed", JoinEntry.LeadsListed.class, Traits.TYPED, Spark.HARMLESS, Firmness.LOOSE),
            // Ten kiloohms on one cell draw less than half a milliampere.
            Kind.of("lead-metered", JoinEntry.LeadMetered.class, Traits.TYPED, Spark.HARMLESS, Firmness.LOOSE),
            Kind.of("splices-planned", JoinEntry.SplicesPlanned.class, Traits.TYPED, Spark.HARMLESS, Firmness.LOOSE),
            Kind.of("lead-sleeved", JoinEntry.LeadSleeved.class, Traits.TAPPED, Spark.HARMLESS, Firmness.LOOSE),
            Kind.of("lead-soldered", JoinEntry.LeadSoldered.class, Traits.TAPPED, Spark.KINDLES, Firmness.LOOSE),
            Kind.of("lead-tugged", JoinEntry.LeadTugged.class, Traits.TAPPED, Spark.HARMLESS, Firmness.LOOSE),
            Kind.of("joint-begun", JoinEntry.JointBegun.class, Traits.TYPED, Spark.KINDLES, Firmness.DONE),
            Kind.of("joint-ended", JoinEntry.JointEnded.class, Traits.TAPPED, Spark.HARMLESS, Firmness.DONE),
            Kind.of("strip-read", JoinEntry.StripRead.class, Traits.TYPED, Spark.HARMLESS, Firmness.LOOSE),
            Kind.of("welder-set", JoinEntry.WelderSet.class, Traits.TYPED, Spark.HARMLESS, Firmness.LOOSE),
            Kind.of("weld-tried", JoinEntry.WeldTried.class, Traits.TYPED, Spark.KINDLES, Firmness.LOOSE),
            Kind.of("welded", JoinEntry.Welded.class, Traits.TYPED, Spark.KINDLES, Firmness.DONE),
            Kind.of(
                    "transplant-planned",
                    JoinEntry.TransplantPlanned.class,
                    Traits.TYPED,
                    Spark.HARMLESS,
                    Firmness.LOOSE),
            new Kind<>(
                    "transplant-step-done",
                    JoinEntry.TransplantStepDone.class,
                    Traits.TAPPED,
                    done -> done.step().spark(),
                    done -> done.step().firmness()),
            Kind.of("folded-measured", JoinEntry.FoldedMeasured.class, Traits.TYPED, Spark.HARMLESS, Firmness.LOOSE),
            Kind.of("board-metered", JoinEntry.BoardMetered.class, Traits.TYPED, Spark.HARMLESS, Firmness.LOOSE),
            Kind.of(
                    "gauge-read-out",
                    JoinEntry.GaugeReadOut.class,
                    Traits.WRITTEN_BY_ITS_PAGE,
                    Spark.HARMLESS,
                    Firmness.RECKONED),
            Kind.of("gauge-silent", JoinEntry.GaugeSilent.class, Traits.TAPPED, Spark.HARMLESS, Firmness.LOOSE),
            Kind.of(
                    "gauge-school-chosen",
                    JoinEntry.GaugeSchoolChosen.class,
                    Traits.TAPPED,
                    Spark.HARMLESS,
                    Firmness.LOOSE),
            Kind.of(
                    "gauge-write-begun",
                    JoinEntry.GaugeWriteBegun.class,
                    Traits.WRITTEN_BY_ITS_PAGE,
                    Spark.HARMLESS,
                    Firmness.DONE),
            Kind.of("helper-pack-used", JoinEntry.HelperPackUsed.class, Traits.TYPED, Spark.KINDLES, Firmness.DONE),
            Kind.of(
                    "first-charge-begun",
                    JoinEntry.FirstChargeBegun.class,
                    Traits.TAPPED,
                    Spark.KINDLES,
                    Firmness.LOOSE),
            Kind.of(
                    "first-charge-ended",
                    JoinEntry.FirstChargeEnded.class,
                    Traits.TAPPED,
                    Spark.HARMLESS,
                    Firmness.LOOSE));

    @Override
    public Stage stage() {
        return STAGE;
    }

    @Override
    public Class<JoinEntry> entries() {
        return JoinEntry.class;
    }

    @Override
    public List<Kind<? extends JoinEntry>> kinds() {
        return KINDS;
    }

    @Override
    public String words(JoinEntry entry, JobFile job) {
        return JoinWords.of(entry, job.limits());
    }

    @Override
    public Optional<Told> tells(JoinEntry entry, DeviceModel model, ShopLimits limits) {
        return switch (entry) {
            case JoinEntry.FirstChargeBegun ignored -> Optional.of(new Told.CurrentOn(Told.Whose.NEW, null));
            case JoinEntry.FirstChargeEnded ignored -> Optional.of(new Told.CurrentOff(Told.Whose.NEW, null));
            case JoinEntry.LeadsListed ignored -> Optional.empty();
            case JoinEntry.LeadMetered ignored -> Optional.empty();
            case JoinEntry.SplicesPlanned ignored -> Optional.empty();
            case JoinEntry.LeadSleeved ignored -> Optional.empty();
            case JoinEntry.LeadSoldered ignored -> Optional.empty();
            case JoinEntry.LeadTugged ignored -> Optional.empty();
            case JoinEntry.JointBegun ignored -> Optional.empty();
            case JoinEntry.JointEnded ignored -> Optional.empty();
            case JoinEntry.StripRead ignored -> Optional.empty();
            case JoinEntry.WelderSet ignored -> Optional.empty();
            case JoinEntry.WeldTried ignored -> Optional.empty();
            case JoinEntry.Welded ignored -> Optional.empty();
            case JoinEntry.TransplantPlanned ignored -> Optional.empty();
            case JoinEntry.TransplantStepDone ignored -> Optional.empty();
            case JoinEntry.FoldedMeasured ignored -> Optional.empty();
            case JoinEntry.BoardMetered ignored -> Optional.empty();
            case JoinEntry.GaugeReadOut ignored -> Optional.empty();
            case JoinEntry.GaugeSilent ignored -> Optional.empty();
            case JoinEntry.GaugeSchoolChosen ignored -> Optional.empty();
            case JoinEntry.GaugeWriteBegun ignored -> Optional.empty();
            case JoinEntry.HelperPackUsed ignored -> Optional.empty();
        };
    }

    @Override
    public Optional<Refusal> refuse(JobFile job, JoinEntry entry, Author author, Instant now) {
        return switch (entry) {
            case JoinEntry.LeadsListed listed -> JoinAdmission.listed(job, listed);
            case JoinEntry.LeadMetered metered -> JoinAdmission.metered(job, metered);
            case JoinEntry.SplicesPlanned planned -> JoinAdmission.splices(job, planned);
            case JoinEntry.LeadSleeved sleeved -> JoinAdmission.sleeved(job, sleeved.pad());
            case JoinEntry.LeadSoldered soldered -> JoinAdmission.soldered(job, soldered.pad());
            case JoinEntry.LeadTugged tugged -> JoinAdmission.tugged(job, tugged.pad());
            case JoinEntry.JointBegun ignored -> TransplantAdmission.jointBegun(job, now);
            case JoinEntry.JointEnded ignored -> TransplantAdmission.jointEnded(job);
            case JoinEntry.StripRead ignored -> Optional.empty();
            case JoinEntry.WelderSet set -> TransplantAdmission.welder(job, set);
            case JoinEntry.WeldTried tried -> TransplantAdmission.tried(job, tried.trial());
            case JoinEntry.Welded welded -> TransplantAdmission.welded(job, welded);
            case JoinEntry.TransplantPlanned planned -> TransplantAdmission.planned(job, planned);
            case JoinEntry.TransplantStepDone done -> TransplantAdmission.step(job, done.step());
            case JoinEntry.FoldedMeasured folded -> TransplantAdmission.folded(job, folded);
            case JoinEntry.BoardMetered metered -> TransplantAdmission.metered(job, metered);
            case JoinEntry.GaugeReadOut ignored -> TransplantAdmission.readOut(job);
            case JoinEntry.GaugeSilent ignored -> TransplantAdmission.silent(job);
            case JoinEntry.GaugeSchoolChosen chosen -> TransplantAdmission.school(job, chosen.school());
            case JoinEntry.GaugeWriteBegun begun -> TransplantAdmission.written(job, begun.gauge(), now);
            case JoinEntry.HelperPackUsed ignored -> TransplantAdmission.helper(job);
            case JoinEntry.FirstChargeBegun ignored -> TransplantAdmission.chargeBegun(job);
            case JoinEntry.FirstChargeEnded ignored -> TransplantAdmission.chargeEnded(job);
        };
    }

    /** What is hot or under current goes off before anything else. */
    @Override
    public Optional<NextThing> offFirst(JobFile job) {
        boolean hot = Transplanting.of(job)
                .firstCharge()
                .filter(charge -> charge.isOn()
                        && (Assessing.of(job).halted()
                                || charge.hot(job.limits()).isPresent()))
                .isPresent();
        return hot
                ? Optional.of(NextThing.of(STAGE, "Charger off, and out of the room's way"))
                : Welding.of(job).isIronOn() && Assessing.of(job).halted()
                        ? Optional.of(NextThing.of(STAGE, "Lift the iron off the tag"))
                        : Optional.empty();
    }

    /** What was begun on a pack stands until it is ended. */
    @Override
    public Optional<Refusal> binds(JobFile job) {
        return Transplanting.of(job).isHalfMoved()
                ? Admission.no("", "A board is cut and its move not ended: finish it, or a lead chooses another cell.")
                : Joining.of(job).isSoldered() && !Joining.of(job).isJoined()
                        ? Admission.no("", "A lead of this pack is soldered: join them all, or a lead chooses another.")
                        : Optional.empty();
    }

    /** Whoever welds, wherever that is, does it at a level that holds. */
    @Override
    public Optional<Refusal> bars(JobFile job, Spark spark, Instant now) {
        return switch (spark) {
            case WELDS ->
                Welding.of(job).isProven()
                        ? Optional.empty()
                        : Admission.no(
                                "joinedBy",
                                "No level is proven, or it has to be tested again: trial welds at Join first.");
            case KINDLES, HARMLESS -> Optional.empty();
        };
    }

    /** Telling apart and planning come before the way back; the soldering itself is a step of it. */
    @Override
    public Optional<NextThing> next(JobFile job) {
        if (!Fitting.of(job).fitsNewPack()) {
            return Optional.empty();
        }
        return Transplanting.of(job)
                .next()
                .map(step -> NextThing.of(STAGE, step.words()))
                .or(() -> leads(job).map(what -> NextThing.of(STAGE, what)));
    }

    private static Optional<String> leads(JobFile job) {
        Joining joining = Joining.of(job);
        if (!joining.isWanted() || joining.isPlanned() || joining.isJoined()) {
            return Optional.empty();
        }
        if (joining.listed().isEmpty()) {
            return Optional.of("Say which leads the new pack has");
        }
        Optional<String> unmet = joining.unmetPad();
        if (unmet.isPresent()) {
            return Optional.of("No lead for %s: take another pack".formatted(unmet.get()));
        }
        LeadFinder found = joining.finder().orElseThrow().result();
        return Optional.of(
                switch (found.status()) {
                    case OPEN, CANNOT_BE_TOLD ->
                        found.next() == null
                                ? "The leads cannot be told apart: ask who sold the pack"
                                : "Measure " + found.next().words();
                    case CONTRADICTION -> "The readings contradict each other: measure again";
                    case UNIQUE -> "Plan where the splices lie";
                });
    }

    /** Whoever stands at the step that joins the leads is sent back here. */
    @Override
    public boolean callsBack() {
        return true;
    }

    /** Whoever has begun to join, or waits for a can to cool, is left at it. */
    @Override
    public boolean keepsOnItsPage(Stage next, JobFile job, boolean takenBack) {
        return Joining.of(job).isUnderWay()
                || Welding.of(job).isIronOn()
                || Welding.of(job).isOwedByBuilding()
                || Welding.of(job).nextJointAt().filter(job.now()::isBefore).isPresent()
                || Chapter.super.keepsOnItsPage(next, job, takenBack);
    }

    /** Where leads are soldered, and where a board moves or something was welded. */
    @Override
    public boolean isOnTheWayOf(JobFile job) {
        return job.model().housing().leads() != null
                || job.state().all(JoinEntry.class).findAny().isPresent();
    }

    @Override
    public List<Call> calls(JobFile job, OpeningHours hours) {
        List<Call> calls = new ArrayList<>();
        Welding welding = Welding.of(job);
        welding.liftBy()
                .ifPresent(at -> calls.add(Call.danger(at, "iron still on the tag: lift it", STAGE, Danger.ON)));
        welding.nextJointAt()
                .filter(at -> at.isAfter(job.now()))
                .ifPresent(at -> calls.add(new Call(at, Attention.WORK, "next joint may be made", STAGE, false)));
        Transplanting.of(job)
                .firstCharge()
                .map(charge -> charge.calls(job.limits(), hours, STAGE))
                .ifPresent(calls::addAll);
        return calls;
    }
}
