package glowkettle.app.web;

import glowkettle.app.binding.Attempt;
import glowkettle.app.binding.Binder;
import glowkettle.app.binding.Bound;
import glowkettle.app.binding.Fault;
import glowkettle.app.binding.FormTree;
import glowkettle.app.binding.Forms;
import glowkettle.app.journal.Appended;
import glowkettle.app.journal.Draft;
import glowkettle.app.journal.JournalBook;
import glowkettle.app.shop.ShopBook;
import glowkettle.job.Entry;
import glowkettle.job.JobFile;
import glowkettle.job.Moment;
import glowkettle.job.Stage;
import glowkettle.job.Traits;
import glowkettle.job.arrive.ArriveChapter;
import glowkettle.job.assess.AssessChapter;
import glowkettle.job.assess.Assessing;
import glowkettle.job.free.FreeChapter;
import glowkettle.job.open.OpenChapter;
import glowkettle.job.open.Opening;
import glowkettle.job.order.OrderOfWork;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.server.ResponseStatusException;

/**
 * Every form that writes in a journal is sent to the stage it stands on and the kind of entry it makes. What is not taken
 * comes back on that page, filled in as it was sent.
 */
@Controller
class EntryController {
    private final JournalBook journal;
    private final JobPages pages;
    private final EntryCompletion completion;
    private final ShopBook shop;

    EntryController(JournalBook journal, JobPages pages, EntryCompletion completion, ShopBook shop) {
        this.journal = journal;
        this.pages = pages;
        this.completion = completion;
        this.shop = shop;
    }

    @PostMapping("/jobs/{number:[0-9]{1,15}}/{path:[a-z]+}/{kind:[a-z-]+}")
    String write(
            @PathVariable long number,
            @PathVariable String path,
            @PathVariable String kind,
            HttpServletRequest request,
            HttpServletResponse response,
            Model model) {
        Stage stage =
                OrderOfWork.CHAPTERS.stage(path).orElseThrow(() -> new ResponseStatusException(HttpStatus.NOT_FOUND));
        Class<? extends Entry> type = OrderOfWork.CHAPTERS
                .kind(kind)
                .filter(known -> known.traits().source() == Traits.Source.FORM)
                .orElseThrow(() -> new ResponseStatusException(HttpStatus.NOT_FOUND))
                .type();
        Map<String, String[]> typed = Forms.typed(request);
        completion.before(type, typed, number);
        Bound<?> bound = Binder.form(type.asSubclass(Record.class), FormTree.of(typed), shop.zone());
        Long corrects = number(request.getParameter("corrects"));
        if (!bound.isGood()) {
            return again(
                    number, stage, new Attempt(kind, typed, bound.faults(), List.of()), corrects, 422, response, model);
        }
        Appended appended = journal.append(
                number,
                new Draft(
                        (Entry) bound.get(),
                        Forms.id(request),
                        seen(request),
                        corrects,
                        Forms.by(request),
                        Roles.of(request)));
        return switch (appended) {
            case Appended.Written written -> "redirect:" + after(written.job(), stage, kind, request);
            case Appended.Refused refused -> {
                Fault fault =
                        new Fault(refused.refusal().field(), refused.refusal().reason());
                yield again(
                        number,
                        stage,
                        new Attempt(kind, typed, List.of(fault), List.of()),
                        corrects,
                        422,
                        response,
                        model);
            }
            case Appended.Conflict conflict ->
                again(
                        number,
                        stage,
                        new Attempt(kind, typed, List.of(), conflict.between()),
                        corrects,
                        409,
                        response,
                        model);
        };
    }

    private String again(
            long number,
            Stage stage,
            Attempt attempt,
            @Nullable Long corrects,
            int status,
            HttpServletResponse response,
            Model model) {
        response.setStatus(status);
        return pages.draw(number, stage, attempt, corrects, model);
    }

    /** Stays on the stage while it has something next, and moves on with the job when it has not. */
    private static String after(JobFile job, Stage stage, String kind, HttpServletRequest request) {
        long number = job.number();
        if ("journal".equals(request.getParameter("then"))) {
            return "/jobs/" + number + "/journal";
        }
        Stage next = job.next().stage();
        if (stage.equals(ArriveChapter.STAGE)) {
            // The counter's forms are side matters; whoever quotes wants to see the quote.
            return "/jobs/" + number + "/arrive";
        }
        boolean gaugeUnread = stage.equals(AssessChapter.STAGE)
                && next.equals(OpenChapter.STAGE)
                && Opening.of(job).stepsIn().isEmpty()
                && Assessing.of(job).gauge(Moment.BEFORE).isEmpty();
        if (gaugeUnread) {
            // Nobody can say afterwards what was not measured before, so the gauge is offered once.
            return "/jobs/" + number + "/" + stage.path();
        }
        // A bond may lie behind a cover and another before it: the job goes to and fro between the two.
        boolean back = stage.equals(FreeChapter.STAGE) && next.equals(OpenChapter.STAGE);
        boolean movesOn = back
                || job.chapters().comesBefore(stage, next)
                || kind.equals("taken-back")
                || next.equals(AssessChapter.STAGE);
        return "/jobs/" + number + "/" + (movesOn ? next : stage).path();
    }

    private static long seen(HttpServletRequest request) {
        Long seen = number(request.getParameter("seen"));
        if (seen == null) {
            throw new ResponseStatusException(HttpStatus.BAD_REQUEST);
        }
        return seen;
    }

    private static @Nullable Long number(@Nullable String text) {
        return text != null && text.matches("[0-9]{1,15}") ? Long.valueOf(text) : null;
    }
}
