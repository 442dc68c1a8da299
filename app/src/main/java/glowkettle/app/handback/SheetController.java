package glowkettle.app.handback;

import com.openhtmltopdf.pdfboxout.PdfRendererBuilder;
import glowkettle.app.journal.JournalBook;
import glowkettle.app.shop.ShopBook;
import glowkettle.app.web.Words;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.time.InstantSource;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.thymeleaf.ITemplateEngine;
import org.thymeleaf.context.Context;

/** The owner's sheet as a page to print, and as PDF from the same template. */
@Controller
class SheetController {
    private final JournalBook journal;
    private final ShopBook shop;
    private final ITemplateEngine templates;
    private final InstantSource clock;

    SheetController(JournalBook journal, ShopBook shop, ITemplateEngine templates, InstantSource clock) {
        this.journal = journal;
        this.shop = shop;
        this.templates = templates;
        this.clock = clock;
    }

    @GetMapping("/jobs/{number:[0-9]{1,15}}/handback/sheet")
    String sheet(@PathVariable long number, Model model) {
        model.addAttribute("sheet", OwnersSheet.of(journal.file(number)));
        return "handback/print";
    }

    @GetMapping(value = "/jobs/{number:[0-9]{1,15}}/handback/sheet.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> pdf(@PathVariable long number) throws IOException {
        Context context = new Context();
        context.setVariable("sheet", OwnersSheet.of(journal.file(number)));
        context.setVariable("shop", shop.shop());
        context.setVariable("words", new Words(shop.zone(), clock.instant()));
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        new PdfRendererBuilder()
                .withHtmlContent(templates.process("handback/pdf", context), null)
                .toStream(out)
                .run();
        return ResponseEntity.ok()
                .header("Content-Disposition", "inline; filename=\"job-" + number + "-owners-sheet.pdf\"")
                .contentType(MediaType.APPLICATION_PDF)
                .body(out.toByteArray());
    }
}
