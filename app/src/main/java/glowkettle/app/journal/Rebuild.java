package glowkettle.app.journal;

import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;

/** Makes every list anew from the journals, says how many, and ends. */
@Component
@Order(9)
@ConditionalOnProperty("glow-kettle.rebuild")
class Rebuild implements ApplicationRunner {
    private static final Logger LOG = LoggerFactory.getLogger(Rebuild.class);

    private final Relisting relisting;
    private final ConfigurableApplicationContext context;

    Rebuild(Relisting relisting, ConfigurableApplicationContext context) {
        this.relisting = relisting;
        this.context = context;
    }

    @Override
    public void run(ApplicationArguments arguments) {
        LOG.info("{} jobs rebuilt from their journals", relisting.rebuild());
        SpringApplication.exit(context);
    }
}
