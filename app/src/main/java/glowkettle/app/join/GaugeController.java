package glowkettle.app.join;

import glowkettle.app.binding.Fault;
import glowkettle.app.desk.JobPages;
import glowkettle.app.desk.Onward;
import glowkettle.app.form.FormPost;
import glowkettle.app.form.Taken;
import glowkettle.app.journal.Appended;
import glowkettle.app.journal.Draft;
import glowkettle.app.journal.JobReader;
import glowkettle.app.journal.JournalBook;
import glowkettle.app.shop.BenchInstruments;
import glowkettle.instruments.GaugeProgrammer;
import glowkettle.instruments.InstrumentSilent;
import glowkettle.job.JobFile;
import glowkettle.job.join.JoinChapter;
import glowkettle.job.join.JoinEntry;
import glowkettle.join.GaugeData;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;

/**
 * Reads the gauge on a controller board, and writes it. That it is about to be written stands in the journal before the first
 * byte goes out, and what it says afterwards is read from it: a link that is lost in between leaves no reset without its line.
 */
@Controller
class GaugeController {
    private static final String PAGE = "/jobs/{number:[0-9]{1,15}}/join/gauge";
    private static final String READ = "gauge-read-out";
    private static final String WRITE = "gauge-write-begun";

    private final JobReader jobs;

    private final JournalBook journal;
    private final JobPages pages;
    private final BenchInstruments instruments;

    GaugeController(JobReader jobs, JournalBook journal, JobPages pages, BenchInstruments instruments) {
        this.jobs = jobs;
        this.journal = journal;
        this.pages = pages;
        this.instruments = instruments;
    }

    @PostMapping(PAGE + "/read")
    String read(@PathVariable long number, FormPost post, Model model) {
        return post.answer(
                READ,
                readOut(number, post, post.id()),
                filled -> pages.draw(number, JoinChapter.STAGE, filled, null, model));
    }

    @PostMapping(PAGE + "/write")
    String write(@PathVariable long number, FormPost post, Model model) {
        return post.answer(
                WRITE,
                JoinEntry.GaugeWriteBegun.class,
                begun -> switch (appended(number, begun, post, post.id())) {
                    // A form that comes twice programs nothing twice.
                    case Appended.Written written when written.isNew() -> sent(number, begun.gauge(), post);
                    case Appended other -> taken(number, other);
                },
                filled -> pages.draw(number, JoinChapter.STAGE, filled, null, model));
    }

    /** It takes all or nothing; which of both, only the gauge can say. */
    private Taken sent(long number, GaugeData gauge, FormPost post) {
        JobFile job = jobs.file(number);
        try {
            instruments.programmer(job).write(BenchInstruments.data(gauge));
        } catch (InstrumentSilent silent) {
            return new Taken.Refused(List.of(new Fault(
                    "",
                    silent.getMessage()
                            + ". The gauge takes all or nothing; which of both, it must say itself: read it again.")));
        }
        return readOut(
                number, post, UUID.nameUUIDFromBytes((post.id() + " read back").getBytes(StandardCharsets.UTF_8)));
    }

    private Taken readOut(long number, FormPost post, UUID form) {
        try {
            GaugeProgrammer.Data data =
                    instruments.programmer(jobs.file(number)).read();
            GaugeData gauge = new GaugeData(
                    data.designMah(),
                    data.fullMah(),
                    data.cycles(),
                    data.serial(),
                    data.manufactured(),
                    data.firstUse());
            return append(number, new JoinEntry.GaugeReadOut(gauge), post, form);
        } catch (InstrumentSilent silent) {
            return new Taken.Refused(List.of(new Fault("", String.valueOf(silent.getMessage()))));
        }
    }

    private Taken append(long number, JoinEntry entry, FormPost post, UUID form) {
        return taken(number, appended(number, entry, post, form));
    }

    private Appended appended(long number, JoinEntry entry, FormPost post, UUID form) {
        return journal.append(number, new Draft(entry, form, Draft.UNSEEN, null, post.by(), post.role()));
    }

    private static Taken taken(long number, Appended appended) {
        return Onward.of(appended, written -> "/jobs/%s/%s".formatted(number, JoinChapter.STAGE.path()));
    }
}
