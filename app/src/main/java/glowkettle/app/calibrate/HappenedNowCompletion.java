package glowkettle.app.calibrate;

import glowkettle.app.desk.Completion;
import glowkettle.app.desk.Typed;
import glowkettle.app.format.Words;
import glowkettle.app.shop.ShopBook;
import glowkettle.job.Entry;
import glowkettle.job.JobFile;
import glowkettle.job.calibrate.CalibrateEntry;
import java.time.InstantSource;
import java.util.Map;
import org.springframework.stereotype.Component;

/** Where nobody says when, it happened now. */
@Component
class HappenedNowCompletion implements Completion {
    private final ShopBook shop;
    private final InstantSource clock;

    HappenedNowCompletion(ShopBook shop, InstantSource clock) {
        this.shop = shop;
        this.clock = clock;
    }

    @Override
    public Class<? extends Entry> completes() {
        return CalibrateEntry.CycleEvent.class;
    }

    @Override
    public void complete(JobFile job, Map<String, String[]> typed) {
        if (Typed.isBlank(typed.get("happened"))) {
            typed.put("happened", new String[] {new Words(shop.zone(), clock.instant()).field(clock.instant())});
        }
    }
}
