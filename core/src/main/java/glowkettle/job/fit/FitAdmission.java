package glowkettle.job.fit;

import glowkettle.assess.Tier;
import glowkettle.calibrate.PhaseTimes;
import glowkettle.calibrate.School;
import glowkettle.cell.Chemistry;
import glowkettle.finding.Figures;
import glowkettle.finding.Unanswerable;
import glowkettle.fit.Offer;
import glowkettle.fit.Worth;
import glowkettle.job.Admission;
import glowkettle.job.Admission.Refusal;
import glowkettle.job.JobFile;
import glowkettle.job.Recorded;
import glowkettle.job.Role;
import glowkettle.job.assess.Assessing;
import glowkettle.job.assess.EmptyReading;
import glowkettle.job.assess.ReadingAdmission;
import glowkettle.job.free.Freeing;
import glowkettle.job.free.Overheating;
import glowkettle.job.isolation.Isolating;
import glowkettle.job.match.Building;
import glowkettle.job.match.Matching;
import glowkettle.library.OldPack;
import java.math.BigDecimal;
import java.math.MathContext;
import java.util.List;
import java.util.Optional;

/** Whether a pack may be read, chosen or put back now. */
final class FitAdmission {
    private FitAdmission() {}

    /** A label nobody can judge is asked for again at once, while the pack is still in the hand. */
    static Optional<Refusal> offered(JobFile job, FitEntry.PackOffered offered) {
        if (!job.packKnown()) {
            return Admission.no("label.capacityMah", "Read the old pack's label and measure its bay first.");
        }
        try {
            Fitting.of(job).compare(offered.label());
            PhaseTimes.of(
                    job.model().pack(),
                    offered.label().printed().capacityMah(),
                    School.proposedFor(job.model()),
                    job.limits());
            return Optional.empty();
        } catch (Unanswerable unanswerable) {
            boolean ofLabel = unanswerable.field().equals("sizeCode");
            return Admission.no(
                    "label." + (ofLabel ? unanswerable.field() : "capacityMah"),
                    ofLabel
                            ? String.valueOf(unanswerable.getMessage())
                            : "%s mAh cannot be charged by this device: %s."
                                    .formatted(offered.label().printed().capacityMah(), unanswerable.getMessage()));
        }
    }

    /** Four are compared; an offer is judged by the same lines as a pack in the hand. */
    static Optional<Refusal> noted(JobFile job, Offer offer) {
        List<Offer> others = Fitting.of(job).offers().stream()
                .filter(other -> !other.name().equals(offer.name()))
                .toList();
        if (others.size() >= Worth.MOST_OFFERS) {
            return Admission.no(
                    "offer.name",
                    "%s offers stand side by side already; drop one first, or give this one a name of theirs."
                            .formatted(Worth.MOST_OFFERS));
        }
        return offered(job, new FitEntry.PackOffered(offer.label()))
                .map(refusal -> new Refusal("offer." + refusal.field(), refusal.reason()));
    }

    static Optional<Refusal> dropped(JobFile job, String name) {
        return Fitting.of(job).offers().stream().anyMatch(offer -> offer.name().equals(name))
                ? Optional.empty()
                : Admission.no("name", "No offer is called '%s'.".formatted(name));
    }

    /** What came out is a cell, too: it lies in a container, not on the bench. */
    static Optional<Refusal> coinCell(JobFile job, FitEntry.CoinCellSettled coin) {
        if (!Fitting.of(job).isCoinCellOut()) {
            return Admission.no("outcome", "No backup cell came out of this device.");
        }
        return coin.outcome() != FitEntry.CoinCell.BACK && coin.container() == null
                ? Admission.no("container", "Missing: where the one that came out lies, such as the bucket of sand.")
                : wayBackBegun(job);
    }

    static Optional<Refusal> newPack(JobFile job, FitEntry.NewPackSeen seen) {
        if (job.state().latest(FitEntry.PackOffered.class).isEmpty()) {
            return Admission.no("", "Read the new pack's label first.");
        }
        return EmptyReading.refuse(seen.look(), "look.")
                .or(() -> EmptyReading.refuse(seen.thickness()))
                .or(() -> EmptyReading.refuse(seen.voltage()))
                .or(() -> ReadingAdmission.thickness(job, seen.thickness(), "thickness."))
                .or(() -> ReadingAdmission.voltage(seen.voltage(), "voltage.", job.limits()));
    }

    static Optional<Refusal> chosen(JobFile job, FitEntry.PackChosen chosen, Role by) {
        if (!job.liftedOut()) {
            return Admission.no("", "The old pack is still in the device: take it out first.");
        }
        long newest = job.state()
                .latestRecorded(FitEntry.PackOffered.class)
                .map(Recorded::seq)
                .orElse(0L);
        if (chosen.offer() != null && chosen.offer().longValue() != newest) {
            return Admission.no("offer", "Another pack has been read since; look at it, then choose.");
        }
        return wayBackBegun(job)
                .or(() -> bound(job, by))
                .or(() -> beingBuilt(job))
                .or(() -> new PackPromise(job).good())
                // Something may have been read of it since it came out of its box.
                .or(() -> PackPromise.isSound(job.newPackTier(), job.state()));
    }

    /** A pack that is built of cells goes in when its groups and its first charge are good. */
    private static Optional<Refusal> beingBuilt(JobFile job) {
        return Matching.of(job).wanted().isPresent() && !Building.of(job).isProven()
                ? Admission.no("", "The pack that is built is not proven: its groups and its first charge come first.")
                : Optional.empty();
    }

    /** A label whose voltage no chemistry has, or a bay smaller than what came out of it, was read wrongly. */
    static Optional<Refusal> labelOfTheOld(JobFile job, FitEntry.OldPackRead read) {
        OldPack pack = read.pack();
        BigDecimal perCell = pack.ratings().nominalV().divide(pack.ratings().series(), MathContext.DECIMAL64);
        boolean known = Chemistry.bands(job.limits()).stream()
                .anyMatch(band ->
                        perCell.compareTo(band.nominalFromV()) >= 0 && perCell.compareTo(band.nominalToV()) <= 0);
        if (!known) {
            return Admission.no(
                    "pack.nominalV",
                    "%s V over %s cells is no voltage of a lithium cell; look at both again."
                            .formatted(pack.ratings().nominalV(), pack.ratings().series()));
        }
        boolean fits = pack.size().thicknessMm().compareTo(pack.bay().thicknessMm()) <= 0
                && pack.size().widthMm().compareTo(pack.bay().widthMm()) <= 0
                && pack.size().lengthMm().compareTo(pack.bay().lengthMm()) <= 0;
        return fits
                ? Optional.empty()
                : Admission.no(
                        "pack.bayThicknessMm", "The bay is smaller than the pack that lay in it; measure both again.");
    }

    /** What was begun on a pack stands until it is ended, whoever chooses anew; a lead may give it up. */
    static Optional<Refusal> bound(JobFile job, Role by) {
        return by == Role.LEAD ? Optional.empty() : job.chapters().binds(job);
    }

    static Optional<Refusal> oldPackReturns(JobFile job, Role by) {
        return wayBackBegun(job)
                .or(() -> bound(job, by))
                .or(() -> fitForReturn(job))
                .or(() -> Isolating.of(job)
                        .liesIn()
                        .flatMap(container ->
                                Admission.no("", "It lies in %s; take that back first.".formatted(container))));
    }

    /** A pack goes in again only as sound as it came out. */
    static Optional<Refusal> fitForReturn(JobFile job) {
        if (Freeing.of(job).prisedOff()) {
            return Admission.no("", "It was prised off: its bond and its jacket are gone. It is not fitted again.");
        }
        if (job.worstTier().atLeast(Tier.ISOLATE)) {
            return Admission.no(
                    "",
                    "It was of tier %s: it is not fitted again."
                            .formatted(job.worstTier().word()));
        }
        if (Overheating.of(job).cellsWereTooHot()) {
            return Admission.no(
                    "",
                    "Its cells were at %s: it is not fitted again."
                            .formatted(Figures.withUnit(
                                    Overheating.of(job).cellPeakC().orElseThrow(), "°C")));
        }
        Optional<String> missing = Assessing.toTake(job.oldPackTier()).findFirst();
        if (missing.isPresent()) {
            return Admission.no("", missing.get());
        }
        Tier now = job.oldPackTier().result().tier();
        return now.atLeast(Tier.GUARDED)
                ? Admission.no("", "It is of tier %s: it is not fitted again.".formatted(now.word()))
                : Optional.empty();
    }

    static Optional<Refusal> wayBackBegun(JobFile job) {
        return job.isClosingUp()
                ? Admission.no("", "The way back has begun; take its steps back first.")
                : Optional.empty();
    }
}
