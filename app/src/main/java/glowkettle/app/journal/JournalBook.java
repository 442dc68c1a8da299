package glowkettle.app.journal;

import glowkettle.app.library.ModelLibrary;
import glowkettle.app.limits.LimitsBook;
import glowkettle.app.shop.Shop;
import glowkettle.journal.Admission;
import glowkettle.journal.Entry;
import glowkettle.journal.JobFile;
import glowkettle.journal.JobState;
import glowkettle.journal.OpenEntry;
import glowkettle.journal.Recorded;
import glowkettle.journal.Role;
import java.time.Instant;
import java.time.InstantSource;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionTemplate;

/** All journals of the shop: the only way in for anything that happens to a job. */
@Service
public class JournalBook {
    private final JournalMapper entries;
    private final Projections projections;
    private final EntryJson json;
    private final ModelLibrary models;
    private final LimitsBook limits;
    private final List<Gate> gates;
    private final TransactionTemplate transactions;
    private final InstantSource clock;

    JournalBook(
            JournalMapper entries,
            Projections projections,
            EntryJson json,
            ModelLibrary models,
            LimitsBook limits,
            List<Gate> gates,
            TransactionTemplate transactions,
            InstantSource clock) {
        this.entries = entries;
        this.projections = projections;
        this.json = json;
        this.models = models;
        this.limits = limits;
        this.gates = gates;
        this.transactions = transactions;
        this.clock = clock;
    }

    @Transactional
    public long open(Entry.JobOpened opened, UUID formId, String by) {
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
        write(number, List.of(), new Draft(opened, formId, 0, null, by, Role.TECHNICIAN));
        List<OpenEntry.LearntStep> learnt = projections.learnt(opened.modelId());
        if (!learnt.isEmpty()) {
            Entry.Apart minutes = new OpenEntry.MinutesLearnt(learnt);
            write(number, journal(number), new Draft(minutes, UUID.randomUUID(), 1, null, by, Role.TECHNICIAN));
        }
        return number;
    }

    @Transactional
    public Appended append(long job, Draft draft) {
        long seq = entries.lockedSeq(Shop.ID, job).orElseThrow(() -> new UnknownJob(job));
        if (entries.holds(Shop.ID, job, draft.formId().toString(), json.write(draft.entry()))) {
            return new Appended.Written(job);
        }
        List<Recorded> journal = journal(job);
        if (draft.seen() != Draft.WHATEVER_CAME && draft.seen() != seq) {
            return new Appended.Conflict(journal.stream()
                    .filter(recorded -> recorded.seq() > draft.seen())
                    .toList());
        }
        if (entries.jobOfForm(Shop.ID, draft.formId().toString()).isPresent()) {
            return new Appended.Refused(new Admission.Refusal(
                    "formId", "This form was sent before with other content; reload the page and send it anew."));
        }
        JobState state = JobState.fold(journal);
        JobFile file = file(job, state);
        Admission.Author author = new Admission.Author(draft.by(), draft.role());
        Optional<Admission.Refusal> refusal = Admission.refuse(
                        file,
                        draft.entry(),
                        draft.corrects(),
                        author,
                        clock.instant(),
                        (then, moment) -> file(job, then, moment))
                .or(() -> gates.stream()
                        .flatMap(gate -> gate.refuse(file, draft.entry()).stream())
                        .findFirst());
        if (refusal.isPresent()) {
            return new Appended.Refused(refusal.get());
        }
        write(job, journal, draft);
        return new Appended.Written(job);
    }

    private void write(long job, List<Recorded> journal, Draft draft) {
        Instant at = clock.instant().truncatedTo(ChronoUnit.MILLIS);
        long seq = journal.isEmpty() ? 1 : journal.getLast().seq() + 1;
        entries.append(
                Shop.ID,
                new JournalMapper.EntryRow(
                        job, seq, at, draft.by(), draft.entry().kind(), json.write(draft.entry()), draft.corrects()),
                draft.formId().toString());
        entries.head(Shop.ID, job, seq);
        List<Recorded> longer = new ArrayList<>(journal);
        longer.add(new Recorded(seq, at, draft.by(), draft.entry(), draft.corrects()));
        projections.put(asWritten(job, longer), longer);
    }

    @Transactional(readOnly = true)
    public List<Recorded> journal(long job) {
        return entries.entries(Shop.ID, job).stream().map(this::recorded).toList();
    }

    private Recorded recorded(JournalMapper.EntryRow row) {
        return new Recorded(row.seq(), row.at(), row.by(), json.read(row.kind(), row.body()), row.corrects());
    }

    /** Several jobs by their numbers, read at once. */
    @Transactional(readOnly = true)
    public Map<Long, JobFile> files(Collection<Long> jobs) {
        return jobs.isEmpty()
                ? Map.of()
                : entries.entriesOf(Shop.ID, jobs).stream()
                        .collect(Collectors.groupingBy(
                                JournalMapper.EntryRow::job, Collectors.mapping(this::recorded, Collectors.toList())))
                        .entrySet()
                        .stream()
                        .collect(Collectors.toMap(
                                Map.Entry::getKey, job -> file(job.getKey(), JobState.fold(job.getValue()))));
    }

    @Transactional(readOnly = true)
    public JobFile file(long job) {
        List<Recorded> journal = journal(job);
        if (journal.isEmpty()) {
            throw new UnknownJob(job);
        }
        return file(job, JobState.fold(journal));
    }

    private JobFile file(long job, JobState state) {
        return file(job, state, clock.instant());
    }

    private JobFile file(long job, JobState state, Instant now) {
        return new JobFile(
                job,
                state,
                models.model(state.modelId(), state.modelSince()),
                limits.version(state.limitsVersion()),
                now);
    }

    /** As it stood when its newest entry was made: what lists show never depends on when they are written. */
    private JobFile asWritten(long job, List<Recorded> journal) {
        return file(job, JobState.fold(journal), journal.getLast().at());
    }

    /** Makes the lists anew of every job whose times follow the opening hours, after those have changed. */
    public void followTheHours() {
        projections.byTheClock().forEach(this::listAnew);
    }

    /** One job, while nobody writes in it; the others go on. */
    private void listAnew(long job) {
        transactions.executeWithoutResult(begun -> {
            if (entries.lockedSeq(Shop.ID, job).isPresent()) {
                List<Recorded> journal = journal(job);
                projections.put(asWritten(job, journal), journal);
            }
        });
    }

    public boolean isEmpty() {
        return entries.jobs(Shop.ID).isEmpty();
    }

    /** The same journals, written at another time: demo jobs have a past. */
    public JournalBook at(InstantSource other) {
        return new JournalBook(entries, projections, json, models, limits, gates, transactions, other);
    }

    /** Makes every list anew from the journals, job by job, while others write. */
    public int rebuild() {
        List<Long> jobs = entries.jobs(Shop.ID);
        projections.forgetStrays();
        jobs.forEach(this::listAnew);
        return jobs.size();
    }
}
