package glowkettle.job.fit;

import static glowkettle.job.Traits.Hands.*;
import static glowkettle.job.Traits.Holds.*;
import static glowkettle.job.Traits.Mended.*;
import static glowkettle.job.Traits.Reads.*;
import static glowkettle.job.Traits.Signed.*;
import static glowkettle.job.Traits.Source.*;

import glowkettle.finding.Figures;
import glowkettle.finding.Result;
import glowkettle.fit.PackComparison;
import glowkettle.job.Admission;
import glowkettle.job.Admission.Author;
import glowkettle.job.Admission.Refusal;
import glowkettle.job.Call;
import glowkettle.job.Chapter;
import glowkettle.job.Firmness;
import glowkettle.job.JobFile;
import glowkettle.job.JobState;
import glowkettle.job.Kind;
import glowkettle.job.NextThing;
import glowkettle.job.Phrases;
import glowkettle.job.Spark;
import glowkettle.job.Stage;
import glowkettle.job.Told;
import glowkettle.job.Traits;
import glowkettle.library.DeviceModel;
import glowkettle.limits.ShopLimits;
import glowkettle.shop.OpeningHours;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;

/** Which pack goes in. */
public final class FitChapter implements Chapter<FitEntry> {
    public static final Stage STAGE = new Stage("Fit", "fit");

    private static final List<Kind<? extends FitEntry>> KINDS = List.of(
            Kind.of("old-pack-read", FitEntry.OldPackRead.class, Traits.TYPED, Spark.HARMLESS, Firmness.LOOSE),
            Kind.of("offer-noted", FitEntry.OfferNoted.class, Traits.TYPED, Spark.HARMLESS, Firmness.LOOSE),
            Kind.of("offer-dropped", FitEntry.OfferDropped.class, Traits.TAPPED, Spark.HARMLESS, Firmness.LOOSE),
            Kind.of("life-planned", FitEntry.LifePlanned.class, Traits.TYPED, Spark.HARMLESS, Firmness.LOOSE),
            Kind.of("coin-cell-settled", FitEntry.CoinCellSettled.class, Traits.TYPED, Spark.HARMLESS, Firmness.LOOSE),
            Kind.of("pack-offered", FitEntry.PackOffered.class, Traits.TYPED, Spark.HARMLESS, Firmness.LOOSE),
            Kind.of("new-pack-seen", FitEntry.NewPackSeen.class, Traits.READ, Spark.HARMLESS, Firmness.LOOSE),
            Kind.of(
                    "pack-chosen",
                    FitEntry.PackChosen.class,
                    new Traits(FORM, TAKEN_BACK, NO_READING, UNTIL_SIGNED, NO_TRAINEE_IN_DANGER, JUDGED_ANEW),
                    Spark.HARMLESS,
                    Firmness.LOOSE),
            Kind.of(
                    "new-leads-measured",
                    FitEntry.NewLeadsMeasured.class,
                    Traits.WRITTEN_BY_ITS_PAGE,
                    Spark.HARMLESS,
                    Firmness.LOOSE),
            Kind.of(
                    "old-pack-returns",
                    FitEntry.OldPackReturns.class,
                    new Traits(FORM, TAKEN_BACK, NO_READING, UNTIL_SIGNED, NO_TRAINEE_IN_DANGER, JUDGED_ANEW),
                    Spark.HARMLESS,
                    Firmness.LOOSE));

    @Override
    public Stage stage() {
        return STAGE;
    }

    @Override
    public Class<FitEntry> entries() {
        return FitEntry.class;
    }

    @Override
    public List<Kind<? extends FitEntry>> kinds() {
        return KINDS;
    }

    @Override
    public String words(FitEntry entry, JobFile job) {
        return switch (entry) {
            case FitEntry.OldPackRead read ->
                "Old pack: %s, %s, charged to %s per cell"
                        .formatted(
                                Phrases.figure(read.pack().ratings().nominalV(), "V"),
                                Phrases.figure(read.pack().ratings().capacityMah(), "mAh"),
                                Phrases.figure(read.pack().ratings().chargeLimitV(), "V"));
            case FitEntry.OfferNoted noted ->
                "Offer: %s, %s, %s"
                        .formatted(
                                noted.offer().name(),
                                noted.offer().kind().words(),
                                Phrases.figure(noted.offer().label().printed().capacityMah(), "mAh"));
            case FitEntry.OfferDropped dropped -> "Offer dropped: " + dropped.name();
            case FitEntry.CoinCellSettled coin ->
                "Backup cell: " + coin.outcome().words()
                        + (coin.container() == null ? "" : "; the old one lies in " + coin.container());
            case FitEntry.LifePlanned life -> "To be kept for " + Phrases.figure(life.years(), "years");
            case FitEntry.PackOffered offered ->
                "New pack: %s, %s"
                        .formatted(
                                Phrases.figure(offered.label().printed().nominalV(), "V"),
                                Phrases.figure(offered.label().printed().capacityMah(), "mAh"));
            case FitEntry.NewPackSeen seen ->
                "New pack looked at: %s, %s, %s per cell"
                        .formatted(
                                Phrases.seen(seen.look()),
                                Phrases.figure(seen.thickness().middleThicknessMm(), "mm"),
                                Phrases.figure(seen.voltage().restedCellV(), "V"));
            case FitEntry.PackChosen ignored -> "This pack goes in";
            case FitEntry.NewLeadsMeasured measured ->
                "New leads measured: "
                        + measured.leads().stream()
                                .map(lead -> lead.colour() + " " + Figures.withUnit(lead.volts(), "V"))
                                .collect(Collectors.joining("; "));
            case FitEntry.OldPackReturns ignored -> "The old pack goes in again";
        };
    }

    @Override
    public Optional<Told> tells(FitEntry entry, DeviceModel model, ShopLimits limits) {
        return switch (entry) {
            case FitEntry.OldPackRead ignored -> Optional.empty();
            case FitEntry.OfferNoted ignored -> Optional.empty();
            case FitEntry.OfferDropped ignored -> Optional.empty();
            case FitEntry.LifePlanned ignored -> Optional.empty();
            case FitEntry.CoinCellSettled ignored -> Optional.empty();
            case FitEntry.PackOffered offered ->
                Optional.of(new Told.Offered(offered.label().size().thicknessMm()));
            case FitEntry.NewPackSeen seen ->
                Optional.of(new Told.Unpacked(seen.look(), seen.thickness(), seen.voltage()));
            case FitEntry.PackChosen ignored -> Optional.of(new Told.GoesIn(Told.Whose.NEW));
            case FitEntry.NewLeadsMeasured ignored -> Optional.empty();
            case FitEntry.OldPackReturns ignored -> Optional.of(new Told.GoesIn(Told.Whose.OLD));
        };
    }

    @Override
    public Optional<Refusal> refuse(JobFile job, FitEntry entry, Author author, Instant now) {
        return switch (entry) {
            case FitEntry.OldPackRead read -> FitAdmission.labelOfTheOld(job, read);
            case FitEntry.OfferNoted noted -> FitAdmission.noted(job, noted.offer());
            case FitEntry.OfferDropped dropped -> FitAdmission.dropped(job, dropped.name());
            case FitEntry.LifePlanned ignored -> Optional.empty();
            case FitEntry.CoinCellSettled coin -> FitAdmission.coinCell(job, coin);
            case FitEntry.PackOffered offered ->
                FitAdmission.wayBackBegun(job)
                        .or(() -> FitAdmission.bound(job, author.role()))
                        .or(() -> FitAdmission.offered(job, offered));
            case FitEntry.NewPackSeen seen -> FitAdmission.newPack(job, seen);
            case FitEntry.PackChosen chosen -> FitAdmission.chosen(job, chosen, author.role());
            case FitEntry.NewLeadsMeasured ignored -> Admission.no("", "Leads are told apart at Join.");
            case FitEntry.OldPackReturns ignored -> FitAdmission.oldPackReturns(job, author.role());
        };
    }

    @Override
    public Optional<NextThing> next(JobFile job) {
        if (Fitting.of(job).packChosen()) {
            return Fitting.of(job).isCoinCellOpen()
                    ? Optional.of(NextThing.of(STAGE, "Say what becomes of the backup cell"))
                    : Optional.empty();
        }
        return Optional.of(NextThing.of(STAGE, next(job, Fitting.of(job))));
    }

    @Override
    public List<Call> calls(JobFile job, OpeningHours hours) {
        return List.of();
    }

    private static String next(JobFile job, Fitting fitting) {
        if (!job.packKnown()) {
            return "Read the old pack's label and measure its bay";
        }
        Optional<Result<PackComparison.Comparison>> compared = fitting.comparison();
        if (compared.isEmpty()) {
            return "Read the new pack's label and hold it against the bay";
        }
        return switch (compared.get().result().verdict()) {
            case FITS, WITH_CARE ->
                PackPromise.isSound(job.unpacked()).map(Refusal::reason).orElse("Take this pack, or look at another");
            case ASK -> "Find out what the label leaves open";
            case REFUSED -> "This pack is refused: get another";
        };
    }

    @Override
    public DeviceModel known(JobState state, DeviceModel model) {
        return state.latest(FitEntry.OldPackRead.class)
                .filter(read -> model.isFamily())
                .map(read -> model.with(read.pack()))
                .orElse(model);
    }
}
