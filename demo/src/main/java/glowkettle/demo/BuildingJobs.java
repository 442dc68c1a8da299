package glowkettle.demo;

import glowkettle.arrive.Symptom;
import glowkettle.job.match.Building;
import glowkettle.job.match.MatchEntry;
import glowkettle.job.match.Matching;
import glowkettle.match.Layout;

/** A lamp pack under the hands, and a bank of two hundred cells that are matched. */
final class BuildingJobs {
    private static final String CURLEW = "curlew";
    private static final String BANK = "family-cell-pack";

    private BuildingJobs() {}

    static void play(FreeingJobs.Opening opening) {
        Play lamp = opening.promised(2, 5, CURLEW, "Deck crew, ferry Kittiwake", Symptom.SHORT_RUNTIME)
                .as(DemoJob.BUILDING)
                .assessed()
                .out()
                .write(MatchSteps.drawn());
        while (Building.of(lamp.file()).next().filter(step -> step.welds() > 0).isEmpty()) {
            lamp.write(MatchSteps.next(lamp.file()).orElseThrow());
        }
        Play bank = opening.promised(1, 9, BANK, "Engine room, ferry Skua", Symptom.SHORT_RUNTIME)
                .as(DemoJob.BANK)
                .assessed()
                .write(MatchSteps.wanted("14", "10", new Layout.Case(null, null, null), "0.5"))
                .write(new MatchEntry.CellsRead("cells of the old bank.csv", MatchSteps.cells(200, 11)));
        bank.write(MatchSteps.matched(Matching.of(bank.file()).asked().orElseThrow(), bank.file()));
    }
}
