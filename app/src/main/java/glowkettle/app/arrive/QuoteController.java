package glowkettle.app.arrive;

import glowkettle.app.format.Papers;
import glowkettle.app.format.Words;
import glowkettle.app.journal.JobReader;
import glowkettle.app.shop.ShopBook;
import java.time.InstantSource;
import java.util.Map;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.server.ResponseStatusException;

/** The newest quote as a page to print, and as PDF from the same template. */
@Controller
class QuoteController {
    private final JobReader jobs;
    private final ShopBook shop;
    private final Papers papers;
    private final InstantSource clock;

    QuoteController(JobReader jobs, ShopBook shop, Papers papers, InstantSource clock) {
        this.jobs = jobs;
        this.shop = shop;
        this.papers = papers;
        this.clock = clock;
    }

    @GetMapping("/jobs/{number:[0-9]{1,15}}/arrive/quote")
    String page(@PathVariable long number, Model model) {
        model.addAttribute("view", quote(number));
        return "arrive/quote";
    }

    @GetMapping(value = "/jobs/{number:[0-9]{1,15}}/arrive/quote.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> pdf(@PathVariable long number) {
        return papers.pdf(
                "arrive/quote-pdf",
                Map.of("view", quote(number), "shop", shop.shop(), "words", new Words(shop.zone(), clock.instant())),
                "job-" + number + "-quote");
    }

    private QuoteShown quote(long number) {
        return QuoteShown.of(jobs.file(number)).orElseThrow(() -> new ResponseStatusException(HttpStatus.NOT_FOUND));
    }
}
