package glowkettle.app.arrive;

import glowkettle.app.format.Words;
import glowkettle.app.journal.Gate;
import glowkettle.app.shop.ShopBook;
import glowkettle.job.Admission;
import glowkettle.job.Entry;
import glowkettle.job.JobFile;
import glowkettle.job.arrive.ArriveEntry;
import glowkettle.job.assess.Assessing;
import glowkettle.job.handback.EarliestReady;
import java.time.Instant;
import java.time.InstantSource;
import java.util.Optional;
import org.springframework.stereotype.Component;

/** A promise comes from the plan; earlier than the plan it is given with a reason only. */
@Component
class PromiseGate implements Gate {
    private final ShopBook shop;
    private final InstantSource clock;

    PromiseGate(ShopBook shop, InstantSource clock) {
        this.shop = shop;
        this.clock = clock;
    }

    @Override
    public Optional<Admission.Refusal> refuse(JobFile job, Entry entry) {
        return entry instanceof ArriveEntry.Promised promised && promised.reason() == null
                ? tooEarly(job, promised.promise()).map(words -> new Admission.Refusal("reason", words))
                : Optional.empty();
    }

    /** What the plan says against a promise; empty when it can be kept. */
    Optional<String> tooEarly(JobFile job, Instant promise) {
        if (Assessing.of(job).halted()) {
            return Optional.of(
                    "Its pack is isolated: nobody knows yet when it is ready, or whether; say why you promise it.");
        }
        Words words = new Words(shop.zone(), clock.instant());
        Optional<Instant> earliest = EarliestReady.of(job, clock.instant(), shop.hours());
        if (earliest.isEmpty()) {
            return Optional.of(
                    "The plan finds no place for its calibration in the opening hours; say why you promise it.");
        }
        return earliest.filter(promise::isBefore)
                .map(ready -> "By the plan it is ready %s at the earliest; say why you promise it before."
                        .formatted(words.when(ready)));
    }
}
