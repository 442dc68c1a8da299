package glowkettle.job;

import static glowkettle.job.Refusals.refused;

import glowkettle.free.LeadOrder;
import glowkettle.job.free.FreeEntry;
import glowkettle.job.open.OpenEntry;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** Leads come off noted and covered. */
class LeadsAdmissionTest {
    private static final FreeEntry.LeadsNoted ALL_NOTED = new FreeEntry.LeadsNoted(Stream.of("red", "white", "black")
            .map(colour -> new FreeEntry.LeadNote(colour, colour, null))
            .toList());

    private static Bench atTheLeads() {
        return new Bench(Glued.leads())
                .assessed()
                .in("off")
                .write(new OpenEntry.ConditionsConfirmed())
                .write(new FreeEntry.SandReady());
    }

    @Test
    void leadsComeOffNotedAndCoveredOneAfterTheOther() {
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
}
