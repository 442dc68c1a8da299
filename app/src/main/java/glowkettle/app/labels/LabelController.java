package glowkettle.app.labels;

import glowkettle.app.format.Papers;
import glowkettle.app.format.Words;
import glowkettle.app.isolation.Containers;
import glowkettle.app.journal.JobReader;
import glowkettle.app.request.Address;
import glowkettle.app.shop.ShopBook;
import glowkettle.job.JobFile;
import jakarta.servlet.http.HttpServletRequest;
import java.time.InstantSource;
import java.util.Map;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.server.ResponseStatusException;

/** The labels of a job and of a container: each as SVG and as PDF of its true size, and a page that shows a job's. */
@Controller
class LabelController {
    private static final String JOB = "/jobs/{number:[0-9]{1,15}}";
    private static final String ONE = JOB + "/labels/{which:ticket|pack}";

    private final JobReader jobs;
    private final ShopBook shop;
    private final Containers containers;
    private final Papers papers;
    private final Address address;
    private final InstantSource clock;

    LabelController(
            JobReader jobs, ShopBook shop, Containers containers, Papers papers, Address address, InstantSource clock) {
        this.containers = containers;
        this.jobs = jobs;
        this.shop = shop;
        this.papers = papers;
        this.address = address;
        this.clock = clock;
    }

    /** Both labels of a job. */
    public record LabelsView(JobFile job, Label ticket, Label pack) {}

    @GetMapping(JOB + "/labels")
    String page(@PathVariable long number, HttpServletRequest request, Model model) {
        model.addAttribute(
                "view",
                new LabelsView(jobs.file(number), label(number, "ticket", request), label(number, "pack", request)));
        return "labels/page";
    }

    @GetMapping(ONE + ".svg")
    ResponseEntity<String> svg(@PathVariable long number, @PathVariable String which, HttpServletRequest request) {
        Label label = label(number, which, request);
        return papers.svg("labels/svg", Map.of("label", label), label.fileName());
    }

    @GetMapping(ONE + ".pdf")
    ResponseEntity<byte[]> pdf(@PathVariable long number, @PathVariable String which, HttpServletRequest request) {
        Label label = label(number, which, request);
        return papers.pdf("labels/pdf", Map.of("label", label), label.fileName());
    }

    @GetMapping("/isolation/labels/{container:[A-Za-z0-9-]{1,40}}.svg")
    ResponseEntity<String> containerSvg(@PathVariable String container, HttpServletRequest request) {
        Label label = label(container, request);
        return papers.svg("labels/svg", Map.of("label", label), label.fileName());
    }

    @GetMapping("/isolation/labels/{container:[A-Za-z0-9-]{1,40}}.pdf")
    ResponseEntity<byte[]> containerPdf(@PathVariable String container, HttpServletRequest request) {
        Label label = label(container, request);
        return papers.pdf("labels/pdf", Map.of("label", label), label.fileName());
    }

    private Label label(String container, HttpServletRequest request) {
        return Label.container(
                containers.container(container).orElseThrow(() -> new ResponseStatusException(HttpStatus.NOT_FOUND)),
                address.of(request));
    }

    private Label label(long number, String which, HttpServletRequest request) {
        JobFile job = jobs.file(number);
        Words words = new Words(shop.zone(), clock.instant());
        return which.equals("ticket")
                ? Label.ticket(job, words, address.of(request))
                : Label.pack(job, words, address.of(request));
    }
}
