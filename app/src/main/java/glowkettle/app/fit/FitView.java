package glowkettle.app.fit;

import glowkettle.app.isolation.Containers;
import glowkettle.arrive.Quote;
import glowkettle.assess.HazardReadings;
import glowkettle.assess.Tier;
import glowkettle.assess.TierVerdict;
import glowkettle.cell.Body;
import glowkettle.cell.Calipered;
import glowkettle.finding.AppliedLimit;
import glowkettle.finding.Result;
import glowkettle.finding.Unanswerable;
import glowkettle.fit.Offer;
import glowkettle.fit.PackComparison;
import glowkettle.fit.PackLabel;
import glowkettle.fit.SizeCode;
import glowkettle.fit.Verdict;
import glowkettle.job.JobFile;
import glowkettle.job.arrive.Arriving;
import glowkettle.job.assess.Assessing;
import glowkettle.job.fit.FitEntry;
import glowkettle.job.fit.Fitting;
import glowkettle.job.free.Freeing;
import glowkettle.job.free.Overheating;
import glowkettle.job.isolation.Isolating;
import glowkettle.job.match.Matching;
import glowkettle.library.OldPack;
import glowkettle.library.PackData;
import glowkettle.library.Plug;
import glowkettle.library.Seat;
import glowkettle.limits.Limit;
import java.math.BigDecimal;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** Fit as it is drawn: the label, the comparison it gave, and whether the new pack may be taken. */
public record FitView(
        JobFile job,
        Containers.@Nullable Proposal putAway,
        @Nullable BayDrawing bay,
        @Nullable OffersPanel offers,
        @Nullable PlugsDrawing plugs) {
    static FitView of(JobFile job, Containers containers) {
        boolean onTheBench = job.liftedOut()
                && Isolating.of(job).stored().isEmpty()
                && !Fitting.of(job).keepsPack()
                && !job.closed();
        PackLabel label = Fitting.of(job).offered().orElse(null);
        return new FitView(
                job,
                onTheBench ? containers.proposal(job) : null,
                bay(job),
                OffersPanel.of(job),
                label == null
                        ? null
                        : PlugsDrawing.of(
                                job.model().housing().plug(), label.connection().plug()));
    }

    /** Packs of the quote that nobody has described yet, to be compared with the others. */
    public List<Quote.Priced> quotedOnly() {
        List<String> noted = Fitting.of(job).offers().stream().map(Offer::name).toList();
        return Arriving.of(job).quoted().stream()
                .flatMap(quoted -> quoted.offers().stream())
                .filter(priced -> !noted.contains(priced.name()))
                .toList();
    }

    public PackData pack() {
        return job.model().pack();
    }

    public @Nullable OldPack oldPack() {
        return job.state()
                .latest(FitEntry.OldPackRead.class)
                .map(FitEntry.OldPackRead::pack)
                .orElse(null);
    }

    /** The pack that was built here, as long as nobody read the label of the old one: it was built after it. */
    public @Nullable PackLabel builtAfterIt() {
        return oldPack() == null ? Matching.of(job).label().orElse(null) : null;
    }

    public @Nullable BigDecimal builtSeries() {
        return Matching.of(job).series().orElse(null);
    }

    /** Read off the label before, for the tier, or of the pack that was built after it. */
    public @Nullable BigDecimal chargeLimitV() {
        return Assessing.of(job)
                .labelledChargeLimitV()
                .or(() -> Matching.of(job).chargeLimitV())
                .orElse(null);
    }

    /** Read off the label before, for the tier, or of the pack that was built after it. */
    public @Nullable BigDecimal nominalThicknessMm() {
        return Assessing.of(job)
                .labelledThicknessMm()
                .or(() -> Matching.of(job).label().map(built -> built.size().thicknessMm()))
                .orElse(null);
    }

    /** The one in the hand; until one is, the one that was taken from the quote. */
    public @Nullable PackLabel label() {
        return Fitting.of(job)
                .offered()
                .or(() -> Fitting.of(job).taken().map(Offer::label))
                .or(() -> Matching.of(job).label())
                .orElse(null);
    }

    /** The backup cell that came out, until somebody says what becomes of it; null otherwise. */
    public Seat.@Nullable CoinCell coinCell() {
        return Fitting.of(job).isCoinCellOpen() ? job.model().housing().seat().coinCell() : null;
    }

    public FitEntry.CoinCell[] coinOutcomes() {
        return FitEntry.CoinCell.values();
    }

    public @Nullable Plug plug() {
        return job.model().housing().plug();
    }

    public Plug.Wire[] wires() {
        return Plug.Wire.values();
    }

    public @Nullable String ears() {
        return Fitting.of(job)
                .comparison()
                .map(compared -> compared.result().heldBy())
                .orElse(job.model().housing().seat().ears());
    }

    public FitEntry.@Nullable LifePlanned life() {
        return Fitting.of(job).plannedLife().orElse(null);
    }

    public @Nullable Result<PackComparison.Comparison> comparison() {
        return Fitting.of(job).comparison().orElse(null);
    }

    /** The pack that was read last, in its bay; nothing until all three of its sizes are known, and while it is looked at. */
    private static @Nullable BayDrawing bay(JobFile job) {
        return lookFirst(job)
                ? null
                : Fitting.of(job)
                        .offered()
                        .flatMap(label -> label.size().box())
                        .map(pack -> BayDrawing.of(pack, job.model().pack().bay(), job.limits()))
                        .orElse(null);
    }

    public Body[] bodies() {
        return Body.values();
    }

    public boolean chosen() {
        return Fitting.of(job).packChosen();
    }

    public boolean keepsPack() {
        return Fitting.of(job).keepsPack();
    }

    public boolean prisedOff() {
        return Freeing.of(job).prisedOff();
    }

    public boolean takeable() {
        return fits(job) && sound(job) && job.liftedOut();
    }

    public boolean takeOutFirst() {
        return fits(job) && sound(job) && !job.liftedOut();
    }

    public boolean lookFirst() {
        return lookFirst(job);
    }

    private static boolean lookFirst(JobFile job) {
        return fits(job) && !sound(job);
    }

    public @Nullable String fallen() {
        return Fitting.of(job).promiseFallen().orElse(null);
    }

    public @Nullable Result<TierVerdict> newPack() {
        return job.newPackTier().orElse(null);
    }

    public boolean soldered() {
        return job.model().housing().leads() != null;
    }

    public boolean severalCells() {
        return job.model().pack().ratings().series().intValue() > 1;
    }

    public HazardReadings.VoltageSource[] voltageSources() {
        return HazardReadings.VoltageSource.values();
    }

    public AppliedLimit notCharged() {
        return job.limits().applied(Limit.CELL_LOW_GUARDED_V);
    }

    public boolean mayReturn() {
        return !Overheating.of(job).cellsWereTooHot()
                && !job.oldPackTier().result().tier().atLeast(Tier.GUARDED);
    }

    public @Nullable List<SizeCode.Reading> sizeReadings() {
        String code = Fitting.of(job)
                .offered()
                .map(label -> label.printed().sizeCode())
                .orElse(null);
        if (code == null) {
            return List.of();
        }
        PackData pack = job.model().pack();
        try {
            return SizeCode.readings(new SizeCode.Request(code, Calipered.of(pack.bay())), job.limits())
                    .result();
        } catch (Unanswerable unreadable) {
            return List.of();
        }
    }

    private static boolean fits(JobFile job) {
        return Fitting.of(job)
                        .comparison()
                        .filter(comparison -> comparison.result().verdict().compareTo(Verdict.ASK) < 0)
                        .isPresent()
                && !Fitting.of(job).packChosen();
    }

    private static boolean sound(JobFile job) {
        return job.newPackTier()
                        .filter(judged -> judged.result().tier() == Tier.CLEAR)
                        .isPresent()
                || Fitting.of(job).isTakenForAsleep();
    }

    /** Nothing keeps it from going in but a plug that shows next to nothing. */
    public boolean mayBeAsleep() {
        return Fitting.of(job).mayBeAsleep();
    }
}
