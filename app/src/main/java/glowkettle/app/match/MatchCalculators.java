package glowkettle.app.match;

import glowkettle.app.sums.Calculator;
import glowkettle.app.sums.Calculators;
import glowkettle.match.GroupVoltages;
import glowkettle.match.Grouping;
import glowkettle.match.Layout;
import glowkettle.match.Mending;
import glowkettle.match.OldPackDrawing;
import glowkettle.match.PackFigures;
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
                new Calculator<Screening.Request, Screening>(
                                STAGE,
                                "screening",
                                "Which cells of a box are fit for a pack, each reject with its rule",
                                Screening.Request.class,
                                Screening.class,
                                Screening::of)
                        .drawnBy((asked, answer, limits) -> CellPlot.of(asked.cells(), answer)
                                .map(plot -> new Calculator.Drawn("match/plot", plot))
                                .orElse(null)),
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
                        Paralleling::of),
                new Calculator<>(
                        STAGE,
                        "old-pack",
                        "Is a pack that was drawn whole: groups, polarity, sense leads",
                        OldPackDrawing.Request.class,
                        OldPackDrawing.class,
                        OldPackDrawing::of),
                new Calculator<>(
                        STAGE,
                        "pack-figures",
                        "What a pack of cells stores, loses at a load, and what its worst cell carries",
                        PackFigures.Request.class,
                        PackFigures.class,
                        PackFigures::of),
                new Calculator<Layout.Request, Layout>(
                                STAGE,
                                "layout",
                                "How a pack of round cells lies, its strips, its size and the order it is built in",
                                Layout.Request.class,
                                Layout.class,
                                Layout::of)
                        .drawnBy((asked, answer, limits) ->
                                new Calculator.Drawn("match/layout", BothEnds.of(asked, answer, limits))),
                new Calculator<>(
                        STAGE,
                        "group-voltages",
                        "Are the groups of a pack alike, and do they add up to it",
                        GroupVoltages.Request.class,
                        GroupVoltages.class,
                        GroupVoltages::of),
                new Calculator<>(
                        STAGE,
                        "mending",
                        "Which groups of a used pack get new cells, and what a mixed group would do",
                        Mending.Request.class,
                        Mending.class,
                        Mending::of));
    }
}
