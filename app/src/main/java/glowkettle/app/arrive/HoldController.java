package glowkettle.app.arrive;

import glowkettle.app.binding.Fault;
import glowkettle.app.desk.JobPages;
import glowkettle.app.desk.Onward;
import glowkettle.app.form.FormPost;
import glowkettle.app.form.Taken;
import glowkettle.app.format.CsvFigures;
import glowkettle.app.journal.Draft;
import glowkettle.app.journal.JobReader;
import glowkettle.app.journal.JournalBook;
import glowkettle.arrive.PressureHold;
import glowkettle.finding.Says;
import glowkettle.finding.Within;
import glowkettle.job.JobFile;
import glowkettle.job.Moment;
import glowkettle.job.Stage;
import glowkettle.job.arrive.ArriveChapter;
import glowkettle.job.arrive.ArriveEntry;
import glowkettle.job.prove.ProveChapter;
import java.io.IOException;
import java.math.BigDecimal;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.multipart.MultipartFile;
import org.springframework.web.server.ResponseStatusException;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** The pressure-hold test: live from the tester, or from a log that a tester wrote. */
@Controller
class HoldController {
    private static final String KIND = "pressure-held";
    private static final String PAGE = "/jobs/{number:[0-9]{1,15}}/{path:arrive|prove}/hold";
    private static final List<String> COLUMNS = List.of("seconds", "kpa");
    private static final BigDecimal LONGEST_S = BigDecimal.valueOf(3600);
    private static final BigDecimal HIGHEST_KPA = BigDecimal.valueOf(100);

    private final JobReader jobs;

    private final JournalBook journal;
    private final JobPages pages;
    private final BenchLogs logs;
    private final HoldRun run;

    HoldController(JobReader jobs, JournalBook journal, JobPages pages, BenchLogs logs, HoldRun run) {
        this.jobs = jobs;
        this.journal = journal;
        this.pages = pages;
        this.logs = logs;
        this.run = run;
    }

    /** What is typed beside a file. */
    public record FileTyped(
            @Says("Free volume of device and hose") @Within(min = "0.1", max = "1000", unit = "mL")
            BigDecimal volumeMl) {}

    /** Starts the tester; what it reads is listened to under the id that is answered. */
    @PostMapping(value = PAGE + "/live", produces = MediaType.TEXT_PLAIN_VALUE)
    ResponseEntity<String> start(@PathVariable long number, @PathVariable String path) {
        return switch (run.start(jobs.file(number), moment(path))) {
            case HoldRun.Start.Running(String id) -> ResponseEntity.ok(id);
            case HoldRun.Start.Busy(String reason) ->
                ResponseEntity.status(HttpStatus.CONFLICT).body(reason);
        };
    }

    @GetMapping(value = PAGE + "/live/{id:[A-Za-z0-9-]{1,40}}", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
    SseEmitter live(@PathVariable String id) {
        return run.listen(id).orElseThrow(() -> new ResponseStatusException(HttpStatus.NOT_FOUND));
    }

    /** Keeps a log that was taken live. */
    @PostMapping(PAGE)
    String keep(
            @PathVariable long number,
            @PathVariable String path,
            @RequestParam String log,
            FormPost post,
            Model model) {
        PressureHold.Log taken =
                logs.log(number, log).orElseThrow(() -> new ResponseStatusException(HttpStatus.NOT_FOUND));
        return post.answer(
                KIND,
                write(jobs.file(number), path, log, taken, post),
                filled -> pages.draw(number, stage(path), filled, null, model));
    }

    @PostMapping(PAGE + "/csv")
    String csv(
            @PathVariable long number,
            @PathVariable String path,
            @RequestParam(required = false) @Nullable MultipartFile file,
            FormPost post,
            Model model)
            throws IOException {
        JobFile job = jobs.file(number);
        byte[] sent = file == null ? new byte[0] : file.getBytes();
        CsvFigures figures = CsvFigures.read(new String(sent, StandardCharsets.UTF_8), COLUMNS);
        return post.answer(
                KIND,
                FileTyped.class,
                faults(figures),
                typed -> {
                    PressureHold.Log log = new PressureHold.Log(
                            HoldRun.signed(job, figures.rows()),
                            typed.volumeMl(),
                            figures.rows().stream()
                                    .map(row -> new PressureHold.Sample(row[0], row[1]))
                                    .toList());
                    return write(job, path, logs.keep(number, log), log, post);
                },
                filled -> pages.draw(number, stage(path), filled, null, model));
    }

    private static List<Fault> faults(CsvFigures figures) {
        List<Fault> faults = new ArrayList<>(figures.faults());
        figures.rows().stream()
                .filter(row -> row[0].signum() < 0
                        || row[0].compareTo(LONGEST_S) > 0
                        || row[1].abs().compareTo(HIGHEST_KPA) > 0)
                .findFirst()
                .ifPresent(row -> faults.add(new Fault(
                        "file",
                        "%s s, %s kPa is out of range; accepted is 0 to %s s, -%s to %s kPa"
                                .formatted(
                                        row[0].toPlainString(),
                                        row[1].toPlainString(),
                                        LONGEST_S,
                                        HIGHEST_KPA,
                                        HIGHEST_KPA))));
        return faults;
    }

    private Taken write(JobFile job, String path, String id, PressureHold.Log log, FormPost post) {
        PressureHold held = PressureHold.judge(log, job.limits()).result();
        Draft draft = new Draft(
                new ArriveEntry.PressureHeld(moment(path), id, log.targetKpa(), log.volumeMl(), held),
                post.id(),
                Draft.UNSEEN,
                null,
                post.by(),
                post.role());
        return Onward.of(
                journal.append(job.number(), draft), written -> "/jobs/%s/%s#hold".formatted(written.number(), path));
    }

    private static Stage stage(String path) {
        return path.equals("prove") ? ProveChapter.STAGE : ArriveChapter.STAGE;
    }

    private static Moment moment(String path) {
        return path.equals("prove") ? Moment.AFTER : Moment.BEFORE;
    }
}
