package glowkettle.job;

import static glowkettle.job.Refusals.held;
import static glowkettle.job.Refusals.refused;
import static glowkettle.job.Refusals.taken;

import glowkettle.free.LeadOrder;
import glowkettle.job.fit.FitEntry;
import glowkettle.job.free.FreeEntry;
import glowkettle.job.free.Freeing;
import glowkettle.job.open.OpenEntry;
import glowkettle.job.wayback.WayBackEntry;
import java.math.BigDecimal;
import java.util.List;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Leads come off noted and covered, and are joined by the meter’s word. */
class LeadsAdmissionTest {
    private static final FreeEntry.LeadsNoted ALL_NOTED = new FreeEntry.LeadsNoted(Stream.of("red", "white", "black")
            .map(colour -> new FreeEntry.LeadNote(colour, colour, null))
            .toList());

    private static BigDecimal figure(String text) {
        return new BigDecimal(text);
    }

    private static Bench atTheLeads() {
        return new Bench(Glued.leads())
                .assessed()
                .in("off")
                .write(new OpenEntry.ConditionsConfirmed())
                .write(new FreeEntry.SandReady());
    }

    private static FitEntry.NewLeadsMeasured leads(String volts) {
        return new FitEntry.NewLeadsMeasured(Stream.of(volts.split(" "))
                .filter(text -> !text.isEmpty())
                .map(text -> new FitEntry.NewLead("colour " + text, figure(text)))
                .toList());
    }

    /** Two cells in series, charged to 4.2 V each: 4.0 to 8.5 V. */
    @ParameterizedTest
    @CsvSource({
        "0 7.4,",
        "0 3.7 7.4,",
        "7.4, 1 leads; at least two carry the pack",
        "0.1 7.4, One lead reads lowest",
        "0 3.99, 'The highest lead reads 3.99 V'",
        "0 4,",
        "0 8.5,",
        "0 8.51, 'The highest lead reads 8.51 V'"
    })
    void theMeterFindsTheLeadsOfANewPack(String volts, @Nullable String why) {
        Bench bench = new Bench(Glued.leads()).assessed().write(new FitEntry.PackOffered(Bench.label("7.4", "8.4")));

        held(bench, leads(volts), why);
    }

    @Test
    void aPackWithAPlugHasNoLeadsToMeasure() {
        refused(new Bench().assessed(), leads("0 7.4"), "has no soldered leads");
    }

    @Test
    void leadsAreMeasuredBeforeTheyAreJoined() {
        Bench bench = atTheLeads();
        refused(bench, new FreeEntry.LeadsNoted(List.of(new FreeEntry.LeadNote("red", "red", null))), "Note each of");
        refused(bench, new FreeEntry.LeadSchoolChosen(LeadOrder.School.UNSOLDER), "Note colours and routing first");
        refused(bench, new FreeEntry.ConductorFreed("red"), "Note the leads and choose how they come off first");
        bench.write(ALL_NOTED);
        bench.write(new FreeEntry.LeadSchoolChosen(LeadOrder.School.UNSOLDER));
        List<String> all = List.of("red", "white", "black");
        String first = all.stream()
                .filter(lead ->
                        bench.refusal(new FreeEntry.ConductorFreed(lead)).isEmpty())
                .findFirst()
                .orElseThrow();
        bench.write(new FreeEntry.ConductorFreed(first));
        refused(bench, new FreeEntry.LeadSchoolChosen(LeadOrder.School.UNSOLDER), "come off the same way");
        refused(
                bench,
                new FreeEntry.LeadsNoted(List.of(new FreeEntry.LeadNote("red", "red", null))),
                "cannot be seen any more");
        refused(bench, new FreeEntry.ConductorFreed(first), "Cover both ends of " + first);
        bench.write(new FreeEntry.ConductorCovered(first));
        refused(bench, new FreeEntry.ConductorFreed(first), "The next one is");
    }

    @Test
    void aNewPackWithLeadsIsJoinedByTheMetersWord() {
        Bench bench = atTheLeads().write(ALL_NOTED).write(new FreeEntry.LeadSchoolChosen(LeadOrder.School.UNSOLDER));
        for (int i = 0; i < 3; i++) {
            String next = Freeing.of(bench.file())
                    .nextConductor(Freeing.of(bench.file()).leadsAtHand().orElseThrow())
                    .orElseThrow();
            bench.write(new FreeEntry.ConductorFreed(next)).write(new FreeEntry.ConductorCovered(next));
        }
        bench.in("plug").in("free").in("pack").measured().fitted();
        bench.write(new WayBackEntry.StepBack("pack")).write(new WayBackEntry.StepBack("free"));

        refused(bench, new WayBackEntry.StepBack("plug"), "Measure the new pack's leads first");
        bench.write(leads("0 3.7 7.4"));
        taken(bench, new WayBackEntry.StepBack("plug"));
    }
}
