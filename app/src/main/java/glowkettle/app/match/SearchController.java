package glowkettle.app.match;

import glowkettle.app.desk.JobPages;
import glowkettle.app.desk.Onward;
import glowkettle.app.form.FormPost;
import glowkettle.app.form.Taken;
import glowkettle.app.journal.Draft;
import glowkettle.app.journal.JobReader;
import glowkettle.app.journal.JournalBook;
import glowkettle.job.Admission;
import glowkettle.job.JobFile;
import glowkettle.job.match.MatchAct;
import glowkettle.job.match.MatchChapter;
import glowkettle.job.match.MatchEntry;
import glowkettle.job.match.Matching;
import glowkettle.match.Grouping;
import glowkettle.match.Layout;
import jakarta.servlet.http.HttpServletResponse;
import java.time.InstantSource;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;

/** Begins a search for groups, tells how far it is, and ends it. Few cells are matched while the form waits. */
@Controller
class SearchController {
    private static final String PAGE = "/jobs/{number:[0-9]{1,15}}/match/search";
    private static final String FORM = "search";
    /** So many are proven, or nearly, within a second. */
    private static final int MATCHED_AT_ONCE = 40;

    private final JobReader jobs;

    private final JournalBook journal;
    private final JobPages pages;
    private final Searches searches;
    private final InstantSource clock;

    SearchController(JobReader jobs, JournalBook journal, JobPages pages, Searches searches, InstantSource clock) {
        this.clock = clock;
        this.jobs = jobs;
        this.journal = journal;
        this.pages = pages;
        this.searches = searches;
    }

    @PostMapping(PAGE)
    String begin(@PathVariable long number, FormPost post, Model model) {
        return post.answer(
                FORM,
                begun(jobs.file(number), post),
                filled -> pages.draw(number, MatchChapter.STAGE, filled, null, model));
    }

    private Taken begun(JobFile job, FormPost post) {
        Optional<Grouping.Request> asked = Matching.of(job).missing() > 0
                ? Optional.empty()
                : Matching.of(job).asked();
        if (asked.isEmpty()) {
            return Taken.refused("", "Nothing to match: " + MatchAct.of(job).words(job) + ".");
        }
        if (asked.get().cells().size() <= MATCHED_AT_ONCE) {
            return Onward.of(
                    journal.append(
                            job.number(),
                            new Draft(atOnce(asked.get()), post.id(), Draft.UNSEEN, null, post.by(), post.role())),
                    written -> page(job.number()));
        }
        // What would be refused in the end is refused now.
        Optional<Admission.Refusal> barred = Admission.refuse(
                job, waiting(asked.get()), new Admission.Author(post.by(), post.role()), clock.instant());
        if (barred.isPresent()) {
            return Taken.refused("", barred.get().reason());
        }
        searches.begin(job, post.id(), post.by(), post.role());
        return new Taken.On(page(job.number()));
    }

    private static String page(long number) {
        return "/jobs/%s/%s".formatted(number, MatchChapter.STAGE.path());
    }

    private static MatchEntry.Matched atOnce(Grouping.Request asked) {
        Grouping.Sought sought = Grouping.search(asked, (moves, budget, best) -> true);
        return new MatchEntry.Matched(
                sought.groups().stream().map(Layout.Named::new).toList(), sought.proven(), sought.stopped());
    }

    /** The first cells that come: whoever may write these may write those that are found. */
    private static MatchEntry.Matched waiting(Grouping.Request asked) {
        int parallel = asked.parallel().intValue();
        List<String> ids = asked.cells().stream().map(Grouping.Cell::id).toList();
        return new MatchEntry.Matched(
                IntStream.range(0, asked.series().intValue())
                        .mapToObj(group -> new Layout.Named(ids.subList(group * parallel, (group + 1) * parallel)))
                        .toList(),
                false,
                false);
    }

    @PostMapping(PAGE + "/enough")
    String enough(@PathVariable long number, FormPost post) {
        searches.enough(number);
        return FormPost.redirect(page(number));
    }

    /** How far it is; when its answer stands in the journal, the browser is sent to the page that shows it. */
    @GetMapping(PAGE)
    String reached(@PathVariable long number, Model model, HttpServletResponse response) {
        Optional<Searches.Reached> reached = searches.reached(jobs.file(number));
        model.addAttribute("number", number);
        model.addAttribute("reached", reached.orElse(null));
        if (reached.isEmpty() || reached.get().refused().isPresent()) {
            response.setHeader("HX-Redirect", page(number));
        }
        return "match/search :: reached";
    }
}
