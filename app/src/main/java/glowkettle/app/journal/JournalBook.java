package glowkettle.app.journal;

import glowkettle.app.journal.Journals.Journal;
import glowkettle.app.library.ModelLibrary;
import glowkettle.app.limits.LimitsBook;
import glowkettle.app.shop.Shop;
import glowkettle.job.Admission;
import glowkettle.job.Entry;
import glowkettle.job.JobFile;
import glowkettle.job.JobState;
import glowkettle.job.Recorded;
import glowkettle.job.Role;
import glowkettle.job.arrive.Arriving;
import glowkettle.job.assess.Assessing;
import glowkettle.job.order.OrderOfWork;
import glowkettle.library.DeviceModel;
import glowkettle.limits.ShopLimits;
import java.time.Instant;
import java.time.InstantSource;
import java.time.temporal.ChronoUnit;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionTemplate;

/** All journals of the shop: the only way in for anything that happens to a job. */
@Service
public class JournalBook {
    private final JournalMapper entries;
    private final Journals journals;
    private final Lists lists;
    private final List<FirstEntries> firstEntries;
    private final EntryJson json;
    private final ModelLibrary models;
    private final LimitsBook limits;
    private final List<Gate> gates;
    private final TransactionTemplate transactions;
    private final InstantSource clock;

    JournalBook(
            JournalMapper entries,
            Journals journals,
            Lists lists,
            List<FirstEntries> firstEntries,
            EntryJson json,
            ModelLibrary models,
            LimitsBook limits,
            List<Gate> gates,
            TransactionTemplate transactions,
            InstantSource clock) {
        this.entries = entries;
        this.journals = journals;
        this.lists = lists;
        this.firstEntries = firstEntries;
        this.json = json;
        this.models = models;
        this.limits = limits;
        this.gates = gates;
        this.transactions = transactions;
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
        JobFile opened = asWritten(number, begun);
        List<Entry> more = firstEntries.stream()
                .flatMap(first -> first.of(opened).stream())
                .toList();
        for (Entry entry : more) {
            begun = write(number, begun, byTheShop(entry, begun, by));
        }
        lists.write(more.isEmpty() ? opened : asWritten(number, begun));
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
            return new Appended.Written(file(job), false);
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
        JobFile written = asWritten(job, write(job, journal, draft));
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
                : Optional.of(file(job, journals.longer(journal, row(job, journal, draft))));
    }

    private Optional<Admission.Refusal> refusal(long job, Journal journal, Draft draft) {
        JobFile file = file(job, journal);
        return Admission.refuse(
                        file,
                        draft.entry(),
                        draft.corrects(),
                        new Admission.Author(draft.by(), draft.role()),
                        clock.instant(),
                        (then, moment) -> file(job, then, moment))
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

    public List<Recorded> journal(long job) {
        return journals.of(job).entries();
    }

    /** Several jobs by their numbers, read at once. */
    @Transactional(readOnly = true)
    public Map<Long, JobFile> files(Collection<Long> jobs) {
        return jobs.isEmpty()
                ? Map.of()
                : entries.entriesOf(Shop.ID, jobs).stream()
                        .collect(Collectors.groupingBy(
                                JournalMapper.EntryRow::job,
                                Collectors.mapping(journals::recorded, Collectors.toList())))
                        .entrySet()
                        .stream()
                        .collect(Collectors.toMap(
                                Map.Entry::getKey,
                                job -> file(job.getKey(), JobState.fold(job.getValue()), clock.instant())));
    }

    public JobFile file(long job) {
        return find(job).orElseThrow(() -> new UnknownJob(job));
    }

    /** @return empty where no such job was ever taken in */
    public Optional<JobFile> find(long job) {
        Journal journal = journals.of(job);
        return journal.isEmpty() ? Optional.empty() : Optional.of(file(job, journal));
    }

    /** As it stands now; what the last look at it reckoned is not reckoned again. */
    private JobFile file(long job, Journal journal) {
        DeviceModel model = model(journal.state());
        ShopLimits version = limits.version(Assessing.limitsVersion(journal.state()));
        @Nullable JobFile known = journal.reckoned().get();
        JobFile file = known != null && known.isBy(model, version)
                ? known.later(clock.instant())
                : new JobFile(job, OrderOfWork.CHAPTERS, journal.state(), model, version, clock.instant());
        journal.reckoned().set(file);
        return file;
    }

    private JobFile file(long job, JobState state, Instant now) {
        return new JobFile(
                job, OrderOfWork.CHAPTERS, state, model(state), limits.version(Assessing.limitsVersion(state)), now);
    }

    private DeviceModel model(JobState state) {
        Arriving arriving = Arriving.of(state);
        return models.model(arriving.modelId(), arriving.modelSince(), arriving.modelCode());
    }

    /** As it stood when its newest entry was made: what lists show never depends on when they are written. */
    private JobFile asWritten(long job, Journal journal) {
        JobFile written = file(job, journal.state(), journal.entries().getLast().at());
        journal.reckoned().set(written);
        return written;
    }

    /** Makes the lists anew of every job whose times follow the opening hours, after those have changed. */
    public void followTheHours() {
        lists.byTheClock().forEach(this::listAnew);
    }

    /** Makes the lists of one job anew, while nobody writes in it; the others go on. */
    public void listAnew(long job) {
        transactions.executeWithoutResult(begun -> {
            if (entries.lockedSeq(Shop.ID, job).isPresent()) {
                lists.write(asWritten(job, journals.of(job)));
            }
        });
    }

    public boolean isEmpty() {
        return entries.jobs(Shop.ID).isEmpty();
    }

    /** The same journals, written at another time: demo jobs have a past. */
    public JournalBook at(InstantSource other) {
        return new JournalBook(
                entries, journals, lists, firstEntries, json, models, limits, gates, transactions, other);
    }

    /** Makes every list anew from the journals, job by job, while others write. */
    public int rebuild() {
        List<Long> jobs = entries.jobs(Shop.ID);
        lists.forgetStrays();
        jobs.forEach(this::listAnew);
        return jobs.size();
    }
}
