package glowkettle.app.isolation;

import glowkettle.app.sums.Calculator;
import glowkettle.app.sums.Calculators;
import glowkettle.isolation.ContainerChoice;
import glowkettle.isolation.HandOver;
import java.util.List;
import org.springframework.stereotype.Component;

/** The choice of a container from outside. */
@Component
class IsolationCalculators implements Calculators {
    @Override
    public List<Calculator<?, ?>> calculators() {
        return List.of(
                new Calculator<>(
                        "isolation",
                        "hand-over",
                        "A list of packs for disposal, with totals and the usual guidance on their transport",
                        HandOver.Packs.class,
                        HandOver.class,
                        HandOver::of),
                new Calculator<>(
                        "isolation",
                        "container-choice",
                        "The container proposed for a pack, with every sum; none where none takes it",
                        StoreQuestion.class,
                        ContainerChoice.Container.class,
                        (question, limits) -> ContainerChoice.propose(question.containers(), question.pack(), limits)));
    }
}
