package glowkettle.app.journal;

import glowkettle.app.journal.Journals.Journal;
import glowkettle.app.shop.Shop;
import glowkettle.job.Admission;
import glowkettle.job.Entry;
import glowkettle.job.JobFile;
import glowkettle.job.Role;
import glowkettle.job.order.OrderOfWork;
import java.time.InstantSource;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** All journals of the shop: the only way in for anything that happens to a job. */
@Service
public class JournalBook {
    private final JournalMapper entries;
    private final Journals journals;
    private final JobReader jobs;
    private final Lists lists;
    private final List<FirstEntries> firstEntries;
    private final EntryJson json;
    private final List<Gate> gates;
    private final InstantSource clock;

    JournalBook(
            JournalMapper entries,
            Journals journals,
            JobReader jobs,
            Lists lists,
            List<FirstEntries> firstEntries,
            EntryJson json,
            List<Gate> gates,
            InstantSource clock) {
        this.entries = entries;
        this.journals = journals;
        this.jobs = jobs;
        this.lists = lists;
        this.firstEntries = firstEntries;
        this.json = json;
        this.gates = gates;
        this.clock = clock;
    }

    /**
     * @param opening the entry that a job begins with
     * @return the new job's number
     */
    @Transactional
    public long open(Entry opening, UUID formId, String by) {
        Optional<Long> written = entries.jobOfForm(Shop.ID, formId.toString());
        if (written.isPresent()) {
            return written.get();
        }
        long number = entries.nextNumber(Shop.ID);
        // The counter's row is locked now, so a second sending of the same form waits here and then sees the first.
        written = entries.jobOfForm(Shop.ID, formId.toString());
        if (written.isPresent()) {
            return written.get();
        }
        Journal begun = write(number, Journal.EMPTY, new Draft(opening, formId, 0, null, by, Role.TECHNICIAN));
        JobFile opened = jobs.asWritten(number, begun);
        List<Entry> more = firstEntries.stream()
                .flatMap(first -> first.of(opened).stream())
                .toList();
        for (Entry entry : more) {
            begun = write(number, begun, byTheShop(entry, begun, by));
        }
        lists.write(more.isEmpty() ? opened : jobs.asWritten(number, begun));
        return number;
    }

    private static Draft byTheShop(Entry entry, Journal begun, String by) {
        return new Draft(entry, UUID.randomUUID(), begun.seq(), null, by, Role.TECHNICIAN);
    }

    /** Locks are taken in one order: the shop's row, places, then the heads of journals by number. */
    @Transactional
    public Appended append(long job, Draft draft) {
        gates.forEach(gate -> gate.hold(draft.entry()));
        long seq = entries.lockedSeq(Shop.ID, job).orElseThrow(() -> new UnknownJob(job));
        Optional<Boolean> sent = entries.sentBefore(Shop.ID, job, draft.formId().toString(), json.write(draft.entry()));
        if (sent.filter(same -> same).isPresent()) {
            return new Appended.Written(jobs.file(job), false);
        }
        Journal journal = journals.of(job);
        if (draft.seen() != Draft.UNSEEN && draft.seen() != seq) {
            return new Appended.Conflict(journal.entries().stream()
                    .filter(recorded -> recorded.seq() > draft.seen())
                    .toList());
        }
        if (sent.isPresent()) {
            return new Appended.Refused(new Admission.Refusal(
                    "formId", "This form was sent before with other content; reload the page and send it anew."));
        }
        Optional<Admission.Refusal> refusal = refusal(job, journal, draft);
        if (refusal.isPresent()) {
            return new Appended.Refused(refusal.get());
        }
        JobFile written = jobs.asWritten(job, write(job, journal, draft));
        lists.write(written);
        return new Appended.Written(written, true);
    }

    /**
     * The job as it would stand with this entry, none of which is written.
     *
     * @return empty where it would not be taken
     */
    @Transactional(readOnly = true)
    public Optional<JobFile> asIf(long job, Draft draft) {
        Journal journal = journals.of(job);
        if (journal.isEmpty()) {
            throw new UnknownJob(job);
        }
        return draft.seen() != journal.seq() || refusal(job, journal, draft).isPresent()
                ? Optional.empty()
                : Optional.of(jobs.file(job, journals.longer(journal, row(job, journal, draft))));
    }

    private Optional<Admission.Refusal> refusal(long job, Journal journal, Draft draft) {
        JobFile file = jobs.file(job, journal);
        return Admission.refuse(
                        file,
                        draft.entry(),
                        draft.corrects(),
                        new Admission.Author(draft.by(), draft.role()),
                        clock.instant(),
                        (then, moment) -> jobs.file(job, then, moment))
                .or(() -> gates.stream()
                        .flatMap(gate -> gate.refuse(file, draft.entry()).stream())
                        .findFirst());
    }

    private JournalMapper.EntryRow row(long job, Journal journal, Draft draft) {
        return new JournalMapper.EntryRow(
                job,
                journal.seq() + 1,
                clock.instant().truncatedTo(ChronoUnit.MILLIS),
                draft.by(),
                OrderOfWork.CHAPTERS.id(draft.entry()),
                json.write(draft.entry()),
                draft.corrects());
    }

    private Journal write(long job, Journal journal, Draft draft) {
        JournalMapper.EntryRow row = row(job, journal, draft);
        // Whatever could not be read again is not written either.
        Journal longer = journals.longer(journal, row);
        entries.append(Shop.ID, row, draft.formId().toString());
        journals.keep(job, longer);
        return longer;
    }

    /** The same journals, written at another time: demo jobs have a past. */
    public JournalBook at(InstantSource other) {
        return new JournalBook(entries, journals, jobs.at(other), lists, firstEntries, json, gates, other);
    }
}
