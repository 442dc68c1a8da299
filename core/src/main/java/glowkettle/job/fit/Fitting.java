package glowkettle.job.fit;

import glowkettle.arrive.Quote;
import glowkettle.finding.Result;
import glowkettle.fit.Honesty;
import glowkettle.fit.Offer;
import glowkettle.fit.PackComparison;
import glowkettle.fit.PackLabel;
import glowkettle.fit.Worth;
import glowkettle.job.Admission;
import glowkettle.job.Fold;
import glowkettle.job.JobFile;
import glowkettle.job.JobState;
import glowkettle.job.Recorded;
import glowkettle.job.Sum;
import glowkettle.job.arrive.Arriving;
import glowkettle.job.open.Opening;
import glowkettle.library.Plug;
import glowkettle.library.Seat;
import java.math.BigDecimal;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Stream;

/** Which pack goes in. */
public final class Fitting {
    private static final Sum<Optional<Result<PackComparison.Comparison>>> COMPARISON = new Sum<>();

    private final JobFile job;
    private final JobState state;

    private Fitting(JobFile job) {
        this.job = job;
        this.state = job.state();
    }

    public static Fitting of(JobFile job) {
        return new Fitting(job);
    }

    public Optional<Result<PackComparison.Comparison>> comparison() {
        return job.once(
                COMPARISON, known -> offered().filter(label -> job.packKnown()).map(this::compare));
    }

    /** Whether what the new pack's label says can be true; empty while there is nothing to compare. */
    public Optional<Honesty.Judgement> honesty() {
        return comparison().map(compared -> compared.result().honesty());
    }

    public Result<PackComparison.Comparison> compare(PackLabel offered) {
        return PackComparison.compare(
                new PackComparison.Request(
                        job.model().pack(),
                        offered,
                        job.model().housing().leads() != null,
                        Objects.requireNonNullElse(job.model().housing().plug(), Plug.UNKNOWN),
                        job.model().housing().seat().ears()),
                job.limits());
    }

    /** Those that can be had, in the order in which they were noted first. */
    public List<Offer> offers() {
        Map<String, Offer> noted = Fold.<Map<String, Offer>>from(new LinkedHashMap<>())
                .at(FitEntry.OfferNoted.class, (offers, one) -> {
                    offers.put(one.offer().name(), one.offer());
                    return offers;
                })
                .at(FitEntry.OfferDropped.class, (offers, one) -> {
                    offers.remove(one.name());
                    return offers;
                })
                .over(state.counting());
        return List.copyOf(noted.values());
    }

    /** The pack that the owner took from the quote, as its seller describes it. */
    public Optional<Offer> taken() {
        return Arriving.of(job)
                .takenOffer()
                .flatMap(name -> offers().stream()
                        .filter(offer -> offer.name().equals(name))
                        .findFirst());
    }

    /** The backup cell of the device was taken out. */
    public boolean isCoinCellOut() {
        Seat.CoinCell coin = job.model().housing().seat().coinCell();
        return coin != null && Opening.of(job).stepsIn().contains(coin.operation());
    }

    /** It was, and nobody said what becomes of it. */
    public boolean isCoinCellOpen() {
        return isCoinCellOut() && coinCell().isEmpty();
    }

    public Optional<FitEntry.CoinCell> coinCell() {
        return state.latest(FitEntry.CoinCellSettled.class).map(FitEntry.CoinCellSettled::outcome);
    }

    public Optional<FitEntry.LifePlanned> plannedLife() {
        return state.latest(FitEntry.LifePlanned.class);
    }

    /** What the offers are worth, over the planned years where they are known; empty without offers. */
    public Optional<Worth.Request> worthAsked() {
        List<Worth.Offer> judged = offers().stream()
                .map(offer -> offer.judged(compare(offer.label()).result()))
                .toList();
        return judged.isEmpty()
                ? Optional.empty()
                : Optional.of(new Worth.Request(
                        judged,
                        plannedLife().map(FitEntry.LifePlanned::years).orElse(null),
                        plannedLife().map(FitEntry.LifePlanned::cyclesPerYear).orElse(null),
                        labour()));
    }

    /** What one more exchange costs beside its pack. */
    private BigDecimal labour() {
        return Quote.of(new Quote.Request(Opening.of(job).labourMinutes(), List.of(), List.of()), job.limits())
                .result()
                .labour();
    }

    /** Somebody said which pack goes in, and that still holds. */
    public boolean packChosen() {
        return new PackPromise(job).isOfANewPack() || keepsPack();
    }

    /** Why what was said of the pack that goes in does not hold any more. */
    public Optional<String> promiseFallen() {
        return new PackPromise(job).fallen().map(Admission.Refusal::reason);
    }

    /** The old pack stays in the device, or goes in again: something else was reached. */
    public boolean keepsPack() {
        return new PackPromise(job).keepsTheOldPack() || packStaysIn();
    }

    private boolean packStaysIn() {
        return !job.liftedOut()
                && (Arriving.of(job).isDeclined()
                        || Opening.of(job).plan().result().steps().stream()
                                .noneMatch(step -> Opening.liftsOut(
                                        job.model(), step.operation().id())));
    }

    /** A new pack was chosen, and that still holds. */
    public boolean fitsNewPack() {
        return packChosen() && !keepsPack();
    }

    /** The pack that was looked at last is taken for asleep. */
    public boolean isTakenForAsleep() {
        return Asleep.isSaid(state);
    }

    /** Nothing keeps it from going in but a plug that shows next to nothing. */
    public boolean mayBeAsleep() {
        return !isTakenForAsleep() && Asleep.refuse(job).isEmpty();
    }

    /** What was written since the pack that goes in was chosen; what came before was of another, or of none. */
    public Stream<Recorded> sinceChosen() {
        long chosen = state.latestRecorded(FitEntry.PackChosen.class)
                .map(Recorded::seq)
                .orElse(0L);
        return state.counting().stream().filter(recorded -> recorded.seq() > chosen);
    }

    /** The label of the new pack that was read last. */
    public Optional<PackLabel> offered() {
        return state.latest(FitEntry.PackOffered.class).map(FitEntry.PackOffered::label);
    }

    /**
     * What the new pack holds as far as anybody may believe: its label, and the most that can be true where the label cannot;
     * the device's own pack where no new one was read.
     */
    public BigDecimal believedCapacityMah() {
        return offered().map(this::believed).orElse(job.model().pack().ratings().capacityMah());
    }

    private BigDecimal believed(PackLabel label) {
        BigDecimal claimed = label.printed().capacityMah();
        return honesty()
                .filter(honesty -> honesty.belief() == Honesty.Belief.NOT_CREDIBLE)
                .map(honesty -> honesty.mostMah().min(claimed))
                .orElse(claimed);
    }

    /** The new pack's leads as journals have them from before they were told apart at Join. */
    public Optional<FitEntry.NewLeadsMeasured> newLeads() {
        return state.latest(FitEntry.NewLeadsMeasured.class);
    }
}
