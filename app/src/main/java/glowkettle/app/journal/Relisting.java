package glowkettle.app.journal;

import glowkettle.app.shop.Shop;
import java.util.List;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionTemplate;

/** Makes the lists anew that pages read: projections of the journals, which can be thrown away at any time. */
@Service
public class Relisting {
    private final JournalMapper entries;
    private final Journals journals;
    private final Lists lists;
    private final JobReader jobs;
    private final TransactionTemplate transactions;

    Relisting(JournalMapper entries, Journals journals, Lists lists, JobReader jobs, TransactionTemplate transactions) {
        this.entries = entries;
        this.journals = journals;
        this.lists = lists;
        this.jobs = jobs;
        this.transactions = transactions;
    }

    /** Makes the lists anew of every job whose times follow the opening hours, after those have changed. */
    public void followTheHours() {
        lists.byTheClock().forEach(this::listAnew);
    }

    /** Makes the lists of one job anew, while nobody writes in it; the others go on. */
    public void listAnew(long job) {
        transactions.executeWithoutResult(begun -> {
            if (entries.lockedSeq(Shop.ID, job).isPresent()) {
                lists.write(jobs.asWritten(job, journals.of(job)));
            }
        });
    }

    /** Makes every list anew from the journals, job by job, while others write. */
    public int rebuild() {
        List<Long> numbers = entries.jobs(Shop.ID);
        lists.forgetStrays();
        numbers.forEach(this::listAnew);
        return numbers.size();
    }
}
