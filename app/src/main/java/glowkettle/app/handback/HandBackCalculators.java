package glowkettle.app.handback;

import glowkettle.app.sums.Calculator;
import glowkettle.app.sums.Calculators;
import glowkettle.handback.Lot;
import glowkettle.handback.ModelMinutes;
import java.util.List;
import org.springframework.stereotype.Component;

/** What the shop learns, from outside. */
@Component
class HandBackCalculators implements Calculators {
    private static final String STAGE = "handback";

    @Override
    public List<Calculator<?, ?>> calculators() {
        return List.of(
                new Calculator<>(
                        STAGE,
                        "lot",
                        "How many packs of a lot met their label, with the range of that share",
                        Lot.Request.class,
                        Lot.class,
                        Lot::of),
                new Calculator<>(
                        STAGE,
                        "model-minutes",
                        "What the steps of a model really take, and from when on that counts",
                        ModelMinutes.Request.class,
                        ModelMinutes.class,
                        ModelMinutes::of));
    }
}
