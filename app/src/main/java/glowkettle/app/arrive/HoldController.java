package glowkettle.app.arrive;

import glowkettle.app.binding.Attempt;
import glowkettle.app.binding.Binder;
import glowkettle.app.binding.Bound;
import glowkettle.app.binding.Fault;
import glowkettle.app.binding.FormTree;
import glowkettle.app.binding.Forms;
import glowkettle.app.format.CsvFigures;
import glowkettle.app.journal.Appended;
import glowkettle.app.journal.Draft;
import glowkettle.app.journal.JournalBook;
import glowkettle.app.web.JobPages;
import glowkettle.app.web.Roles;
import glowkettle.arrive.PressureHold;
import glowkettle.finding.Says;
import glowkettle.finding.Within;
import glowkettle.job.JobFile;
import glowkettle.job.Moment;
import glowkettle.job.Stage;
import glowkettle.job.arrive.ArriveChapter;
import glowkettle.job.arrive.ArriveEntry;
import glowkettle.job.prove.ProveChapter;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.math.BigDecimal;
import java.nio.charset.StandardCharsets;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
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

    private final JournalBook journal;
    private final JobPages pages;
    private final BenchLogs logs;
    private final HoldRun run;

    HoldController(JournalBook journal, JobPages pages, BenchLogs logs, HoldRun run) {
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
        return switch (run.start(journal.file(number), moment(path))) {
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
            HttpServletRequest request,
            HttpServletResponse response,
            Model model) {
        PressureHold.Log taken =
                logs.log(number, log).orElseThrow(() -> new ResponseStatusException(HttpStatus.NOT_FOUND));
        return write(journal.file(number), path, log, taken, request, response, model);
    }

    @PostMapping(PAGE + "/csv")
    String csv(
            @PathVariable long number,
            @PathVariable String path,
            @RequestParam(required = false) @Nullable MultipartFile file,
            HttpServletRequest request,
            HttpServletResponse response,
            Model model)
            throws IOException {
        JobFile job = journal.file(number);
        Map<String, String[]> typed = Forms.typed(request);
        Bound<FileTyped> bound = Binder.form(FileTyped.class, FormTree.of(typed), ZoneOffset.UTC);
        byte[] sent = file == null ? new byte[0] : file.getBytes();
        CsvFigures figures = CsvFigures.read(new String(sent, StandardCharsets.UTF_8), COLUMNS);
        List<Fault> faults = new ArrayList<>(bound.faults());
        faults.addAll(figures.faults());
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
        if (!faults.isEmpty()) {
            return again(number, path, typed, faults, response, model);
        }
        PressureHold.Log log = new PressureHold.Log(
                HoldRun.signed(job, figures.rows()),
                bound.get().volumeMl(),
                figures.rows().stream()
                        .map(row -> new PressureHold.Sample(row[0], row[1]))
                        .toList());
        return write(job, path, logs.keep(number, log), log, request, response, model);
    }

    private String write(
            JobFile job,
            String path,
            String id,
            PressureHold.Log log,
            HttpServletRequest request,
            HttpServletResponse response,
            Model model) {
        long number = job.number();
        PressureHold held = PressureHold.judge(log, job.limits()).result();
        Appended appended = journal.append(
                number,
                new Draft(
                        new ArriveEntry.PressureHeld(moment(path), id, log.targetKpa(), log.volumeMl(), held),
                        Forms.id(request),
                        Draft.UNSEEN,
                        null,
                        Forms.by(request),
                        Roles.of(request)));
        return appended instanceof Appended.Refused refused
                ? again(
                        number,
                        path,
                        Map.of(),
                        List.of(new Fault("", refused.refusal().reason())),
                        response,
                        model)
                : "redirect:/jobs/%s/%s#hold".formatted(number, path);
    }

    private String again(
            long number,
            String path,
            Map<String, String[]> typed,
            List<Fault> faults,
            HttpServletResponse response,
            Model model) {
        response.setStatus(422);
        return pages.draw(number, stage(path), new Attempt(KIND, typed, faults, List.of()), null, model);
    }

    private static Stage stage(String path) {
        return path.equals("prove") ? ProveChapter.STAGE : ArriveChapter.STAGE;
    }

    private static Moment moment(String path) {
        return path.equals("prove") ? Moment.AFTER : Moment.BEFORE;
    }
}
