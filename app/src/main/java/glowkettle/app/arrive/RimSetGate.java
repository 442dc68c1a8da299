package glowkettle.app.arrive;

import glowkettle.app.format.Words;
import glowkettle.app.journal.Gate;
import glowkettle.app.shop.ShopBook;
import glowkettle.job.Admission;
import glowkettle.job.Entry;
import glowkettle.job.JobFile;
import glowkettle.job.Moment;
import glowkettle.job.arrive.ArriveEntry;
import glowkettle.job.wayback.Sealing;
import java.time.InstantSource;
import java.util.Optional;
import org.springframework.stereotype.Component;

/** A rim that has not set says nothing of the seal, whoever tests it. */
@Component
class RimSetGate implements Gate {
    private final ShopBook shop;
    private final InstantSource clock;

    RimSetGate(ShopBook shop, InstantSource clock) {
        this.shop = shop;
        this.clock = clock;
    }

    @Override
    public Optional<Admission.Refusal> refuse(JobFile job, Entry entry) {
        if (!(entry instanceof ArriveEntry.PressureHeld held) || held.moment() != Moment.AFTER) {
            return Optional.empty();
        }
        Words words = new Words(shop.zone(), clock.instant());
        return Sealing.of(job)
                .setAt()
                .filter(clock.instant()::isBefore)
                .flatMap(at -> Admission.no(
                        "", "The rim sets until %s; a test before that says nothing.".formatted(words.when(at))));
    }
}
