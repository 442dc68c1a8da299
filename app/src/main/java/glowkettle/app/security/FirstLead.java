package glowkettle.app.security;

import glowkettle.job.Role;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;

/** Outside the demo the first account is the lead's whose name and password were typed at the console; there is no default. */
@Component
@Order(3)
@ConditionalOnProperty(name = "glow-kettle.demo", havingValue = "false")
class FirstLead implements ApplicationRunner {
    private static final Logger LOG = LoggerFactory.getLogger(FirstLead.class);
    private static final int SHORTEST_PASSWORD = 10;

    private final Accounts accounts;
    private final String name;
    private final String password;

    FirstLead(
            Accounts accounts,
            @Value("${glow-kettle.first-lead:}") String name,
            @Value("${glow-kettle.first-password:}") String password) {
        this.accounts = accounts;
        this.name = name;
        this.password = password;
    }

    @Override
    public void run(ApplicationArguments arguments) {
        if (!accounts.isEmpty()) {
            return;
        }
        if (!name.matches("[a-z0-9][a-z0-9.-]{0,39}") || password.length() < SHORTEST_PASSWORD) {
            throw new IllegalStateException(
                    "There is no account yet. Start it with ./kettle start, which asks for the first lead's name and a password of at least "
                            + SHORTEST_PASSWORD + " characters.");
        }
        accounts.add(name, name, password, Role.LEAD);
        LOG.info("The first lead's account is made");
    }
}
