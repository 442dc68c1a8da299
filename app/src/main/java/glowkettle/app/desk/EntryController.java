package glowkettle.app.desk;

import glowkettle.app.binding.Bound;
import glowkettle.app.binding.FilledForm;
import glowkettle.app.form.FormPost;
import glowkettle.app.form.Taken;
import glowkettle.app.journal.Draft;
import glowkettle.app.journal.JournalBook;
import glowkettle.job.Entry;
import glowkettle.job.JobFile;
import glowkettle.job.Stage;
import glowkettle.job.Traits;
import glowkettle.job.order.OrderOfWork;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.server.ResponseStatusException;
import org.springframework.web.servlet.ModelAndView;
import org.springframework.web.servlet.View;

/**
 * Every form that writes in a journal is sent to the stage it stands on and the kind of entry it makes. What is not taken
 * comes back on that page, filled in as it was sent.
 */
@Controller
class EntryController {
    private static final String ENTRY = "/jobs/{number:[0-9]{1,15}}/{path:[a-z]+}/{kind:[a-z-]+}";
    private static final String AHEAD = "Drawn-Ahead";
    private static final View NOTHING = (model, request, response) -> response.setStatus(HttpStatus.NO_CONTENT.value());

    private final JournalBook journal;
    private final JobPages pages;
    private final EntryCompletion completion;

    EntryController(JournalBook journal, JobPages pages, EntryCompletion completion) {
        this.journal = journal;
        this.pages = pages;
        this.completion = completion;
    }

    @PostMapping(ENTRY)
    String write(
            @PathVariable long number,
            @PathVariable String path,
            @PathVariable String kind,
            FormPost post,
            Model model) {
        Stage stage = stage(path);
        Class<? extends Entry> type = type(kind);
        completion.before(type, post.typed(), number);
        Long corrects = post.number("corrects");
        return post.answer(
                kind,
                type.asSubclass(Record.class),
                entry -> write(number, stage, (Entry) entry, corrects, post),
                filled -> pages.draw(number, stage, filled, corrects, model),
                to -> post.isByScript() ? drawn(number, to, post, model) : FormPost.redirect(to));
    }

    private static Stage stage(String path) {
        return OrderOfWork.CHAPTERS.stage(path).orElseThrow(() -> new ResponseStatusException(HttpStatus.NOT_FOUND));
    }

    private static Class<? extends Entry> type(String kind) {
        return OrderOfWork.CHAPTERS
                .kind(kind)
                .filter(known -> known.traits().source() == Traits.Source.FORM)
                .orElseThrow(() -> new ResponseStatusException(HttpStatus.NOT_FOUND))
                .type();
    }

    /**
     * The same page as it will stand when this form has been taken, for the browser to show at the tap. Nothing is written;
     * where another page would come, or none of this would be taken, there is nothing to show.
     */
    @PostMapping(path = ENTRY, headers = AHEAD)
    ModelAndView ahead(
            @PathVariable long number,
            @PathVariable String path,
            @PathVariable String kind,
            FormPost post,
            Model model) {
        Stage stage = stage(path);
        Class<? extends Entry> type = type(kind);
        completion.before(type, post.typed(), number);
        Bound<? extends Entry> bound = post.read(type);
        Optional<JobFile> taken = bound.faults().isEmpty()
                ? journal.asIf(number, draft(bound.get(), null, post))
                        .filter(job -> job.chapters().after(stage, bound.get(), job) == stage)
                : Optional.empty();
        return taken.map(job -> new ModelAndView(pages.draw(job, stage, FilledForm.NONE, null, model)))
                .orElseGet(() -> new ModelAndView(NOTHING));
    }

    /** What the browser would ask for next; it is spared the way. */
    private String drawn(long number, String to, FormPost post, Model model) {
        post.standsAt(to);
        return OrderOfWork.CHAPTERS
                .stage(to.substring(to.lastIndexOf('/') + 1))
                .map(stage -> pages.draw(number, stage, FilledForm.NONE, null, model))
                .orElseGet(() -> pages.drawJournal(number, null, model));
    }

    private Taken write(long number, Stage stage, Entry entry, @Nullable Long corrects, FormPost post) {
        return Onward.of(
                journal.append(number, draft(entry, corrects, post)),
                job -> "/jobs/" + number + "/" + then(job, stage, entry, post));
    }

    private static Draft draft(Entry entry, @Nullable Long corrects, FormPost post) {
        Long seen = post.number("seen");
        if (seen == null) {
            throw new ResponseStatusException(HttpStatus.BAD_REQUEST);
        }
        return new Draft(entry, post.id(), seen, corrects, post.by(), post.role());
    }

    private static String then(JobFile job, Stage stage, Entry entry, FormPost post) {
        return post.first("then").equals("journal")
                ? "journal"
                : job.chapters().after(stage, entry, job).path();
    }
}
