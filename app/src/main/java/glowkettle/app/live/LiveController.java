package glowkettle.app.live;

import glowkettle.app.journal.JobReader;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.springframework.http.MediaType;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;

/** The line on which the pages of a job are told that it changed. */
@Controller
class LiveController {
    private final LivePages pages;
    private final JobReader jobs;

    LiveController(LivePages pages, JobReader jobs) {
        this.pages = pages;
        this.jobs = jobs;
    }

    @GetMapping("/jobs/{number:[0-9]{1,15}}/live")
    void live(@PathVariable long number, HttpServletRequest request, HttpServletResponse response) throws IOException {
        // A job that is none has no line.
        jobs.file(number);
        response.setContentType(MediaType.TEXT_EVENT_STREAM_VALUE);
        response.setHeader("Cache-Control", "no-store");
        response.flushBuffer();
        pages.open(number, request, response, () -> Change.of(jobs.file(number)));
    }
}
