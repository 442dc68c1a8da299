package glowkettle.app.match;

import glowkettle.app.format.Csv;
import glowkettle.app.format.Papers;
import glowkettle.app.journal.JobReader;
import glowkettle.job.JobFile;
import glowkettle.job.match.CellTable;
import glowkettle.job.match.Matching;
import glowkettle.match.Layout;
import glowkettle.match.Screening;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.server.ResponseStatusException;

/** What is printed of a pack of cells: labels by the hundred, and its jig one to one, as SVG and as a list of holes. */
@Controller
class PrintController {
    private static final String PAGE = "/jobs/{number:[0-9]{1,15}}/match/";

    private final JobReader jobs;
    private final Papers papers;

    PrintController(JobReader jobs, Papers papers) {
        this.jobs = jobs;
        this.papers = papers;
    }

    /** The sheets there are. */
    public record LabelsView(JobFile job, int sheets) {
        public List<Integer> numbers() {
            return IntStream.rangeClosed(1, sheets).boxed().toList();
        }
    }

    @GetMapping(PAGE + "labels")
    String labels(@PathVariable long number, Model model) {
        JobFile job = jobs.file(number);
        model.addAttribute("view", new LabelsView(job, sheets(CellTable.of(job).cells())));
        return "match/labels";
    }

    private static int sheets(List<Screening.Cell> cells) {
        return Math.ceilDiv(cells.size(), CellLabels.A_SHEET);
    }

    @GetMapping(PAGE + "labels-{sheet:[0-9]{1,2}}.svg")
    ResponseEntity<String> sheet(@PathVariable long number, @PathVariable int sheet) {
        List<Screening.Cell> cells = CellTable.of(jobs.file(number)).cells();
        found(sheet >= 1 && sheet <= sheets(cells));
        return papers.svg(
                "match/labels-svg",
                Map.of("sheet", CellLabels.of(number, sheet, cells)),
                "cells-of-job-%s-sheet-%s".formatted(number, sheet));
    }

    @GetMapping(PAGE + "jig-{sheet:[0-9]{1,2}}.svg")
    ResponseEntity<String> jig(@PathVariable long number, @PathVariable int sheet) {
        Layout layout = layout(number);
        found(sheet >= 1 && sheet <= Jig.sheets(layout));
        return papers.svg(
                "match/jig-svg",
                Map.of("jig", Jig.of(number, layout, sheet)),
                "jig-of-job-%s-sheet-%s".formatted(number, sheet));
    }

    /** Centres of the holes from the upper left corner of the cells, seen from the top. */
    @GetMapping(PAGE + "jig.csv")
    ResponseEntity<byte[]> holes(@PathVariable long number) {
        Layout layout = layout(number);
        String text = Csv.of(
                List.of("place", "group", "x mm", "y mm", "hole mm", "plus end", "cell"),
                layout.places().stream()
                        .map(place -> Arrays.asList(
                                place.number(),
                                place.group(),
                                place.xMm(),
                                place.yMm(),
                                layout.fittings().holeMm(),
                                place.plusUp() ? "up" : "down",
                                place.id()))
                        .toList());
        return ResponseEntity.ok()
                .header("Content-Disposition", "attachment; filename=\"jig-of-job-%s.csv\"".formatted(number))
                .contentType(new MediaType("text", "csv", StandardCharsets.UTF_8))
                .body(text.getBytes(StandardCharsets.UTF_8));
    }

    private Layout layout(long number) {
        return Matching.of(jobs.file(number))
                .layout()
                .orElseThrow(() -> new ResponseStatusException(HttpStatus.NOT_FOUND))
                .result();
    }

    private static void found(boolean there) {
        if (!there) {
            throw new ResponseStatusException(HttpStatus.NOT_FOUND);
        }
    }
}
