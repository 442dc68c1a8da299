package glowkettle.journal;

import glowkettle.arrive.Quote;
import glowkettle.cell.Chemistry;
import glowkettle.journal.Admission.Refusal;
import glowkettle.library.OldPack;
import java.math.BigDecimal;
import java.math.MathContext;
import java.time.Instant;
import java.util.Optional;

/** Whether what was said and learnt at the counter may be written now. */
final class ArriveAdmission {
    private ArriveAdmission() {}

    static Optional<Refusal> answered(JobFile job, Entry.QuoteAnswered answered) {
        Optional<Quote.Request> quoted = job.state().latest(Entry.Quoted.class).map(Entry.Quoted::request);
        if (quoted.isEmpty()) {
            return Admission.no("offer", "There is no quote to answer.");
        }
        boolean choosing = answered.accepted() && !quoted.get().offers().isEmpty();
        boolean known =
                quoted.get().offers().stream().anyMatch(offer -> offer.name().equals(answered.offer()));
        return choosing && !known ? Admission.no("offer", "Say which of the packs was taken.") : Optional.empty();
    }

    static Optional<Refusal> promised(Entry.Promised promised, Instant now) {
        return promised.promise().isAfter(now)
                ? Optional.empty()
                : Admission.no("promise", "%s has passed; a promise lies ahead.".formatted(promised.promise()));
    }

    static Optional<Refusal> photoRemoved(JobFile job, Entry.PhotoRemoved removed, Role by) {
        if (by != Role.LEAD) {
            return Admission.no("reason", "Only a lead removes a photo.");
        }
        return job.photos().stream().anyMatch(photo -> photo.photo().equals(removed.photo()))
                ? Optional.empty()
                : Admission.no("photo", "This job has no such photo.");
    }

    /** A label whose voltage no chemistry has, or a bay smaller than what came out of it, was read wrongly. */
    static Optional<Refusal> oldPack(JobFile job, Entry.OldPackRead read) {
        OldPack pack = read.pack();
        BigDecimal perCell = pack.nominalV().divide(pack.series(), MathContext.DECIMAL64);
        boolean known = Chemistry.bands(job.limits()).stream()
                .anyMatch(band ->
                        perCell.compareTo(band.nominalFromV()) >= 0 && perCell.compareTo(band.nominalToV()) <= 0);
        if (!known) {
            return Admission.no(
                    "pack.nominalV",
                    "%s V over %s cells is no voltage of a lithium cell; look at both again."
                            .formatted(pack.nominalV(), pack.series()));
        }
        boolean fits = pack.thicknessMm().compareTo(pack.bayThicknessMm()) <= 0
                && pack.widthMm().compareTo(pack.bayWidthMm()) <= 0
                && pack.lengthMm().compareTo(pack.bayLengthMm()) <= 0;
        return fits
                ? Optional.empty()
                : Admission.no(
                        "pack.bayThicknessMm", "The bay is smaller than the pack that lay in it; measure both again.");
    }
}
