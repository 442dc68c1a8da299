package glowkettle.demo;

import glowkettle.arrive.Symptom;
import glowkettle.assess.HazardReadings.Damage;
import glowkettle.assess.HazardReadings.Look;
import glowkettle.assess.HazardReadings.Wet;
import glowkettle.assess.Resistance;
import glowkettle.assess.TimedRun;
import glowkettle.cell.Calipered;
import glowkettle.fit.Offer;
import glowkettle.fit.PackLabel;
import glowkettle.fit.Worth;
import glowkettle.job.Moment;
import glowkettle.job.Role;
import glowkettle.job.arrive.ArriveEntry;
import glowkettle.job.assess.AssessEntry;
import glowkettle.job.calibrate.CalibrateEntry;
import glowkettle.job.calibrate.CalibrateEntry.CycleStep;
import glowkettle.job.fit.FitEntry;
import glowkettle.job.handback.HandBackEntry;
import glowkettle.shop.OpeningHours;
import java.math.BigDecimal;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** Some thirty jobs at every stage, with the awkward ones among them. All or none of them are written. */
public final class DemoJobs {
    private static final String GANNET = "gannet-14";
    private static final String TERN = "tern-fold-12";
    private static final String DUNLIN = "dunlin";

    private final World world;

    private DemoJobs(World world) {
        this.world = world;
    }

    public static void play(World world) {
        DemoJobs jobs = new DemoJobs(world);
        List<Long> collected = jobs.closed();
        world.handOver(collected, "Harbour recycling barge", Person.LEAD);
        jobs.calibrating();
        jobs.isolated();
        jobs.proving();
        jobs.fitting();
        jobs.opening();
        jobs.arriving();
        jobs.watchedSwelling();
        jobs.declined();
        FreeingJobs.play(jobs::promised, world.now());
        JoiningJobs.play(jobs::promised);
        jobs.offers();
        BuildingJobs.play(jobs::promised);
    }

    private Play job(int daysAgo, String model, String owner, Symptom... symptoms) {
        return promised(daysAgo, null, model, owner, symptoms);
    }

    private Play promised(int daysAgo, @Nullable Integer inDays, String model, String owner, Symptom... symptoms) {
        Instant now = world.now();
        Instant start = now.minus(Duration.ofDays(daysAgo)).minus(Duration.ofMinutes(160));
        Instant promise = inDays == null
                ? null
                : now.plus(Duration.ofDays(inDays)).truncatedTo(java.time.temporal.ChronoUnit.HOURS);
        return Play.open(world, start, model, owner, Set.of(symptoms), promise);
    }

    /** @return those whose packs were collected since */
    private List<Long> closed() {
        List<Play> collected = List.of(
                handedBack(34, GANNET, "Chart table, ferry Fulmar", Symptom.SHORT_RUNTIME)
                        .as(DemoJob.CLOSED),
                handedBack(29, DUNLIN, "Ticket hall, north quay", Symptom.WILL_NOT_CHARGE),
                handedBack(27, DUNLIN, "Ticket hall, north quay", Symptom.SHORT_RUNTIME),
                handedBack(22, TERN, "Cadet school, room 2", Symptom.SUDDEN_SHUT_DOWN));
        handedBack(19, TERN, "Cadet school, room 2", Symptom.SHORT_RUNTIME);
        job(15, GANNET, "Purser, ferry Kittiwake", Symptom.NO_CLICK)
                .looked()
                .warm("22.1")
                .seam("0.15", "0.42", "0.38")
                .gauge(Moment.BEFORE, 54, 812)
                .tornDown(0)
                .thick(6.1)
                .rested("3.79")
                .fitted()
                .back(0)
                .proved(0)
                .leftOut()
                .stored()
                .signed()
                .watchedUntil(world.now(), "18.2", 0.2);
        handedBack(12, DUNLIN, "Ticket hall, south quay", Symptom.HOT);
        handedBack(9, GANNET, "Harbour office", Symptom.ONLY_PLUGGED_IN);
        return collected.stream().map(Play::number).toList();
    }

    private Play handedBack(int daysAgo, String model, String owner, Symptom symptom) {
        return job(daysAgo, model, owner, symptom)
                .assessed()
                .out()
                .fitted()
                .back(0)
                .proved(0)
                .leftOut()
                .stored()
                .signed()
                .watchedUntil(world.now(), "18.4", 0.1);
    }

    /** The soak cycle runs by the shop's clock, so these begin at the openings of the last staffed days. */
    private void calibrating() {
        Instant now = world.now();
        List<OpeningHours.Staffed> days = world.hours().between(now.minus(Duration.ofDays(9)), now).stream()
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
                .as(DemoJob.CALIBRATING)
                .cycle(CycleStep.CHARGE_STARTED, newest.plus(Duration.ofMinutes(15)));
        closedUp(8, -1, GANNET, "Chart table, ferry Kittiwake", Symptom.SHORT_RUNTIME)
                .cycle(CycleStep.CHARGE_STARTED, earlier.plus(Duration.ofMinutes(20)))
                .cycle(CycleStep.FULL_SEEN, earlier.plus(Duration.ofMinutes(200)))
                .cycle(CycleStep.RUN_DOWN_STARTED, earlier.plus(Duration.ofMinutes(360)))
                .write(new CalibrateEntry.CycleMishap(glowkettle.calibrate.SoakVerdict.Mishap.SLEPT));
        closedUp(3, 4, DUNLIN, "Gangway crew, ferry Skua", Symptom.SHORT_RUNTIME);
        closedUp(7, 1, DUNLIN, "Ticket hall, south quay", Symptom.WILL_NOT_CHARGE)
                .as(DemoJob.READY_TO_SIGN)
                .cycle(CycleStep.CHARGE_STARTED, earlier.plus(Duration.ofMinutes(10)))
                .cycle(CycleStep.FULL_SEEN, earlier.plus(Duration.ofMinutes(150)))
                .cycle(CycleStep.RUN_DOWN_STARTED, earlier.plus(Duration.ofMinutes(305)))
                .cycle(CycleStep.SHUT_DOWN_SEEN, earlier.plus(Duration.ofMinutes(1000)))
                .cycle(CycleStep.LAST_CHARGE_STARTED, before.plus(Duration.ofMinutes(20)))
                .cycle(CycleStep.LAST_CHARGE_ENDED, before.plus(Duration.ofMinutes(190)))
                .stored()
                .watchedUntil(world.now(), "18.4", 0.1);
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
        job(0, GANNET, "Ferry Kittiwake, ticket desk of the upper deck", Symptom.LIFTING)
                .looked()
                .warm("22.4")
                .gauge(Moment.BEFORE, 48, 1020)
                .seam("0.2", "1.4", "1.3", "0.3")
                .stored()
                .watchedUntil(world.now().minus(Duration.ofMinutes(40)), "12.6", 0.6);
        job(0, TERN, "Cadet school, room 1", Symptom.LIFTING, Symptom.NO_CLICK)
                .as(DemoJob.ISOLATED)
                .write(new AssessEntry.Looked(new Look(false, true, true, false, false, false, Wet.NO, Damage.NONE)))
                .warm("23.0");
        job(1, DUNLIN, "Deck crew, ferry Skua", Symptom.SMELL, Symptom.DROPPED)
                .write(new AssessEntry.Looked(new Look(
                        false, false, false, false, true, true, Wet.NO, new Damage(new BigDecimal("20"), null))))
                .stored()
                .watchedUntil(world.now(), "12.4", 1.1)
                .asLead(new AssessEntry.LeadContinued(
                        "Cold removal outdoors, second person and open container beside it."));
        job(
                        5,
                        DUNLIN,
                        "Night engineer on the standby list of the reserve ferry Great Northern Diver, berth 12",
                        Symptom.HOT)
                .as(DemoJob.EVACUATED)
                .write(new AssessEntry.Looked(new Look(true, false, false, false, false, false, Wet.NO, Damage.NONE)))
                .write(
                        new AssessEntry.Evacuated(
                                "Smoke from the drop box at 06:40. Room cleared, called, released by the fire service at 09:15."));
    }

    private void proving() {
        promised(3, 1, TERN, "Cadet school, room 3", Symptom.SHORT_RUNTIME)
                .as(DemoJob.PROVING)
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
                .gauge(Moment.BEFORE, 66, 510)
                .tornDown(0)
                .thick(5.6)
                .rested("3.84")
                .fitted()
                .back(0)
                .proved(0)
                .leftOut()
                .stored()
                .watchedUntil(world.now(), "18.4", 0.2)
                .write(new HandBackEntry.SignedOff(Role.TECHNICIAN));
    }

    private void fitting() {
        Play refused = promised(2, 3, GANNET, "Purser, ferry Skua", Symptom.SHORT_RUNTIME)
                .assessed()
                .out()
                .stored()
                .watchedUntil(world.now(), "18.4", 0.1);
        refused.offered(label(refused, "11.1", "12.6", "4400"));
        Play lying = promised(1, 4, GANNET, "Harbour office", Symptom.SUDDEN_SHUT_DOWN)
                .as(DemoJob.FITTING)
                .assessed()
                .out();
        lying.offered(label(lying, "11.55", "13.2", "7800"));
        Play ambiguous = promised(1, 5, DUNLIN, "Gangway crew, ferry Fulmar", Symptom.SHORT_RUNTIME)
                .assessed()
                .out();
        ambiguous.offered(new PackLabel(
                new PackLabel.Printed(
                        new BigDecimal("3.7"), new BigDecimal("4.2"), new BigDecimal("3100"), null, "9044700", "26-12"),
                new Calipered(null, null, null),
                new BigDecimal("52"),
                null,
                null,
                true));
        promised(2, 2, TERN, "Cadet school, room 2", Symptom.SHORT_RUNTIME)
                .assessed()
                .out()
                .stored()
                .watchedUntil(world.now(), "18.4", 0.1)
                .fitted()
                .back(9);
        promised(3, 1, GANNET, "Chart table, ferry Skua", Symptom.NO_CLICK)
                .as(DemoJob.GOING_BACK)
                .assessed()
                .out()
                .fitted()
                .back(4);
    }

    private void offers() {
        Play play = promised(0, 5, GANNET, "Engine room, ferry Fulmar", Symptom.SHORT_RUNTIME)
                .as(DemoJob.OFFERS)
                .assessed();
        play.write(offer(play, "Maker's pack", Worth.Source.MAKER, "95", null, "24", "9"))
                .write(offer(play, "Tideline, known brand", Worth.Source.KNOWN, "58", null, "12", "3"))
                .write(offer(play, "Quayside stall, no name", Worth.Source.UNNAMED, "26", "7800", "3", "1"))
                .write(offer(play, "Rebuilt in the capital", Worth.Source.REBUILT, "44", null, "6", "12"))
                .write(new FitEntry.LifePlanned(new BigDecimal("4"), null));
    }

    private static FitEntry.OfferNoted offer(
            Play play,
            String name,
            Worth.Source kind,
            String price,
            @Nullable String capacityMah,
            String warrantyMonths,
            String leadDays) {
        PackLabel right = play.rightLabel();
        return new FitEntry.OfferNoted(new Offer(
                name,
                kind,
                new BigDecimal(price),
                null,
                new Offer.Delivery(new BigDecimal(warrantyMonths), new BigDecimal(leadDays)),
                capacityMah == null ? right : label(play, "11.55", "13.2", capacityMah)));
    }

    private static PackLabel label(Play play, String nominalV, String chargeV, String capacityMah) {
        PackLabel right = play.rightLabel();
        return new PackLabel(
                new PackLabel.Printed(
                        new BigDecimal(nominalV),
                        new BigDecimal(chargeV),
                        new BigDecimal(capacityMah),
                        null,
                        null,
                        "no lot printed"),
                right.size(),
                right.massG(),
                null,
                null,
                right.inside(),
                right.connection());
    }

    private void opening() {
        promised(1, 2, GANNET, "Cargo office, north quay", Symptom.SHORT_RUNTIME)
                .as(DemoJob.OPENING)
                .assessed()
                .tornDown(9);
        promised(0, 3, GANNET, "Bridge, ferry Kittiwake", Symptom.SHORT_RUNTIME, Symptom.SUDDEN_SHUT_DOWN)
                .assessed()
                .tornDown(5)
                .at(world.now().minus(Duration.ofMinutes(4)))
                .tornDown(4);
        promised(1, 3, TERN, "Cadet school, room 1", Symptom.NO_CLICK)
                .looked()
                .warm("22.2")
                .seam("0.15", "0.44", "0.3")
                .gauge(Moment.BEFORE, 58, 701)
                .tornDown(7)
                .at(world.now().minus(Duration.ofMinutes(6)))
                .tornDown(6);
        promised(0, 1, DUNLIN, "Ticket hall, south quay", Symptom.WILL_NOT_CHARGE)
                .assessed();
    }

    /** A laptop that is kept in use and gauged every week, since the owner cannot do without it. */
    private void watchedSwelling() {
        Instant now = world.now();
        String[] widest = {"0.24", "0.27", "0.33", "0.36"};
        Play play = promised(22, 6, GANNET, "Radio room, ferry Fulmar", Symptom.NO_CLICK, Symptom.SHORT_RUNTIME)
                .as(DemoJob.WATCHED_SWELLING)
                .looked()
                .warm("22.3");
        for (int week = 0; week < widest.length; week++) {
            play.at(now.minus(Duration.ofDays(22 - 7L * week))).seam("0.12", widest[week], "0.20", "0.14");
        }
        play.write(new AssessEntry.RunTimed(new TimedRun.Readings(
                        new TimedRun.Ran(new BigDecimal("3.0"), new BigDecimal("3.5"), true, false),
                        new BigDecimal("9.5"),
                        null,
                        null,
                        new BigDecimal("11.55"),
                        new BigDecimal("4330"))))
                .write(new AssessEntry.ResistanceMeasured(new Resistance.Readings(
                        new Resistance.LoadStep(
                                new BigDecimal("11.46"),
                                new BigDecimal("11.10"),
                                new BigDecimal("11.04"),
                                new BigDecimal("2.0")),
                        new BigDecimal("0.12"),
                        new BigDecimal("3"),
                        new BigDecimal("4.4"),
                        new BigDecimal("3.1"),
                        new BigDecimal("10"))));
    }

    private void arriving() {
        promised(0, 4, GANNET, "Crew mess, ferry Skua", Symptom.SHORT_RUNTIME)
                .as(DemoJob.QUOTED)
                .quoted("Pack as fitted", "64", "Pack with a tenth more", "79");
        promised(0, 5, TERN, "Cadet school, room 4", Symptom.LIFTING).looked();
        promised(0, 2, DUNLIN, "Lookout, ferry Fulmar", Symptom.WET).looked().warm("21.4");
        job(0, GANNET, "Lost property, north quay");
    }

    /** Too dear: it goes home as it came. */
    private void declined() {
        promised(1, 6, DUNLIN, "Ticket hall, south quay", Symptom.SHORT_RUNTIME)
                .quoted("Pack as fitted", "48")
                .write(new ArriveEntry.QuoteAnswered(false, null));
    }
}
