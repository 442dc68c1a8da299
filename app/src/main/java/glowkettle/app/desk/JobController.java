package glowkettle.app.desk;

import glowkettle.app.binding.FilledForm;
import glowkettle.app.journal.JobReader;
import glowkettle.job.Stage;
import glowkettle.job.order.OrderOfWork;
import jakarta.servlet.http.HttpServletRequest;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.server.ResponseStatusException;

/** The pages of a job. */
@Controller
class JobController {
    private final JobPages pages;
    private final JobReader jobs;
    private final InstrumentReadings readings;

    JobController(JobPages pages, JobReader jobs, InstrumentReadings readings) {
        this.pages = pages;
        this.jobs = jobs;
        this.readings = readings;
    }

    /** A job opens at what it needs next. */
    @GetMapping("/jobs/{number:[0-9]{1,15}}")
    String job(@PathVariable long number) {
        return "redirect:/jobs/" + number + "/"
                + jobs.file(number).next().stage().path();
    }

    /**
     * @param read an instrument that fills a form
     * @param put a kind of entry whose form is filled from the address, to be looked over and kept
     */
    @GetMapping("/jobs/{number:[0-9]{1,15}}/{path:[a-z]+}")
    String stage(
            @PathVariable long number,
            @PathVariable String path,
            @RequestParam(required = false) @Nullable Long corrects,
            @RequestParam(required = false) @Nullable String read,
            @RequestParam(required = false) @Nullable String put,
            HttpServletRequest request,
            Model model) {
        Stage stage =
                OrderOfWork.CHAPTERS.stage(path).orElseThrow(() -> new ResponseStatusException(HttpStatus.NOT_FOUND));
        FilledForm filled = read != null
                ? readings.read(number, read, stage, request.getParameterMap())
                : put != null
                        ? new FilledForm(put, request.getParameterMap(), List.of(), List.of())
                        : FilledForm.asking(request.getParameterMap());
        return pages.draw(number, stage, filled, corrects, model);
    }

    @GetMapping("/jobs/{number:[0-9]{1,15}}/journal")
    String journal(@PathVariable long number, @RequestParam(required = false) @Nullable Long before, Model model) {
        return pages.drawJournal(number, before, model);
    }
}
