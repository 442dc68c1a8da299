package glowkettle.app.match;

import glowkettle.app.binding.Fault;
import glowkettle.app.binding.FilledForm;
import glowkettle.app.binding.RecordJson;
import glowkettle.app.desk.JobPages;
import glowkettle.app.desk.Onward;
import glowkettle.app.form.FormPost;
import glowkettle.app.form.Taken;
import glowkettle.app.format.Csv;
import glowkettle.app.journal.Draft;
import glowkettle.app.journal.JobReader;
import glowkettle.app.journal.JournalBook;
import glowkettle.job.JobFile;
import glowkettle.job.match.CellTable;
import glowkettle.job.match.MatchChapter;
import glowkettle.job.match.MatchEntry;
import glowkettle.job.match.Matching;
import glowkettle.match.Screening;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import tools.jackson.databind.json.JsonMapper;

/** A table of cells comes in as CSV, looked at before it is taken, and goes out as CSV or JSON. */
@Controller
class TableController {
    static final String TABLE = "table";
    private static final String PAGE = "/jobs/{number:[0-9]{1,15}}/match/";
    private static final List<String> HEADS = List.of(
            "id",
            "lot",
            "capacity mAh",
            "resistance mΩ",
            "rested voltage V",
            "drop mV/day",
            "mass g",
            "warmest °C",
            "air °C",
            "dented",
            "rusty",
            "wrap torn",
            "maker",
            "chemistry",
            "accepted",
            "group",
            "why not");

    private final JobReader jobs;

    private final JournalBook journal;
    private final JobPages pages;
    private final JsonMapper mapper = RecordJson.builder().build();

    TableController(JobReader jobs, JournalBook journal, JobPages pages) {
        this.jobs = jobs;
        this.journal = journal;
        this.pages = pages;
    }

    /** Without columns it is only looked at: what they were guessed to be comes back, to be changed or taken. */
    @PostMapping(PAGE + TABLE)
    String table(@PathVariable long number, FormPost post, Model model) {
        CellCsv csv = CellCsv.read(post.first(TABLE));
        List<String> columns = List.of(post.typed().getOrDefault("columns[]", new String[0]));
        if (csv.faults().isEmpty() && columns.isEmpty()) {
            return pages.draw(
                    number, MatchChapter.STAGE, new FilledForm(TABLE, post.typed(), List.of(), List.of()), null, model);
        }
        return post.answer(
                TABLE,
                csv.faults().isEmpty() ? taken(number, csv, columns, post) : new Taken.Refused(csv.faults()),
                filled -> pages.draw(number, MatchChapter.STAGE, filled, null, model));
    }

    private Taken taken(long number, CellCsv csv, List<String> columns, FormPost post) {
        CellCsv.Taken read = csv.cells(CellCsv.columns(columns));
        if (!read.faults().isEmpty()) {
            return new Taken.Refused(read.faults());
        }
        String name = post.first("name").isBlank()
                ? "a pasted table"
                : post.first("name").strip();
        MatchEntry.CellsRead entry =
                new MatchEntry.CellsRead(name.substring(0, Math.min(120, name.length())), read.cells());
        Taken taken = Onward.of(
                journal.append(number, new Draft(entry, post.id(), Draft.UNSEEN, null, post.by(), post.role())),
                job -> "/jobs/%s/%s".formatted(number, MatchChapter.STAGE.path()));
        return taken instanceof Taken.Refused refused
                ? new Taken.Refused(refused.faults().stream()
                        .map(fault -> new Fault(TABLE, fault.message()))
                        .toList())
                : taken;
    }

    @GetMapping(PAGE + "cells.csv")
    ResponseEntity<byte[]> csv(@PathVariable long number) {
        JobFile job = jobs.file(number);
        return file(Csv.of(HEADS, rows(job)), "text/csv", "cells-of-job-%s.csv".formatted(number));
    }

    /** As {@code /api/match/screening} is asked: its description is that of the file. */
    @GetMapping(PAGE + "cells.json")
    ResponseEntity<byte[]> json(@PathVariable long number) {
        JobFile job = jobs.file(number);
        return file(
                mapper.writeValueAsString(CellTable.of(job).asked()),
                "application/json",
                "cells-of-job-%s.json".formatted(number));
    }

    private static ResponseEntity<byte[]> file(String text, String type, String name) {
        return ResponseEntity.ok()
                .header("Content-Disposition", "attachment; filename=\"" + name + "\"")
                .contentType(new MediaType(MediaType.parseMediaType(type), StandardCharsets.UTF_8))
                .body(text.getBytes(StandardCharsets.UTF_8));
    }

    private static List<List<Object>> rows(JobFile job) {
        CellTable table = CellTable.of(job);
        Map<String, Integer> groups = new HashMap<>();
        Matching.of(job).matched().ifPresent(found -> {
            for (int group = 0; group < found.groups().size(); group++) {
                for (String id : found.groups().get(group).ids()) {
                    groups.put(id, group + 1);
                }
            }
        });
        List<Screening.Judged> judged =
                table.screening().map(found -> found.result().cells()).orElse(List.of());
        List<List<Object>> rows = new ArrayList<>();
        for (int i = 0; i < judged.size(); i++) {
            rows.add(row(table.cells().get(i), judged.get(i), groups));
        }
        return rows;
    }

    private static List<Object> row(Screening.Cell cell, Screening.Judged judged, Map<String, Integer> groups) {
        List<Object> row = new ArrayList<>();
        row.add(cell.id());
        row.add(cell.lot());
        row.add(cell.capacityMah());
        row.add(cell.resistanceMohm());
        row.add(cell.restedV());
        row.add(cell.dropMvPerDay());
        row.add(cell.seen().massG());
        row.add(cell.seen().chargeC());
        row.add(cell.seen().ambientC());
        row.add(yes(cell.seen().dented()));
        row.add(yes(cell.seen().rusty()));
        row.add(yes(cell.seen().tornWrap()));
        row.add(cell.made().maker());
        row.add(cell.made().chemistry());
        row.add(judged.accepted() ? "yes" : "no");
        row.add(groups.get(cell.id()));
        row.add(judged.rejects().stream().map(Screening.Reject::sentence).collect(Collectors.joining(" ")));
        return row;
    }

    private static String yes(@Nullable Boolean said) {
        return said == null ? "" : said ? "yes" : "no";
    }
}
