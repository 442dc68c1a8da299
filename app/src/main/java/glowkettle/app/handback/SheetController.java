package glowkettle.app.handback;

import glowkettle.app.format.Papers;
import glowkettle.app.format.Words;
import glowkettle.app.journal.JobReader;
import glowkettle.app.shop.ShopBook;
import java.time.InstantSource;
import java.util.Map;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;

/** The owner's sheet as a page to print, and as PDF from the same template. */
@Controller
class SheetController {
    private final JobReader jobs;
    private final ShopBook shop;
    private final Papers papers;
    private final InstantSource clock;

    SheetController(JobReader jobs, ShopBook shop, Papers papers, InstantSource clock) {
        this.jobs = jobs;
        this.shop = shop;
        this.papers = papers;
        this.clock = clock;
    }

    @GetMapping("/jobs/{number:[0-9]{1,15}}/handback/sheet")
    String sheet(@PathVariable long number, Model model) {
        model.addAttribute("view", OwnersSheet.of(jobs.file(number)));
        return "handback/print";
    }

    @GetMapping(value = "/jobs/{number:[0-9]{1,15}}/handback/sheet.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> pdf(@PathVariable long number) {
        return papers.pdf(
                "handback/pdf",
                Map.of(
                        "sheet",
                        OwnersSheet.of(jobs.file(number)),
                        "shop",
                        shop.shop(),
                        "words",
                        new Words(shop.zone(), clock.instant())),
                "job-" + number + "-owners-sheet");
    }
}
