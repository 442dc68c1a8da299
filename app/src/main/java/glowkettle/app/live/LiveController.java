package glowkettle.app.live;

import glowkettle.app.journal.JournalBook;
import glowkettle.job.JobFile;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import java.io.IOException;
import org.springframework.http.MediaType;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** The line on which the pages of a job are told that it changed. */
@Controller
class LiveController {
    private final LivePages pages;
    private final JournalBook journal;

    LiveController(LivePages pages, JournalBook journal) {
        this.pages = pages;
        this.journal = journal;
    }

    @GetMapping(value = "/jobs/{number:[0-9]{1,15}}/live", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
    SseEmitter live(@PathVariable long number, HttpSession session, HttpServletResponse response) throws IOException {
        JobFile job = journal.file(number);
        // Its head is sent by this thread: the line's own writes at once, while the filters still look at the headers.
        response.setContentType(MediaType.TEXT_EVENT_STREAM_VALUE);
        response.flushBuffer();
        return pages.open(
                number,
                session.getId(),
                new Change(number, job.state().seq(), job.tier().result().tier().name()));
    }
}
