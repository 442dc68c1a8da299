package glowkettle.app.labels;

import static org.assertj.core.api.Assertions.assertThat;

import com.google.zxing.BinaryBitmap;
import com.google.zxing.DecodeHintType;
import com.google.zxing.RGBLuminanceSource;
import com.google.zxing.ReaderException;
import com.google.zxing.common.HybridBinarizer;
import com.google.zxing.qrcode.QRCodeReader;
import glowkettle.app.demo.Played;
import glowkettle.app.support.Kettle;
import glowkettle.app.support.Requests;
import glowkettle.app.support.RunningKettle;
import glowkettle.arrive.Quote;
import glowkettle.job.arrive.ArriveEntry;
import glowkettle.job.assess.AssessEntry;
import java.io.ByteArrayInputStream;
import java.math.BigDecimal;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import javax.xml.parsers.DocumentBuilderFactory;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** What is printed at the counter. */
@ExtendWith(RunningKettle.class)
class PapersTest {
    private static final double MM_PER_POINT = 25.4 / 72;

    /** A picture of a label, not a live camera: there is no next frame to try. */
    private static final Map<DecodeHintType, Boolean> HARDER = Map.of(DecodeHintType.TRY_HARDER, true);

    private final Kettle kettle;
    private final Requests technician;

    PapersTest(Kettle kettle) {
        this.kettle = kettle;
        kettle.clock().set(Kettle.START);
        technician = Requests.as(kettle, "technician");
    }

    @Test
    void theTicketIsOneLabelOfItsTrueSizeWhoseCodeOpensTheJob() throws Exception {
        Played job = Played.lifted(kettle);
        try (PDDocument pdf = pdf(job.path("labels/ticket.pdf"))) {
            assertThat(pdf.getNumberOfPages()).isEqualTo(1);
            assertThat(pdf.getPage(0).getMediaBox().getWidth() * MM_PER_POINT).isBetween(61.8, 62.2);
            assertThat(pdf.getPage(0).getMediaBox().getHeight() * MM_PER_POINT).isBetween(28.8, 29.2);
            assertThat(new PDFTextStripper().getText(pdf)).contains("#" + job.number(), "Gannet 14 laptop");
            assertThat(code(pdf)).isEqualTo(kettle.address() + "/jobs/" + job.number());
        }
    }

    /** As a camera reads it, from nearer where it does not from afar: how the grid falls on the code is chance. */
    private static String code(PDDocument pdf) throws Exception {
        ReaderException unread = null;
        for (int dpi : List.of(300, 400, 600)) {
            var picture = new PDFRenderer(pdf).renderImageWithDPI(0, dpi);
            int[] dots = picture.getRGB(0, 0, picture.getWidth(), picture.getHeight(), null, 0, picture.getWidth());
            var source = new RGBLuminanceSource(picture.getWidth(), picture.getHeight(), dots);
            try {
                return new QRCodeReader()
                        .decode(new BinaryBitmap(new HybridBinarizer(source)), HARDER)
                        .getText();
            } catch (ReaderException notYet) {
                unread = notYet;
            }
        }
        throw Objects.requireNonNull(unread);
    }

    @Test
    void labelsAreWellFormedDrawingsWhateverTheOwnerIsCalled() throws Exception {
        for (String owner :
                List.of("<b>Purser</b> & \"mate\" ]]>", "\u202Eright to left", "🚢".repeat(40), "a\u0001b")) {
            Played job = Played.openedFor(kettle, owner);
            for (String which : List.of("ticket", "pack")) {
                var answer = technician.bytes(job.path("labels/" + which + ".svg"));
                var drawing = DocumentBuilderFactory.newInstance()
                        .newDocumentBuilder()
                        .parse(new ByteArrayInputStream(answer.body()));
                assertThat(drawing.getDocumentElement().getAttribute("width")).isEqualTo("62mm");
                assertThat(technician
                                .bytes(job.path("labels/" + which + ".pdf"))
                                .statusCode())
                        .isEqualTo(200);
            }
        }
    }

    @Test
    void theLabelOfAnIsolatedPackSaysSo() throws Exception {
        Played job = Played.lifted(kettle);
        assertThat(svg(job.path("labels/pack.svg")))
                .contains("PACK " + job.number())
                .doesNotContain("ISOLATED");
        job.write(new AssessEntry.ThicknessTaken(
                new glowkettle.assess.HazardReadings.Thickness(new BigDecimal("6.6"), List.of(), null)));
        assertThat(svg(job.path("labels/pack.svg"))).contains("ISOLATE: DO NOT CHARGE");
        assertThat(svg("/isolation/labels/1.svg")).contains("Sand bucket 1", "SMOKE OR HISS");
        assertThat(technician.get("/isolation/labels/none.svg").status()).isEqualTo(404);
    }

    @Test
    void theQuoteIsPrintedWithEveryTotal() throws Exception {
        Played job = Played.opened(kettle);
        assertThat(technician.get(job.path("arrive/quote.pdf")).status()).isEqualTo(404);
        job.write(new ArriveEntry.Quoted(new Quote.Request(
                new BigDecimal("60"),
                List.of(new Quote.Priced("touch panel", new BigDecimal("20"))),
                List.of(
                        new Quote.Priced("Pack as fitted", new BigDecimal("64")),
                        new Quote.Priced("Pack with a tenth more", new BigDecimal("79.5"))))));
        try (PDDocument pdf = pdf(job.path("arrive/quote.pdf"))) {
            assertThat(pdf.getNumberOfPages()).isEqualTo(1);
            assertThat(new PDFTextStripper().getText(pdf).replace('\u00a0', ' '))
                    .contains("48.00 EUR", "20.00 EUR", "136.00 EUR", "151.50 EUR");
        }
    }

    private PDDocument pdf(String path) throws Exception {
        var answer = technician.bytes(path);
        assertThat(answer.statusCode()).isEqualTo(200);
        return Loader.loadPDF(answer.body());
    }

    private String svg(String path) throws Exception {
        return new String(technician.bytes(path).body(), StandardCharsets.UTF_8);
    }
}
