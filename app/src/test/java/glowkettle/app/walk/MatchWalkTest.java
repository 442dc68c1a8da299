package glowkettle.app.walk;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import glowkettle.app.demo.Played;
import glowkettle.app.support.Kettle;
import glowkettle.app.support.RunningKettle;
import glowkettle.app.support.Technician;
import glowkettle.demo.DemoJob;
import glowkettle.job.join.Welding;
import glowkettle.job.match.Building;
import glowkettle.job.match.CellTable;
import glowkettle.job.match.MatchAct;
import glowkettle.job.match.MatchEntry;
import glowkettle.job.match.Matching;
import java.time.Duration;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.assertj.core.api.Assertions;
import org.awaitility.Awaitility;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** A pack of cells, from the drawing of the old one to the first charge of the new one. */
@ExtendWith(RunningKettle.class)
class MatchWalkTest {
    private final Kettle kettle;

    MatchWalkTest(Kettle kettle) {
        this.kettle = kettle;
    }

    @BeforeEach
    @AfterEach
    void inTheMorning() {
        kettle.clock().set(Kettle.START);
    }

    private Played lamp() {
        return Played.at(kettle, "curlew", "pack-out");
    }

    private static void fill(Technician technician, String field, String... values) {
        Locator places = technician.page().locator(".next-thing [name='%s']".formatted(field));
        for (int i = 0; i < values.length; i++) {
            places.nth(i).fill(values[i]);
        }
    }

    private static void look(Technician technician, String table) {
        technician.page().locator("#cell-table").first().fill(table);
        technician.page().getByText("Look at it").first().click();
    }

    private static Locator main(Technician technician) {
        return technician.page().locator(".next-thing button.main");
    }

    /** Ten cells, decimal commas, one with a torn wrap. */
    private static String tenCells() {
        return "id;capacity mAh;resistance mΩ;voltage V;wrap\n"
                + IntStream.rangeClosed(1, 10)
                        .mapToObj(i -> "K%02d;%d;%d,5;3,62%d;%s"
                                .formatted(i, 2560 + 7 * i % 40, 29 + i % 4, i % 3, i == 10 ? "x" : ""))
                        .collect(Collectors.joining("\n"));
    }

    /** By keys alone, but for figures. */
    @Test
    void aLampPackFromTheOldOneToGroupsThatAreProven() {
        Played job = lamp();
        try (Technician technician = Technician.at(kettle, "technician")) {
            technician
                    .open(job.path("match"))
                    .headed("How was the old pack made up?")
                    .send(" ");
            for (int pin = 1; pin <= 5; pin++) {
                technician
                        .headed("Where does pin %s of the sense plug lead?".formatted(pin))
                        .letGo()
                        .send(" ");
            }
            technician.headed("Measure each group");
            fill(technician, "voltages.groupV[]", "3,61", "3,60", "3,59", "3,62");
            fill(technician, "voltages.packV", "14,42");
            main(technician).click();
            technician.headed("Which pack is built?");
            fill(technician, "cellLimitA", "8");
            fill(technician, "loadA", "5");
            main(technician).click();
            technician.headed("Which cells are there?");
            look(technician, tenCells());
            technician
                    .headed("Is each column what it says?")
                    .sees("10 rows")
                    .letGo()
                    .send(" ");
            technician.headed("Match the cells").sees("10 cells, 9 accepted");
            technician.page().getByText("Wrapped and looked at again").click();
            technician.sees("10 cells, 10 accepted").letGo().send(" ");
            technician.headed("An insulating ring on every plus end: 8").sees("Matched: no other way is better");
            built(technician, job);
            technician.headed("Measure every group, from minus to plus, and the whole pack");
            fill(technician, "voltages.groupV[]", "3,621", "3,622", "3,620", "3,645");
            fill(technician, "voltages.packV", "14,508");
            fill(technician, "thickness.middleThicknessMm", "38");
            main(technician).click();
            technician.headed("Measure every group again").sees("are 25 mV apart, at most 20 mV");
            fill(technician, "voltages.groupV[]", "3,621", "3,622", "3,620", "3,621");
            fill(technician, "voltages.packV", "14,484");
            fill(technician, "thickness.middleThicknessMm", "38");
            main(technician).click();
            technician.headed("Charge it for the first time, and stay").letGo().send(" ");
            technician.headed("It charges: stay with it, feel it");
            for (String surfaceC : List.of("23", "22,6", "22,2")) {
                kettle.clock().pass(Duration.ofMinutes(5));
                fill(technician, "warmth.surfaceC", surfaceC);
                fill(technician, "warmth.ambientC", "21");
                main(technician).click();
                technician.sees("Felt last: " + surfaceC.replace(',', '.'));
            }
            technician.letGo().send("c");
            technician.headed("built, alike and charged once");
            Assertions.assertThat(MatchAct.of(job.file())).isEqualTo(MatchAct.PROVEN);
            Assertions.assertThat(Building.of(job.file()).ownersLines()).hasSize(3);
        }
    }

    /** One step after the other; a weld waits for its ladder, solder on tags does not. */
    private static void built(Technician technician, Played job) {
        while (!Building.of(job.file()).isBuilt()) {
            var step = Building.of(job.file()).next().orElseThrow();
            technician.headed(step.words());
            if (step.welds() > 0) {
                technician.sees("Trial welds");
                technician.page().getByText("Soldered to tags and covered").click();
            } else {
                technician.letGo().send(" ");
            }
            int left = Building.of(job.file()).steps().indexOf(step) + 1;
            if (left < Building.of(job.file()).steps().size()) {
                technician.headed(Building.of(job.file()).steps().get(left).words());
            } else {
                technician.headed("Measure every group");
            }
        }
    }

    /** Trial welds are pulled at Join until a level holds; what is welded then counts for its next test. */
    @Test
    void aWeldIsProvenBeforeItGoesOntoThePack() {
        Played job = Played.like(kettle, DemoJob.BUILDING);
        try (Technician technician = Technician.at(kettle, "technician")) {
            technician
                    .open(job.path("match"))
                    .headed("Group 1 to group 2")
                    .letGo()
                    .send(" ");
            technician.headed("Prove the weld first");
            technician.page().locator(".next-thing [name=thicknessMm]").fill("0,1");
            technician.page().getByText("Begin the ladder").click();
            technician.sees("level 1");
            while (!Welding.of(job.file()).isProven()) {
                int pulled = job.file().state().counting().size();
                technician.letGo().send(" ").sees("Keep the pulls");
                assertThat(technician
                                .page()
                                .locator(".next-thing [name='trial.pullsN[]']")
                                .first())
                        .not()
                        .hasValue("");
                technician.letGo().send(" ");
                Awaitility.await()
                        .atMost(Duration.ofSeconds(60))
                        .until(() -> job.file().state().counting().size() > pulled);
            }
            technician
                    .headed("Group 1 to group 2")
                    .sees("Welded and covered")
                    .letGo()
                    .send(" ");
            technician.headed("Group 3 to group 4");
            Assertions.assertThat(Welding.of(job.file()).asked().orElseThrow().weldsSince())
                    .isEqualByComparingTo("16");
        }
    }

    private static String twoHundred() {
        Random chance = new Random(4);
        return "Cell,Lot,Capacity,IR,Volt\n"
                + IntStream.rangeClosed(1, 200)
                        .mapToObj(i -> String.format(
                                Locale.ROOT,
                                "C%04d,LA,%.1f,%.2f,3.60%d",
                                i,
                                2550 + 40 * chance.nextGaussian(),
                                32 + 2 * chance.nextGaussian(),
                                chance.nextInt(3)))
                        .collect(Collectors.joining("\n"));
    }

    @Test
    void twoHundredCellsBecomeAPackOfFourteenGroupsOfTen() {
        Played job = lamp();
        try (Technician technician = Technician.at(kettle, "technician")) {
            technician.open(job.path("match"));
            technician.page().getByText("There is no old pack").click();
            Locator form = technician.page().locator("form[action$='pack-wanted']");
            Consumer<String[]> into =
                    pair -> form.locator("[name='%s']".formatted(pair[0])).fill(pair[1]);
            into.accept(new String[] {"series", "14"});
            into.accept(new String[] {"parallel", "10"});
            form.getByText("Voltages, strips, case").click();
            into.accept(new String[] {"caseHeightMm", ""});
            form.getByText("This pack is built").click();
            technician.headed("Which cells are there?");
            look(technician, twoHundred());
            technician.headed("Is each column what it says?").letGo().send(" ");
            technician.headed("Match the cells").letGo().send(" ");
            technician.headed("The cells are being matched").sees("It goes on when this page is left");
            // Left and come back to: it went on.
            technician.open("/").open(job.path("match"));
            technician.headed("The cells are being matched");
            technician.page().getByText("The best so far is good enough").click();
            technician.headed("An insulating ring on every plus end: 140");
            MatchEntry.Matched found = Matching.of(job.file()).matched().orElseThrow();
            Assertions.assertThat(found.stopped()).isTrue();
            Assertions.assertThat(found.groups()).hasSize(14);
            technician.sees("the best when it was stopped");
            assertThat(technician.page().locator(".next-thing svg.layout circle.terminal"))
                    .hasCount(70);
            // One cell under the finger, in plot and table alike. What was unfolded stays so where a page is mended.
            technician.open(job.path("match"));
            technician.page().locator("#cells > summary").click();
            technician.page().locator("tr[data-cell='C0007'] td").first().click();
            assertThat(technician.page().locator(".under-finger")).containsText("C0007");
            assertThat(technician.page().locator("circle.at")).hasCount(1);
        }
    }

    @Test
    void aTableThatIsWrongCostsNothingAndSaysWhatIsWrongWithIt() {
        Played job = lamp().write(new MatchEntry.CellListed(
                CellTable.of(Played.like(kettle, DemoJob.BUILDING).file())
                        .cells()
                        .getFirst()));
        try (Technician technician = Technician.at(kettle, "technician")) {
            technician.open(job.path("match"));
            technician.page().getByText("More cells, or a voltage again").click();
            look(technician, "id;capacity\nA;2600\nB;lots\n");
            technician.headed("Is each column what it says?").letGo().send(" ");
            technician.sees("Line 3").sees("'lots' is not a number");
            Assertions.assertThat(CellTable.of(job.file()).cells()).hasSize(1);
            technician.page().locator("textarea[name='table']").fill("id;capacity\nA;2600\nB;2610\nA;2500\n");
            main(technician).click();
            technician.sees("the id 'A' stands twice");
            technician.page().locator("textarea[name='table']").fill("id;capacity\nA;2600\nB;2610\n");
            main(technician).click();
            technician.sees("3 cells, 1 accepted");
            Assertions.assertThat(CellTable.of(job.file()).cells()).hasSize(3);
            technician.complaints().clear();
        }
    }
}
