package glowkettle.job;

import static glowkettle.job.Refusals.refused;
import static glowkettle.job.Refusals.taken;
import static org.assertj.core.api.Assertions.assertThat;

import glowkettle.assess.HazardReadings.Damage;
import glowkettle.assess.HazardReadings.Look;
import glowkettle.assess.HazardReadings.Warmth;
import glowkettle.assess.HazardReadings.Wet;
import glowkettle.free.LeadOrder;
import glowkettle.job.assess.AssessEntry;
import glowkettle.job.free.FreeEntry;
import glowkettle.job.free.Freeing;
import glowkettle.job.free.Parting;
import glowkettle.job.join.JoinEntry;
import glowkettle.job.join.JoinEntry.LeadsListed;
import glowkettle.job.join.Joining;
import glowkettle.job.open.OpenEntry;
import glowkettle.job.order.OrderOfWork;
import glowkettle.job.wayback.WayBackEntry;
import glowkettle.join.LeadFinder;
import glowkettle.join.LeadFinder.Kind;
import glowkettle.join.LeadsInside;
import glowkettle.join.Splices;
import glowkettle.library.Lead;
import java.math.BigDecimal;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** The leads of a new pack are told apart by the meter, and soldered one at a time. */
class JoinAdmissionTest {
    private static final Look LEAKS = new Look(false, false, false, false, false, true, Wet.NO, Damage.NONE);
    private static final List<String> PADS = List.of("red", "white", "black");

    private static BigDecimal figure(String text) {
        return new BigDecimal(text);
    }

    static LeadsListed listed(int plus, int minus, boolean thermistor, String... leads) {
        return new LeadsListed(
                Stream.of(leads).map(id -> new LeadFinder.NewLead(id, "white")).toList(),
                new JoinEntry.Occurring(
                        BigDecimal.valueOf(plus), BigDecimal.valueOf(minus), BigDecimal.ZERO, thermistor, false),
                figure("0.08"),
                new JoinEntry.Inside(null, null, null));
    }

    private static JoinEntry.LeadMetered metered(String from, String to, Kind kind, String value) {
        return new JoinEntry.LeadMetered(new LeadFinder.Reading(from, to, kind, figure(value)));
    }

    private static Bench fitted(LeadOrder.School school) {
        Bench bench = new Bench(Glued.leads())
                .assessed()
                .in("off")
                .write(new OpenEntry.ConditionsConfirmed())
                .write(new FreeEntry.SandReady())
                .write(new FreeEntry.LeadsNoted(PADS.stream()
                        .map(lead -> new FreeEntry.LeadNote(lead, lead, null))
                        .toList()))
                .write(new FreeEntry.LeadSchoolChosen(school));
        for (int i = 0; i < PADS.size(); i++) {
            Freeing freeing = Freeing.of(bench.file());
            String next = Parting.of(bench.file())
                    .nextConductor(freeing.leadsAtHand().orElseThrow())
                    .orElseThrow();
            bench.write(new FreeEntry.ConductorFreed(next)).write(new FreeEntry.ConductorCovered(next));
        }
        return bench.in("plug").in("free").in("pack").measured().fitted();
    }

    /** Measures what is proposed until every lead is known: A is minus, B the thermistor, C plus. */
    private static Bench found(LeadOrder.School school) {
        Bench bench = fitted(school).write(listed(1, 1, true, "A", "B", "C"));
        LeadsInside inside = LeadsInside.mirrored(
                List.of("A", "B", "C"), List.of(Lead.Role.POSITIVE, Lead.Role.SIGNAL, Lead.Role.NEGATIVE), 2);
        while (!Joining.of(bench.file()).isFound()) {
            LeadFinder.Measurement pair = Joining.of(bench.file()).wanted().orElseThrow();
            bench.write(new JoinEntry.LeadMetered(new LeadFinder.Reading(
                    pair.from(), pair.to(), pair.kind(), inside.reads(pair).orElseThrow())));
        }
        return bench;
    }

    private static Bench joined(Bench bench, String pad) {
        return bench.write(new JoinEntry.LeadSoldered(pad)).write(new JoinEntry.LeadTugged(pad, true));
    }

    @Test
    void whatIsProposedIsMeasuredUntilEveryLeadHasItsPad() {
        Bench bench = found(LeadOrder.School.UNSOLDER);

        assertThat(Joining.of(bench.file()).table())
                .extracting(LeadFinder.Joined::id, LeadFinder.Joined::role, LeadFinder.Joined::pad)
                .containsExactly(
                        org.assertj.core.groups.Tuple.tuple("A", "minus", "black"),
                        org.assertj.core.groups.Tuple.tuple("B", "thermistor", "white"),
                        org.assertj.core.groups.Tuple.tuple("C", "plus", "red"));
    }

    @Test
    void nothingIsSolderedBeforeItIsTold() {
        Bench bench = fitted(LeadOrder.School.UNSOLDER);

        refused(bench, metered("A", "B", Kind.VOLTS, "7.6"), "Say which leads");
        refused(bench, listed(1, 1, true, "A"), "2 to 6");
        refused(bench, listed(1, 1, false, "A", "B", "C"), "name 3");
        bench.write(listed(1, 1, true, "A", "B", "C"));
        refused(bench, new JoinEntry.LeadSoldered("red"), "Find out which lead is which");
        refused(bench, metered("A", "D", Kind.VOLTS, "7.6"), "D");
    }

    @Test
    void oneLeadAtATimeInItsOrderAndPulled() {
        Bench bench = found(LeadOrder.School.UNSOLDER);

        refused(bench, new JoinEntry.LeadSoldered("black"), "red is next");
        refused(bench, new JoinEntry.LeadTugged("red", true), "not soldered yet");
        bench.write(new JoinEntry.LeadSoldered("red"));
        refused(bench, new JoinEntry.LeadSoldered("white"), "red is next");
        bench.write(new JoinEntry.LeadTugged("red", false));
        refused(bench, new JoinEntry.LeadTugged("red", true), "not soldered yet");
        joined(bench, "red");
        refused(bench, metered("A", "B", Kind.VOLTS, "0.00"), "through the board");
        joined(joined(bench, "white"), "black");

        assertThat(Joining.of(bench.file()).isJoined()).isTrue();
        refused(bench, new JoinEntry.LeadSoldered("red"), "Every lead is joined");
    }

    @Test
    void theStepBackWaitsForEveryLead() {
        Bench bench = found(LeadOrder.School.UNSOLDER);
        bench.write(new WayBackEntry.StepBack("before-the-pack"))
                .write(new WayBackEntry.StepBack("pack"))
                .write(new WayBackEntry.StepBack("free"));

        assertThat(bench.file().next().stage().path()).isEqualTo("join");
        refused(bench, new WayBackEntry.StepBack("plug"), "at Join first");
        joined(joined(joined(bench, "red"), "white"), "black");
        taken(bench, new WayBackEntry.StepBack("plug"));
    }

    @Test
    void aCutLeadIsSplicedUnderASleeveThatGoesOnFirst() {
        Bench bench = found(LeadOrder.School.CUT);
        Splices.Way way = new Splices.Way(figure("70"), figure("10"), figure("10"), figure("2"));

        refused(bench, new JoinEntry.LeadSleeved("red"), "Plan the splices first");
        refused(
                bench,
                new JoinEntry.SplicesPlanned(
                        new Splices.Request(figure("3"), figure("45"), figure("50"), way, null),
                        JoinEntry.Insulation.TAPE),
                "What would do");
        bench.write(new JoinEntry.SplicesPlanned(
                new Splices.Request(figure("3"), figure("45"), figure("70"), way, null),
                JoinEntry.Insulation.HEAT_SHRINK));
        refused(bench, new JoinEntry.LeadSoldered("red"), "before it is soldered");
        bench.write(new JoinEntry.LeadSleeved("red"));
        taken(bench, new JoinEntry.LeadSoldered("red"));
    }

    @Test
    void aReadingTakenAgainStandsInThePlaceOfTheOneBefore() {
        Bench bench = fitted(LeadOrder.School.UNSOLDER).write(listed(1, 1, true, "A", "B", "C"));
        bench.write(metered("A", "B", Kind.VOLTS, "0.00")).write(metered("A", "C", Kind.VOLTS, "0.00"));

        assertThat(Joining.of(bench.file()).finder().orElseThrow().result().status())
                .isEqualTo(LeadFinder.Status.CONTRADICTION);
        LeadFinder.Measurement again = Joining.of(bench.file()).wanted().orElseThrow();
        bench.write(metered(again.from(), again.to(), Kind.VOLTS, "0.00"));
        LeadFinder.Measurement other = Joining.of(bench.file()).wanted().orElseThrow();
        assertThat(other).isNotEqualTo(again);
        bench.write(metered(other.to(), other.from(), Kind.VOLTS, "7.64"));
        assertThat(Joining.of(bench.file()).readings()).hasSize(2);
        assertThat(Joining.of(bench.file()).finder().orElseThrow().result().status())
                .isNotEqualTo(LeadFinder.Status.CONTRADICTION);
    }

    @Test
    void aPackWithoutTheThermistorTheDeviceWantsIsNotJoined() {
        Bench bench = fitted(LeadOrder.School.UNSOLDER)
                .write(listed(1, 1, false, "A", "B"))
                .write(metered("A", "B", Kind.VOLTS, "7.64"));

        refused(bench, new JoinEntry.LeadSoldered("red"), "no lead for white");
        assertThat(bench.file().next().what()).contains("take another pack");
    }

    @Test
    void doubledLeadsShareTheirRole() {
        Bench bench = fitted(LeadOrder.School.UNSOLDER).write(listed(2, 2, true, "A", "B", "C", "D", "E"));
        LeadsInside inside = new LeadsInside(
                List.of(
                        new LeadsInside.Inner("A", LeadFinder.Role.PLUS, 2),
                        new LeadsInside.Inner("B", LeadFinder.Role.MINUS, 0),
                        new LeadsInside.Inner("C", LeadFinder.Role.PLUS, 2),
                        new LeadsInside.Inner("D", LeadFinder.Role.THERMISTOR, 0),
                        new LeadsInside.Inner("E", LeadFinder.Role.MINUS, 0)),
                3.82,
                10_000,
                0);
        int readings = 0;
        while (!Joining.of(bench.file()).isFound() && readings++ < 30) {
            LeadFinder.Measurement pair = Joining.of(bench.file()).wanted().orElseThrow();
            bench.write(new JoinEntry.LeadMetered(new LeadFinder.Reading(
                    pair.from(), pair.to(), pair.kind(), inside.reads(pair).orElseThrow())));
        }
        assertThat(Joining.of(bench.file()).table())
                .extracting(LeadFinder.Joined::role)
                .containsExactly("plus", "minus", "plus", "thermistor", "minus");
    }

    @Test
    void anotherPackIsMeasuredAnew() {
        Bench bench = found(LeadOrder.School.UNSOLDER);

        bench.fitted();
        assertThat(Joining.of(bench.file()).listed()).isEmpty();
    }

    @Test
    void anIronIsNoNeighbourOfWetSolventAndAWarmPackStopsIt() {
        JoinEntry solder = new JoinEntry.LeadSoldered("red");
        assertThat(OrderOfWork.CHAPTERS.of(solder).sparkOf(solder)).isEqualTo(Spark.KINDLES);

        Bench warm = found(LeadOrder.School.UNSOLDER);
        warm.write(new AssessEntry.WarmthTaken(Warmth.atRest("52", "21")));
        assertThat(warm.file().next().stage().path()).isNotEqualTo("join");
        assertThat(warm.refusal(solder)).isPresent();
    }

    private static JoinEntry.SplicesPlanned spliced(String conductors) {
        return new JoinEntry.SplicesPlanned(
                new Splices.Request(
                        figure(conductors),
                        figure("45"),
                        figure("70"),
                        new Splices.Way(figure("70"), figure("10"), figure("10"), figure("2")),
                        null),
                JoinEntry.Insulation.HEAT_SHRINK);
    }

    @Test
    void splicesAreOfLeadsThatWereCutAndFound() {
        refused(found(LeadOrder.School.UNSOLDER), spliced("3"), "nothing is spliced");
        refused(
                fitted(LeadOrder.School.CUT).write(listed(1, 1, true, "A", "B", "C")),
                spliced("3"),
                "Find out which lead is which first");
        refused(found(LeadOrder.School.CUT), spliced("2"), "2 conductors; 3 leads go to pads");
        taken(found(LeadOrder.School.CUT), spliced("3"));
        refused(isolated(found(LeadOrder.School.CUT)), spliced("3"), "Isolate");
    }

    private static Bench isolated(Bench bench) {
        return bench.write(new AssessEntry.Looked(LEAKS));
    }

    @Test
    void aPluggedPackHasNoLeadsToTellApart() {
        refused(
                new Bench().assessed().torn().measured().fitted(),
                listed(1, 1, true, "A", "B", "C"),
                "no soldered leads");
        refused(isolated(fitted(LeadOrder.School.CUT)), listed(1, 1, true, "A", "B", "C"), "Isolate");
    }

    @Test
    void whatIsWrongWithAListStandsAtItsField() {
        Bench bench = fitted(LeadOrder.School.UNSOLDER);
        LeadsListed unread = new LeadsListed(
                Stream.of("A", "B", "C")
                        .map(id -> new LeadFinder.NewLead(id, "white"))
                        .toList(),
                new JoinEntry.Occurring(BigDecimal.ONE, BigDecimal.ONE, BigDecimal.ZERO, false, true),
                figure("0.08"),
                new JoinEntry.Inside(null, null, null));
        assertThat(bench.fieldOf(unread)).contains("identityOhm");
        assertThat(bench.fieldOf(listed(1, 1, false, "A", "B", "C"))).contains("taps");
        bench.write(listed(1, 1, true, "A", "B", "C"));
        assertThat(bench.fieldOf(metered("A", "D", Kind.VOLTS, "7.6"))).contains("reading.value");
    }

    /** Whatever is written, no lead of the pack is soldered while another is bare and not pulled. */
    @ParameterizedTest
    @EnumSource(LeadOrder.School.class)
    void neverTwoAtOnce(LeadOrder.School school) {
        Bench bench = found(school);
        if (school == LeadOrder.School.CUT) {
            bench.write(new JoinEntry.SplicesPlanned(
                    new Splices.Request(
                            figure("3"),
                            figure("45"),
                            figure("70"),
                            new Splices.Way(figure("70"), figure("10"), figure("10"), figure("2")),
                            null),
                    JoinEntry.Insulation.HEAT_SHRINK));
        }
        List<JoinEntry> acts = PADS.stream()
                .<JoinEntry>flatMap(pad -> Stream.of(
                        new JoinEntry.LeadSleeved(pad),
                        new JoinEntry.LeadSoldered(pad),
                        new JoinEntry.LeadTugged(pad, true),
                        new JoinEntry.LeadTugged(pad, false)))
                .toList();
        java.util.Random random = new java.util.Random(20261128);
        for (int i = 0; i < 300; i++) {
            JoinEntry act = acts.get(random.nextInt(acts.size()));
            if (bench.refusal(act).isEmpty()) {
                bench.write(act);
            }
            long hot = PADS.stream()
                    .filter(pad -> Joining.of(bench.file()).phase(pad) == Joining.Phase.TUG)
                    .count();
            assertThat(hot).isLessThanOrEqualTo(1);
        }
        assertThat(Joining.of(bench.file()).isJoined()).isTrue();
    }
}
