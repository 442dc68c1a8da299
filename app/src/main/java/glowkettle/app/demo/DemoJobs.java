package glowkettle.app.demo;

import glowkettle.app.isolation.Containers;
import glowkettle.app.journal.JournalBook;
import glowkettle.app.shop.ShopBook;
import glowkettle.arrive.Symptom;
import glowkettle.assess.HazardReadings.Look;
import glowkettle.assess.HazardReadings.Wet;
import glowkettle.fit.PackLabel;
import glowkettle.journal.Entry;
import glowkettle.journal.Entry.CycleStep;
import glowkettle.shop.OpeningHours;
import java.math.BigDecimal;
import java.time.Duration;
import java.time.Instant;
import java.time.InstantSource;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Some thirty jobs at every stage, with the awkward ones among them. All or none of them are written. */
@Component
class DemoJobs {
    private static final String GANNET = "gannet-14";
    private static final String TERN = "tern-fold-12";
    private static final String DUNLIN = "dunlin";

    private final JournalBook journal;
    private final Containers containers;
    private final ShopBook shop;
    private final InstantSource clock;

    DemoJobs(JournalBook journal, Containers containers, ShopBook shop, InstantSource clock) {
        this.journal = journal;
        this.containers = containers;
        this.shop = shop;
        this.clock = clock;
    }

    @Transactional
    public void play() {
        closed();
        calibrating();
        isolated();
        proving();
        fitting();
        opening();
        arriving();
    }

    private Play job(int daysAgo, String model, String owner, Symptom... symptoms) {
        return promised(daysAgo, null, model, owner, symptoms);
    }

    private Play promised(int daysAgo, @Nullable Integer inDays, String model, String owner, Symptom... symptoms) {
        Instant now = clock.instant();
        Instant start = now.minus(Duration.ofDays(daysAgo)).minus(Duration.ofMinutes(160));
        Instant promise = inDays == null
                ? null
                : now.plus(Duration.ofDays(inDays)).truncatedTo(java.time.temporal.ChronoUnit.HOURS);
        return Play.open(journal, containers, start, model, owner, Set.of(symptoms), promise);
    }

    private void closed() {
        handedBack(34, GANNET, "Chart table, ferry Fulmar", Symptom.SHORT_RUNTIME);
        handedBack(29, DUNLIN, "Ticket hall, north quay", Symptom.WILL_NOT_CHARGE);
        handedBack(27, DUNLIN, "Ticket hall, north quay", Symptom.SHORT_RUNTIME);
        handedBack(22, TERN, "Cadet school, room 2", Symptom.SUDDEN_SHUT_DOWN);
        handedBack(19, TERN, "Cadet school, room 2", Symptom.SHORT_RUNTIME);
        job(15, GANNET, "Purser, ferry Kittiwake", Symptom.NO_CLICK)
                .looked()
                .warm("22.1")
                .seam("0.15", "0.42", "0.38")
                .gauge(Entry.Moment.BEFORE, 54, 812)
                .tornDown(0)
                .thick(6.1)
                .rested("3.79")
                .fitted()
                .back(0)
                .proved(0)
                .leftOut()
                .stored()
                .signed();
        handedBack(12, DUNLIN, "Ticket hall, south quay", Symptom.HOT);
        handedBack(9, GANNET, "Harbour office", Symptom.ONLY_PLUGGED_IN);
    }

    private void handedBack(int daysAgo, String model, String owner, Symptom symptom) {
        job(daysAgo, model, owner, symptom)
                .assessed()
                .out()
                .fitted()
                .back(0)
                .proved(0)
                .leftOut()
                .stored()
                .signed();
    }

    /** The soak cycle runs by the shop's clock, so these begin at the openings of the last staffed days. */
    private void calibrating() {
        Instant now = clock.instant();
        List<OpeningHours.Staffed> days = shop.hours().between(now.minus(Duration.ofDays(9)), now).stream()
                .filter(day -> day.length().compareTo(Duration.ofHours(8)) >= 0)
                .filter(day -> day.startInclusive().plus(Duration.ofMinutes(40)).isBefore(now))
                .toList();
        Instant newest = days.getLast().startInclusive();
        Instant before = days.get(days.size() - 2).startInclusive();
        Instant earlier = days.get(days.size() - 3).startInclusive();

        closedUp(6, 2, GANNET, "Engine control room, ferry Fulmar", Symptom.SHORT_RUNTIME)
                .cycle(CycleStep.CHARGE_STARTED, before.plus(Duration.ofMinutes(10)))
                .cycle(CycleStep.FULL_SEEN, before.plus(Duration.ofMinutes(170)))
                .cycle(CycleStep.RUN_DOWN_STARTED, before.plus(Duration.ofMinutes(335)))
                .cycle(CycleStep.SHUT_DOWN_SEEN, newest.plus(Duration.ofMinutes(5)));
        closedUp(4, 3, TERN, "Cadet school, room 4", Symptom.SUDDEN_SHUT_DOWN)
                .cycle(CycleStep.CHARGE_STARTED, newest.plus(Duration.ofMinutes(15)));
        closedUp(8, -1, GANNET, "Chart table, ferry Kittiwake", Symptom.SHORT_RUNTIME)
                .cycle(CycleStep.CHARGE_STARTED, earlier.plus(Duration.ofMinutes(20)))
                .cycle(CycleStep.FULL_SEEN, earlier.plus(Duration.ofMinutes(200)))
                .cycle(CycleStep.RUN_DOWN_STARTED, earlier.plus(Duration.ofMinutes(240)))
                .write(new Entry.CycleMishap(glowkettle.calibrate.Kept.Mishap.SLEPT));
        closedUp(3, 4, DUNLIN, "Gangway crew, ferry Skua", Symptom.SHORT_RUNTIME);
        closedUp(7, 1, DUNLIN, "Ticket hall, south quay", Symptom.WILL_NOT_CHARGE)
                .cycle(CycleStep.CHARGE_STARTED, earlier.plus(Duration.ofMinutes(10)))
                .cycle(CycleStep.FULL_SEEN, earlier.plus(Duration.ofMinutes(150)))
                .cycle(CycleStep.RUN_DOWN_STARTED, earlier.plus(Duration.ofMinutes(305)))
                .cycle(CycleStep.SHUT_DOWN_SEEN, earlier.plus(Duration.ofMinutes(1000)))
                .cycle(CycleStep.LAST_CHARGE_STARTED, before.plus(Duration.ofMinutes(20)))
                .cycle(CycleStep.LAST_CHARGE_ENDED, before.plus(Duration.ofMinutes(190)))
                .stored();
    }

    private Play closedUp(int daysAgo, int inDays, String model, String owner, Symptom symptom) {
        return promised(daysAgo + 4, inDays, model, owner, symptom)
                .assessed()
                .out()
                .fitted()
                .back(0)
                .proved(0);
    }

    private void isolated() {
        job(2, GANNET, "Ferry Kittiwake, ticket desk of the upper deck", Symptom.LIFTING)
                .looked()
                .warm("22.4")
                .gauge(Entry.Moment.BEFORE, 48, 1020)
                .seam("0.2", "1.4", "1.3", "0.3")
                .stored();
        job(0, TERN, "Cadet school, room 1", Symptom.LIFTING, Symptom.NO_CLICK)
                .write(new Entry.Looked(new Look(false, true, true, false, false, false, Wet.NO, null, null)))
                .warm("23.0");
        job(1, DUNLIN, "Deck crew, ferry Skua", Symptom.SMELL, Symptom.DROPPED)
                .write(new Entry.Looked(
                        new Look(false, false, false, false, true, true, Wet.NO, new BigDecimal("20"), null)))
                .stored()
                .asLead(new Entry.LeadContinued("Cold removal outdoors, second person and open container beside it."));
        job(
                        5,
                        DUNLIN,
                        "Night engineer on the standby list of the reserve ferry Great Northern Diver, berth 12",
                        Symptom.HOT)
                .write(new Entry.Looked(new Look(true, false, false, false, false, false, Wet.NO, null, null)))
                .write(
                        new Entry.Evacuated(
                                "Smoke from the drop box at 06:40. Room cleared, called, released by the fire service at 09:15."));
    }

    private void proving() {
        promised(3, 1, TERN, "Cadet school, room 3", Symptom.SHORT_RUNTIME)
                .assessed()
                .out()
                .fitted()
                .back(0)
                .proved(4);
        promised(2, 2, DUNLIN, "Ticket hall, north quay", Symptom.SHORT_RUNTIME)
                .assessed()
                .out()
                .fitted()
                .back(0)
                .proved(0)
                .leftOut();
        promised(6, 0, GANNET, "Bridge, ferry Fulmar", Symptom.NO_CLICK)
                .looked()
                .warm("22.0")
                .seam("0.2", "0.45")
                .gauge(Entry.Moment.BEFORE, 66, 510)
                .tornDown(0)
                .thick(5.6)
                .rested("3.84")
                .fitted()
                .back(0)
                .proved(0)
                .leftOut()
                .stored()
                .write(new Entry.SignedOff(glowkettle.journal.Role.TECHNICIAN));
    }

    private void fitting() {
        Play refused = promised(2, 3, GANNET, "Purser, ferry Skua", Symptom.SHORT_RUNTIME)
                .assessed()
                .out();
        refused.offered(label(refused, "11.1", "12.6", "4400"));
        Play lying = promised(1, 4, GANNET, "Harbour office", Symptom.SUDDEN_SHUT_DOWN)
                .assessed()
                .out();
        lying.offered(label(lying, "11.55", "13.2", "7800"));
        Play ambiguous = promised(1, 5, DUNLIN, "Gangway crew, ferry Fulmar", Symptom.SHORT_RUNTIME)
                .assessed()
                .out();
        ambiguous.offered(new PackLabel(
                new BigDecimal("3.7"),
                new BigDecimal("4.2"),
                new BigDecimal("3100"),
                null,
                null,
                null,
                null,
                new BigDecimal("52"),
                null,
                null,
                "9044700",
                true,
                "26-12"));
        promised(2, 2, TERN, "Cadet school, room 2", Symptom.SHORT_RUNTIME)
                .assessed()
                .out()
                .fitted()
                .back(9);
        promised(3, 1, GANNET, "Chart table, ferry Skua", Symptom.NO_CLICK)
                .assessed()
                .out()
                .fitted()
                .back(4);
    }

    private static PackLabel label(Play play, String nominalV, String chargeV, String capacityMah) {
        PackLabel right = play.rightLabel();
        return new PackLabel(
                new BigDecimal(nominalV),
                new BigDecimal(chargeV),
                new BigDecimal(capacityMah),
                null,
                right.thicknessMm(),
                right.widthMm(),
                right.lengthMm(),
                right.massG(),
                null,
                null,
                null,
                true,
                "no lot printed");
    }

    private void opening() {
        promised(1, 2, GANNET, "Cargo office, north quay", Symptom.SHORT_RUNTIME)
                .assessed()
                .tornDown(9);
        promised(0, 3, GANNET, "Bridge, ferry Kittiwake", Symptom.SHORT_RUNTIME, Symptom.SUDDEN_SHUT_DOWN)
                .assessed()
                .tornDown(5);
        promised(1, 3, TERN, "Cadet school, room 1", Symptom.NO_CLICK)
                .looked()
                .warm("22.2")
                .seam("0.15", "0.44", "0.3")
                .gauge(Entry.Moment.BEFORE, 58, 701)
                .tornDown(8);
        promised(0, 1, DUNLIN, "Ticket hall, south quay", Symptom.WILL_NOT_CHARGE)
                .assessed();
    }

    private void arriving() {
        promised(0, 4, GANNET, "Crew mess, ferry Skua", Symptom.SHORT_RUNTIME);
        promised(0, 5, TERN, "Cadet school, room 4", Symptom.LIFTING).looked();
        promised(0, 2, DUNLIN, "Lookout, ferry Fulmar", Symptom.WET).looked().warm("21.4");
        job(0, GANNET, "Lost property, north quay");
    }
}
