package glowkettle.job;

import glowkettle.job.Admission.Refusal;
import glowkettle.library.DeviceModel;
import glowkettle.library.Operation;
import glowkettle.shop.OpeningHours;
import java.time.Instant;
import java.util.List;
import java.util.Optional;

/**
 * What a job knows and allows at one stage.
 *
 * @param <E> the sealed entries of the stage
 */
public interface Chapter<E extends Entry> {
    /** The stage it belongs to, or on whose page its entries are written. */
    Stage stage();

    /** It has a page of its own, beside those of the other stages. */
    default boolean hasPage() {
        return true;
    }

    /** A job on a device like this one comes through this stage. */
    default boolean isOnTheWayOf(JobFile job) {
        return true;
    }

    Class<E> entries();

    /** Every entry of the stage, once. */
    List<Kind<? extends E>> kinds();

    /** The stage on whose page an entry is written, unless it was measured after the work. */
    default Stage page(E entry) {
        return stage();
    }

    /** When what an entry says was measured. */
    default Moment moment(E entry) {
        return Moment.BEFORE;
    }

    /** Whatever is measured after the work is measured on the page of this stage. */
    default boolean measuresAfterTheWork() {
        return false;
    }

    /** What is to be done next at this stage; empty when nothing is, or not yet. */
    Optional<NextThing> next(JobFile job);

    /** Whatever of this stage calls for hands. */
    List<Call> calls(JobFile job, OpeningHours hours);

    /** It goes on when the job is signed: its calls are heard to the end. */
    default boolean outlivesTheJob() {
        return false;
    }

    /** What this stage forbids to every other one, such as a spark while solvent is wet. */
    default Optional<Refusal> bars(JobFile job, Spark spark, Instant now) {
        return Optional.empty();
    }

    /** Heat or current of this stage that goes off before anything else is done. */
    default Optional<NextThing> offFirst(JobFile job) {
        return Optional.empty();
    }

    /** Why no other pack may be read or chosen now: something of this stage was begun on the one at hand. */
    default Optional<Refusal> binds(JobFile job) {
        return Optional.empty();
    }

    /** Why nothing is measured after the work yet. */
    default Optional<Refusal> beforeTheEnd(JobFile job) {
        return Optional.empty();
    }

    /** What of this stage has to be dealt with before a step of the teardown is done. */
    default Optional<Refusal> holds(JobFile job, Operation step, Instant now) {
        return Optional.empty();
    }

    /** Why an entry of this stage is not put right any more, however firm it is by itself. */
    default Optional<Refusal> keeps(JobFile job, E entry) {
        return Optional.empty();
    }

    /** A step of the teardown is worked on the page of this stage. */
    default boolean works(JobFile job, Operation step) {
        return false;
    }

    /**
     * Whether somebody who wrote on the page of this stage is kept there, though the next thing is to be done at another.
     *
     * @param takenBack what was written was that another entry does not hold
     */
    default boolean keepsOnItsPage(Stage next, JobFile job, boolean takenBack) {
        return !takenBack
                && !job.chapters().comesBefore(stage(), next)
                && !job.chapters().callsBack(next);
    }

    /** Something was done at this stage that nobody measures back to. */
    default boolean hasBegun(JobFile job) {
        return false;
    }

    /** Whatever becomes due at this stage is gone to at once, from any later one. */
    default boolean callsBack() {
        return false;
    }

    /** The model of the device, with what the journal says of this one. */
    default DeviceModel known(JobState state, DeviceModel model) {
        return model;
    }

    /** Heat that stayed on for too long. */
    default List<Overheat> overheats(JobFile job) {
        return List.of();
    }

    /** Something goes on that nobody writes down: what was reckoned a moment ago may hold no more. */
    default boolean runsOn(JobState state) {
        return false;
    }

    /** Everybody has signed who must. */
    default boolean closes(JobFile job) {
        return false;
    }
}
