package glowkettle.app.demo;

import glowkettle.app.journal.JournalBook;
import glowkettle.app.security.Accounts;
import glowkettle.journal.Role;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;

/** Fills an empty database with the ferry line's people and jobs. Only a demo has accounts with a known password. */
@Component
@Order(2)
@ConditionalOnProperty("glow-kettle.demo")
class DemoShop implements ApplicationRunner {
    private static final String PASSWORD = "quayside";

    private final Accounts accounts;
    private final JournalBook journal;
    private final DemoJobs jobs;

    DemoShop(Accounts accounts, JournalBook journal, DemoJobs jobs) {
        this.accounts = accounts;
        this.journal = journal;
        this.jobs = jobs;
    }

    @Override
    public void run(ApplicationArguments arguments) {
        if (!accounts.isEmpty()) {
            return;
        }
        if (journal.isEmpty()) {
            jobs.play();
        }
        // Accounts come last: a first start that was killed half-way is told by their absence.
        accounts.add("lead", "Lead of the equipment room", PASSWORD, Role.LEAD);
        accounts.add("technician", "Technician at the bench", PASSWORD, Role.TECHNICIAN);
        accounts.add("trainee", "Trainee", PASSWORD, Role.TRAINEE);
    }
}
