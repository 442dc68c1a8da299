package glowkettle.app.assess;

import glowkettle.app.binding.FilledForm;
import glowkettle.app.desk.StagePage;
import glowkettle.app.isolation.Containers;
import glowkettle.app.shop.ShopBook;
import glowkettle.job.JobFile;
import glowkettle.job.Stage;
import glowkettle.job.assess.AssessChapter;
import java.math.BigDecimal;
import java.time.Instant;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** The readings taken so far and the forms for the next ones; in an isolated job the isolation sheet stands first. */
@Component
class AssessPage implements StagePage<AssessView> {
    private final Containers containers;
    private final ShopBook shop;
    private final ShopAir air;

    AssessPage(Containers containers, ShopBook shop, ShopAir air) {
        this.containers = containers;
        this.shop = shop;
        this.air = air;
    }

    @Override
    public Stage stage() {
        return AssessChapter.STAGE;
    }

    @Override
    public AssessView view(JobFile job, FilledForm filled, Instant now) {
        return AssessView.of(job, now, containers, shop.zone(), airC(job));
    }

    /** The air as it was read last, for this device or for another one today. */
    private @Nullable BigDecimal airC(JobFile job) {
        return job.lastAmbientC() != null ? job.lastAmbientC() : air.today(shop.zone());
    }
}
