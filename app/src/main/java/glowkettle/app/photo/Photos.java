package glowkettle.app.photo;

import glowkettle.app.journal.Appended;
import glowkettle.app.journal.Draft;
import glowkettle.app.journal.JobReader;
import glowkettle.app.journal.JournalBook;
import glowkettle.app.request.SecretToken;
import glowkettle.app.shop.Shop;
import glowkettle.job.Entry;
import glowkettle.job.Role;
import glowkettle.job.photo.PhotoEntry;
import java.time.Duration;
import java.time.InstantSource;
import java.time.temporal.ChronoUnit;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.interceptor.TransactionAspectSupport;

/** Photos beside the journals that name them. */
@Service
class Photos {
    private static final Duration PASS_HOLDS = Duration.ofMinutes(30);
    private static final int SECRET_BYTES = 24;

    private final PhotoMapper rows;
    private final JobReader jobs;
    private final JournalBook journal;
    private final InstantSource clock;

    Photos(PhotoMapper rows, JobReader jobs, JournalBook journal, InstantSource clock) {
        this.rows = rows;
        this.jobs = jobs;
        this.journal = journal;
        this.clock = clock;
    }

    /** A photo as it was sent, and by whom. */
    record Sent(
            long job,
            Picture picture,
            @Nullable String step,
            @Nullable String caption,
            UUID formId,
            String by) {}

    /** Keeps a photo under the id of the form that brought it, so that sending it twice keeps one. */
    @Transactional
    public Appended take(Sent sent, Role role) {
        rows.put(
                Shop.ID,
                new PhotoMapper.PhotoRow(
                        sent.formId().toString(),
                        sent.job(),
                        clock.instant().truncatedTo(ChronoUnit.MILLIS),
                        sent.by(),
                        Picture.TYPE,
                        sent.picture().width(),
                        sent.picture().height(),
                        sent.picture().jpeg()));
        return write(
                sent.job(),
                new PhotoEntry.PhotoTaken(sent.formId().toString(), sent.step(), sent.caption()),
                sent.formId(),
                sent.by(),
                role);
    }

    /** Removes the picture for good; that it was there, and why it went, stays in the journal. */
    @Transactional
    public Appended remove(long job, PhotoEntry.PhotoRemoved removed, UUID formId, String by, Role role) {
        Appended appended = write(job, removed, formId, by, role);
        if (appended instanceof Appended.Written) {
            rows.forget(Shop.ID, job, removed.photo());
        }
        return appended;
    }

    private Appended write(long job, Entry entry, UUID formId, String by, Role role) {
        Appended appended = journal.append(job, new Draft(entry, formId, Draft.UNSEEN, null, by, role));
        if (!(appended instanceof Appended.Written)) {
            TransactionAspectSupport.currentTransactionStatus().setRollbackOnly();
        }
        return appended;
    }

    Optional<PhotoMapper.PhotoRow> photo(String id) {
        return id.matches("[0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12}") ? rows.photo(Shop.ID, id) : Optional.empty();
    }

    /**
     * Lets one telephone add photos to one job without a sign-in of its own: for half an hour, and no longer than whoever
     * lets it in is signed in.
     */
    @Transactional
    public PhotoMapper.PassRow pass(long job, @Nullable String step, String by, String session) {
        PhotoMapper.PassRow pass = new PhotoMapper.PassRow(
                SecretToken.fresh(SECRET_BYTES),
                jobs.file(job).number(),
                step,
                by,
                clock.instant().plus(PASS_HOLDS).truncatedTo(ChronoUnit.MILLIS),
                session);
        rows.forgetPasses(Shop.ID, clock.instant());
        rows.putPass(Shop.ID, pass);
        return pass;
    }

    Optional<PhotoMapper.PassRow> pass(String secret) {
        return rows.pass(Shop.ID, secret, System.currentTimeMillis())
                .filter(pass -> pass.until().isAfter(clock.instant()));
    }
}
