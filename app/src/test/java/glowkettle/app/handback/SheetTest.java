package glowkettle.app.handback;

import static org.assertj.core.api.Assertions.assertThat;

import glowkettle.app.demo.Played;
import glowkettle.app.journal.JournalBook;
import glowkettle.app.support.Kettle;
import glowkettle.app.support.Requests;
import glowkettle.app.support.RunningKettle;
import glowkettle.arrive.OpenedBefore;
import glowkettle.arrive.Symptom;
import glowkettle.assess.HazardReadings;
import glowkettle.assess.TimedRun;
import glowkettle.job.arrive.ArriveEntry;
import glowkettle.job.assess.AssessEntry;
import glowkettle.job.prove.ProveEntry;
import glowkettle.prove.RunAfter;
import java.io.IOException;
import java.math.BigDecimal;
import java.net.http.HttpResponse;
import java.util.EnumSet;
import java.util.List;
import java.util.UUID;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

@ExtendWith(RunningKettle.class)
class SheetTest {
    private final Kettle kettle;

    SheetTest(Kettle kettle) {
        this.kettle = kettle;
        kettle.clock().set(Kettle.START);
    }

    private PDDocument pdf(long job) throws IOException {
        HttpResponse<byte[]> response = Requests.as(kettle, "technician").bytes("/jobs/" + job + "/handback/sheet.pdf");
        assertThat(response.headers().firstValue("content-type")).contains("application/pdf");
        return Loader.loadPDF(response.body());
    }

    @Test
    void theSheetIsOneA4WithBeforeAndAfter() throws IOException {
        Played job = Played.readyToSign(kettle);
        try (PDDocument pdf = pdf(job.number())) {
            PDFTextStripper reader = new PDFTextStripper();
            reader.setSortByPosition(true);
            String text = reader.getText(pdf).replace('\u00a0', ' ');

            assertThat(pdf.getNumberOfPages()).isEqualTo(1);
            assertThat(pdf.getPage(0).getMediaBox().getHeight()).isBetween(841f, 843f);
            assertThat(text)
                    .contains("Gannet 14 laptop", "Harbour office", "What you will notice, and need not fear")
                    .contains("2 641 mAh", "4 287 mAh")
                    .contains("advises and does not certify", "call 112");
        }
    }

    @Test
    void aTimedRunAfterStandsBesideTheOneBefore() {
        Played job = Played.closedUp(kettle);
        Requests requests = Requests.as(kettle, "technician");
        job.write(new ProveEntry.RanAfter(new RunAfter.Run(
                new TimedRun.Ran(new BigDecimal("6"), new BigDecimal("6.5"), true, false), new BigDecimal("7.5"))));

        assertThat(requests.get(job.path("handback/sheet")).body().replace('\u00a0', ' '))
                .contains("It ran, from full, by the clock", "6 to 6.5 h");
        assertThat(requests.get(job.path("prove")).body().replace('\u00a0', ' '))
                .contains("of its label", "6 to 6.5 h");
    }

    @Test
    void whatNobodyLookedAtIsNotCalledSound() {
        Played job = Played.openedFor(kettle, "Cook, ferry Skua");
        String before = Requests.as(kettle, "technician")
                .get("/jobs/%s/handback/sheet".formatted(job.number()))
                .body();
        assertThat(before).contains("Nobody has looked at its pack").doesNotContain("Nothing out of the ordinary");
        String after = Requests.as(kettle, "technician")
                .get("/jobs/%s/handback/sheet".formatted(Played.measured(kettle).number()))
                .body();
        assertThat(after).contains("What was found").doesNotContain("Nobody has looked");
    }

    /** The longest names and every symptom at once still leave one page. */
    @Test
    void aCrowdedSheetIsStillOnePage() throws IOException {
        long job = kettle.bean(JournalBook.class)
                .open(
                        new ArriveEntry.JobOpened(
                                new ArriveEntry.Device("gannet-14", null, "SN-" + "9".repeat(50)),
                                new ArriveEntry.Customer(
                                        "Night engineer on the standby list of the reserve ferry ".repeat(2),
                                        "by radio"),
                                EnumSet.allOf(Symptom.class),
                                java.math.BigDecimal.ONE,
                                java.math.BigDecimal.TEN,
                                OpenedBefore.YES,
                                null,
                                1),
                        UUID.randomUUID(),
                        "technician");
        try (PDDocument pdf = pdf(job)) {
            assertThat(pdf.getNumberOfPages()).isEqualTo(1);
        }
    }

    /** Read back from the page, not from what was sent to it. */
    @Test
    void everyLetterOfANameIsPrintedAsItIs() throws IOException {
        String owner = "Łódź ferry, Ωmega − ≥ 2 °C, Ørsted, Ζωή, Жук";
        Played job = Played.openedFor(kettle, owner);
        try (PDDocument pdf = pdf(job.number())) {
            assertThat(new PDFTextStripper().getText(pdf).replaceAll("\\s+", " "))
                    .contains(owner);
        }
    }

    @Test
    void whatWasFoundOnAPackThatIsGoneIsToldAndNotOrdered() {
        Played job = Played.measured(kettle)
                .write(new AssessEntry.ThicknessTaken(new HazardReadings.Thickness(
                        new BigDecimal("6.6"), List.of(), new BigDecimal("5.8"), null, null)));
        OwnersSheet sheet = OwnersSheet.of(job.file());
        assertThat(sheet.found())
                .anySatisfy(line -> assertThat(line).startsWith("The old pack was swollen (13.79"))
                .noneMatch(line -> line.contains("never") || line.contains("Stop"));
    }
}
