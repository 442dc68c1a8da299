package glowkettle.app.match;

import glowkettle.app.sums.Calculator;
import glowkettle.app.sums.Calculators;
import glowkettle.match.Grouping;
import glowkettle.match.Paralleling;
import glowkettle.match.Screening;
import java.util.List;
import org.springframework.stereotype.Component;

/** Which cells are fit, which go together, and what may be put in parallel. */
@Component
class MatchCalculators implements Calculators {
    private static final String STAGE = "match";

    @Override
    public List<Calculator<?, ?>> calculators() {
        return List.of(
                new Calculator<>(
                        STAGE,
                        "screening",
                        "Which cells of a box are fit for a pack, each reject with its rule",
                        Screening.Request.class,
                        Screening.class,
                        Screening::of),
                new Calculator<>(
                        STAGE,
                        "grouping",
                        "Which cells go together, so that the smallest group is the largest",
                        Grouping.Request.class,
                        Grouping.class,
                        Grouping::of),
                new Calculator<>(
                        STAGE,
                        "paralleling",
                        "What flows when cells are put in parallel, and which are brought nearer first",
                        Paralleling.Request.class,
                        Paralleling.class,
                        Paralleling::of));
    }
}
