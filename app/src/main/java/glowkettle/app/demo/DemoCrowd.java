package glowkettle.app.demo;

import glowkettle.app.journal.Relisting;
import glowkettle.app.shop.Shop;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** As many open jobs as are asked for, copied from the demo's own, so that pages can be measured under a full shop. */
@Component
@Order(4)
@ConditionalOnProperty("glow-kettle.demo-jobs")
class DemoCrowd implements ApplicationRunner {
    private static final int ORIGINALS = 10;
    private static final long FIRST = 1_001;

    private final CrowdMapper rows;
    private final Relisting relisting;
    private final int jobs;

    DemoCrowd(CrowdMapper rows, Relisting relisting, @Value("${glow-kettle.demo-jobs}") int jobs) {
        this.rows = rows;
        this.relisting = relisting;
        this.jobs = jobs;
    }

    @Override
    @Transactional
    public void run(ApplicationArguments arguments) {
        rows.copy(Shop.ID, FIRST, ORIGINALS, Math.ceilDiv(jobs, ORIGINALS));
        rows.heads(Shop.ID, FIRST);
        rows.countOn(Shop.ID);
        rows.numbers(Shop.ID, FIRST).forEach(relisting::listAnew);
    }
}
