package glowkettle.job.join;

import glowkettle.job.Admission;
import glowkettle.job.Admission.Refusal;
import glowkettle.job.Attention;
import glowkettle.job.Call;
import glowkettle.job.Chapter;
import glowkettle.job.Danger;
import glowkettle.job.JobFile;
import glowkettle.job.Kind;
import glowkettle.job.NextThing;
import glowkettle.job.Spark;
import glowkettle.job.Stage;
import glowkettle.job.assess.Assessing;
import glowkettle.job.fit.Fitting;
import glowkettle.join.LeadFinder;
import glowkettle.shop.OpeningHours;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Leads told apart and joined, welds, and a controller that moves to a new cell. */
public final class JoinChapter implements Chapter<JoinEntry> {
    public static final Stage STAGE = new Stage("Join", "join");

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
        return JoinKinds.ALL;
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
                    case UNIQUE, LIKELY -> "Plan where the splices lie";
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
