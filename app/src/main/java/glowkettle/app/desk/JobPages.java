package glowkettle.app.desk;

import glowkettle.app.binding.FilledForm;
import glowkettle.app.journal.JobReader;
import glowkettle.app.limits.LimitsBook;
import glowkettle.finding.Weight;
import glowkettle.job.JobFile;
import glowkettle.job.NextThing;
import glowkettle.job.Stage;
import glowkettle.job.arrive.Arriving;
import glowkettle.job.free.Overheating;
import glowkettle.job.isolation.Isolating;
import glowkettle.job.wayback.JobTray;
import java.time.InstantSource;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import org.springframework.ui.Model;

/** Draws the page of any stage of a job, with a form that was not taken filled in when there is one. */
@Component
public class JobPages {
    private static final int JOURNAL_PAGE = 50;

    private final JobReader jobs;
    private final LimitsBook limits;
    private final Map<Stage, StagePage<?>> pages = new HashMap<>();
    private final InstantSource clock;

    JobPages(JobReader jobs, LimitsBook limits, List<StagePage<?>> pages, InstantSource clock) {
        this.jobs = jobs;
        this.limits = limits;
        this.clock = clock;
        pages.forEach(page -> this.pages.put(page.stage(), page));
    }

    /** The entry a form on this page takes the place of, while it still stands. */
    private static @Nullable Correcting correcting(JobFile job, @Nullable Long seq) {
        return seq == null
                ? null
                : job.state()
                        .standing(seq)
                        .map(recorded -> new Correcting(
                                seq,
                                job.chapters().id(recorded.entry()),
                                job.chapters().words(recorded.entry(), job)))
                        .orElse(null);
    }

    /** What is being corrected: an entry, its kind, and its words as they stand. */
    public record Correcting(long seq, String kind, String words) {}

    /** What the frame around every page of a job shows. */
    private void frame(JobFile job, NextThing next, Stage stage, boolean showsStage, Model model) {
        model.addAttribute("job", job);
        model.addAttribute("stage", stage);
        model.addAttribute("tray", job.closed() ? null : JobTray.of(job).tray());
        model.addAttribute("owner", Arriving.of(job).owner());
        model.addAttribute("collector", Isolating.of(job).collector().orElse(null));
        Overheating overheating = Overheating.of(job);
        model.addAttribute("overheating", overheating);
        model.addAttribute("rail", Rail.of(job, next, showsStage ? stage : null));
        model.addAttribute("next", next);
        model.addAttribute("tier", job.tier());
        model.addAttribute("newestLimits", Asked.of(limits::newestVersion));
        boolean away = job.oldPackIsAway() && Isolating.of(job).released().isEmpty();
        model.addAttribute("oldPackAway", away ? job.oldPackTier() : null);
        model.addAttribute("oldPackIn", Isolating.of(job).liesIn().orElse(""));
        model.addAttribute("showsStage", showsStage);
        model.addAttribute("pictured", false);
        model.addAttribute("quiet", isQuiet(job, overheating));
    }

    /** Nothing is told of its packs that anybody would have to look out for. */
    private static boolean isQuiet(JobFile job, Overheating overheating) {
        return job.tier().findings().stream().allMatch(finding -> finding.weight() == Weight.NOTE)
                && job.tier().result().conditions().isEmpty()
                && job.held().isEmpty()
                && overheating.overruns().isEmpty();
    }

    /**
     * A page of the journal.
     *
     * @param older the number before which older entries stand; null where there are none
     */
    public record JournalView(
            List<EntryWords> journal, @Nullable Long older, boolean newer) {}

    /** The entries before a number, the newest first, a page of them. */
    String drawJournal(long number, @Nullable Long before, Model model) {
        JobFile job = jobs.file(number);
        NextThing next = job.next();
        frame(job, next, next.stage(), false, model);
        List<EntryWords> page = EntryWords.list(jobs.journal(number), job, before, JOURNAL_PAGE + 1);
        boolean more = page.size() > JOURNAL_PAGE;
        List<EntryWords> shown = more ? page.subList(0, JOURNAL_PAGE) : page;
        model.addAttribute("view", new JournalView(shown, more ? shown.getLast().seq() : null, before != null));
        return "journal";
    }

    public String draw(long number, Stage stage, FilledForm filled, @Nullable Long corrects, Model model) {
        return draw(jobs.file(number), stage, filled, corrects, model);
    }

    String draw(JobFile job, Stage stage, FilledForm filled, @Nullable Long corrects, Model model) {
        frame(job, job.next(), stage, true, model);
        model.addAttribute("correcting", correcting(job, corrects));
        StagePage<?> page = pages.get(stage);
        if (page == null) {
            throw new IllegalStateException("No page draws " + stage);
        }
        view(page, job, filled, model);
        return stage.path() + "/page";
    }

    private <V extends Record> void view(StagePage<V> page, JobFile job, FilledForm filled, Model model) {
        V view = page.view(job, filled, clock.instant());
        model.addAttribute("view", view);
        model.addAttribute("filled", page.filled(view, filled));
        if (filled.failed()) {
            // What was typed is nowhere but in this answer.
            model.addAttribute("folds", Folds.ALL);
        }
        model.addAttribute("pictured", page.isPictured(view));
    }
}
