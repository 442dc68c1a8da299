package glowkettle.job.arrive;

import glowkettle.arrive.OpenedBefore;
import glowkettle.arrive.PressureHold;
import glowkettle.arrive.Quote;
import glowkettle.arrive.Symptom;
import glowkettle.job.Entry;
import glowkettle.job.JobFile;
import glowkettle.job.JobState;
import glowkettle.job.Moment;
import glowkettle.job.Recorded;
import java.math.BigDecimal;
import java.time.Instant;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** What was said and learnt at the counter. */
public final class Arriving {
    private final JobState state;

    private Arriving(JobState state) {
        this.state = state;
    }

    public static Arriving of(JobFile job) {
        return new Arriving(job.state());
    }

    public static Arriving of(JobState state) {
        return new Arriving(state);
    }

    public ArriveEntry.JobOpened opened() {
        return state.latest(ArriveEntry.JobOpened.class)
                .orElseThrow(() -> new IllegalStateException("A journal begins with the opening of its job"));
    }

    /** The pack that the owner took, by its name in the quote. */
    public Optional<String> takenOffer() {
        return state.latest(ArriveEntry.QuoteAnswered.class).map(ArriveEntry.QuoteAnswered::offer);
    }

    /** What was quoted last. */
    public Optional<Quote.Request> quoted() {
        return state.latest(ArriveEntry.Quoted.class).map(ArriveEntry.Quoted::request);
    }

    /** Hours from full to empty, by the owner's word. */
    public Optional<BigDecimal> toldRuntimeHours() {
        return Optional.ofNullable(opened().runtimeHours());
    }

    /** The charge at which it shuts down, by the owner's word. */
    public Optional<BigDecimal> toldShutDownPercent() {
        return Optional.ofNullable(opened().shutDownPercent());
    }

    public String owner() {
        return opened().customer().owner();
    }

    public @Nullable String serial() {
        return opened().device().serial();
    }

    /** What stands on the device as its model. */
    public @Nullable String modelCode() {
        return opened().device().modelCode();
    }

    public Set<Symptom> symptoms() {
        return opened().symptoms();
    }

    public OpenedBefore openedBefore() {
        return opened().openedBefore();
    }

    /** The version of the shop limits that was in force when the device came. */
    public int limitsVersion() {
        return opened().limitsVersion();
    }

    /** The model the device turned out to be, or was taken for. */
    public String modelId() {
        return state.latest(ArriveEntry.ModelNamed.class)
                .map(ArriveEntry.ModelNamed::modelId)
                .orElse(opened().device().modelId());
    }

    /** Since when it is taken for this model: the version that was newest then is the one it is worked by. */
    public Instant modelSince() {
        return state.latestRecorded(ArriveEntry.ModelNamed.class)
                .or(() -> state.latestRecorded(ArriveEntry.JobOpened.class))
                .map(Recorded::at)
                .orElseThrow();
    }

    /** What was promised last. */
    public @Nullable Instant promise() {
        return state.latest(ArriveEntry.Promised.class)
                .map(ArriveEntry.Promised::promise)
                .orElse(opened().promise());
    }

    /** What the newest test of the shell said, before the work or after it. */
    public Optional<PressureHold> held(Moment moment) {
        return state.all(ArriveEntry.PressureHeld.class)
                .filter(held -> held.moment() == moment)
                .map(ArriveEntry.PressureHeld::held)
                .reduce((earlier, later) -> later);
    }

    /** A quote was made, and nobody wrote down what the owner said to the newest one. */
    public boolean owesAnAnswer() {
        return newestOfTheQuote().filter(ArriveEntry.Quoted.class::isInstance).isPresent();
    }

    /** The owner said no to the newest quote: nothing more is opened. */
    public boolean isDeclined() {
        return newestOfTheQuote()
                .filter(newest -> newest instanceof ArriveEntry.QuoteAnswered answered && !answered.accepted())
                .isPresent();
    }

    private Optional<Entry> newestOfTheQuote() {
        return state.counting().stream()
                .map(Recorded::entry)
                .filter(entry -> entry instanceof ArriveEntry.Quoted || entry instanceof ArriveEntry.QuoteAnswered)
                .reduce((earlier, later) -> later);
    }
}
