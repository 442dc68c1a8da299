package glowkettle.app.journal;

import glowkettle.app.shop.Shop;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;

/** After an update that makes the lists differently, makes them anew before anybody reads one. */
@Component
@Order(2)
class UpToDate implements ApplicationRunner {
    private static final Logger LOG = LoggerFactory.getLogger(UpToDate.class);
    /** Counted up whenever a list is made in another way. */
    private static final int VERSION = 8;

    private final ListsVersionMapper rows;
    private final Relisting relisting;

    UpToDate(ListsVersionMapper rows, Relisting relisting) {
        this.rows = rows;
        this.relisting = relisting;
    }

    @Override
    public void run(ApplicationArguments arguments) {
        if (rows.version(Shop.ID).filter(version -> version == VERSION).isPresent()) {
            return;
        }
        int jobs = relisting.rebuild();
        rows.putVersion(Shop.ID, VERSION);
        if (jobs > 0) {
            LOG.info("{} jobs' lists made anew for this version", jobs);
        }
    }
}
