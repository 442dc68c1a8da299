package glowkettle.job.fit;

import static glowkettle.job.Traits.Hands.*;
import static glowkettle.job.Traits.Holds.*;
import static glowkettle.job.Traits.Mended.*;
import static glowkettle.job.Traits.Reads.*;
import static glowkettle.job.Traits.Signed.*;
import static glowkettle.job.Traits.Source.*;

import glowkettle.finding.Figures;
import glowkettle.job.Admission;
import glowkettle.job.Firmness;
import glowkettle.job.Kind;
import glowkettle.job.Phrases;
import glowkettle.job.Spark;
import glowkettle.job.Told;
import glowkettle.job.Traits;
import java.util.List;
import java.util.stream.Collectors;

/** Every kind of entry that may be written at Fit, each with all that is decided of it. */
final class FitKinds {
    static final List<Kind<? extends FitEntry>> ALL = List.of(
            Kind.of("old-pack-read", FitEntry.OldPackRead.class, Traits.TYPED, Spark.HARMLESS, Firmness.LOOSE)
                    .says(read -> "Old pack: %s, %s, charged to %s per cell"
                            .formatted(
                                    Phrases.figure(read.pack().ratings().nominalV(), "V"),
                                    Phrases.figure(read.pack().ratings().capacityMah(), "mAh"),
                                    Phrases.figure(read.pack().ratings().chargeLimitV(), "V")))
                    .tellsNothing()
                    .admits((job, read) -> FitAdmission.labelOfTheOld(job, read)),
            Kind.of("offer-noted", FitEntry.OfferNoted.class, Traits.TYPED, Spark.HARMLESS, Firmness.LOOSE)
                    .says(noted -> "Offer: %s, %s, %s"
                            .formatted(
                                    noted.offer().name(),
                                    noted.offer().kind().words(),
                                    Phrases.figure(
                                            noted.offer().label().printed().capacityMah(), "mAh")))
                    .tellsNothing()
                    .admits((job, noted) -> FitAdmission.noted(job, noted.offer())),
            Kind.of("offer-dropped", FitEntry.OfferDropped.class, Traits.TAPPED, Spark.HARMLESS, Firmness.LOOSE)
                    .says(dropped -> "Offer dropped: " + dropped.name())
                    .tellsNothing()
                    .admits((job, dropped) -> FitAdmission.dropped(job, dropped.name())),
            Kind.of("life-planned", FitEntry.LifePlanned.class, Traits.TYPED, Spark.HARMLESS, Firmness.LOOSE)
                    .says(life -> "To be kept for " + Phrases.figure(life.years(), "years"))
                    .tellsNothing()
                    .admitsAny(),
            Kind.of("coin-cell-settled", FitEntry.CoinCellSettled.class, Traits.TYPED, Spark.HARMLESS, Firmness.LOOSE)
                    .says(coin -> "Backup cell: " + coin.outcome().words()
                            + (coin.container() == null ? "" : "; the old one lies in " + coin.container()))
                    .tellsNothing()
                    .admits((job, coin) -> FitAdmission.coinCell(job, coin)),
            Kind.of("pack-offered", FitEntry.PackOffered.class, Traits.TYPED, Spark.HARMLESS, Firmness.LOOSE)
                    .says(offered -> "New pack: %s, %s"
                            .formatted(
                                    Phrases.figure(offered.label().printed().nominalV(), "V"),
                                    Phrases.figure(offered.label().printed().capacityMah(), "mAh")))
                    .tells(offered -> new Told.Offered(offered.label().size().thicknessMm()))
                    .admits((job, offered, author, now) -> FitAdmission.wayBackBegun(job)
                            .or(() -> FitAdmission.bound(job, author.role()))
                            .or(() -> FitAdmission.offered(job, offered))),
            Kind.of("new-pack-seen", FitEntry.NewPackSeen.class, Traits.READ, Spark.HARMLESS, Firmness.LOOSE)
                    .says(seen -> "New pack looked at: %s, %s, %s per cell"
                            .formatted(
                                    Phrases.seen(seen.look()),
                                    Phrases.figure(seen.thickness().middleThicknessMm(), "mm"),
                                    Phrases.figure(seen.voltage().restedCellV(), "V")))
                    .tells(seen -> new Told.Unpacked(seen.look(), seen.thickness(), seen.voltage()))
                    .admits((job, seen) -> FitAdmission.newPack(job, seen)),
            Kind.of("pack-asleep", FitEntry.PackAsleep.class, Traits.TAPPED, Spark.HARMLESS, Firmness.LOOSE)
                    .says("New pack: nothing at its plug, and nothing else of it can be read; taken for asleep")
                    .tellsNothing()
                    .admits((job, ignored) -> Asleep.refuse(job)),
            Kind.of(
                            "pack-chosen",
                            FitEntry.PackChosen.class,
                            Traits.TAPPED.judgedAnew(),
                            Spark.HARMLESS,
                            Firmness.LOOSE)
                    .says("This pack goes in")
                    .tells(ignored -> new Told.GoesIn(Told.Whose.NEW))
                    .admits((job, chosen, author, now) -> FitAdmission.chosen(job, chosen, author.role())),
            Kind.of(
                            "new-leads-measured",
                            FitEntry.NewLeadsMeasured.class,
                            Traits.WRITTEN_BY_ITS_PAGE,
                            Spark.HARMLESS,
                            Firmness.LOOSE)
                    .says(measured -> "New leads measured: "
                            + measured.leads().stream()
                                    .map(lead -> lead.colour() + " " + Figures.withUnit(lead.volts(), "V"))
                                    .collect(Collectors.joining("; ")))
                    .tellsNothing()
                    .admits((job, ignored) -> Admission.no("", "Leads are told apart at Join.")),
            Kind.of(
                            "old-pack-returns",
                            FitEntry.OldPackReturns.class,
                            Traits.TAPPED.judgedAnew(),
                            Spark.HARMLESS,
                            Firmness.LOOSE)
                    .says("The old pack goes in again")
                    .tells(ignored -> new Told.GoesIn(Told.Whose.OLD))
                    .admits((job, ignored, author, now) -> FitAdmission.oldPackReturns(job, author.role())));

    private FitKinds() {}
}
