package glowkettle.app.join;

import glowkettle.app.sums.Calculator;
import glowkettle.app.sums.Calculators;
import glowkettle.join.JointHeat;
import glowkettle.join.LeadFinder;
import glowkettle.join.Splices;
import glowkettle.join.Strip;
import glowkettle.join.Transplant;
import glowkettle.join.WeldLadder;
import glowkettle.join.WireSize;
import java.util.List;
import org.springframework.stereotype.Component;

/** Which lead is which, and what joins hold, carry and need. */
@Component
class JoinCalculators implements Calculators {
    private static final String STAGE = "join";

    @Override
    public List<Calculator<?, ?>> calculators() {
        return List.of(
                new Calculator<>(
                                STAGE,
                                "lead-finder",
                                "Which lead is which, by the meter, and what to measure next",
                                LeadFinder.Request.class,
                                LeadFinder.class,
                                LeadFinder::find)
                        .drawnBy((asked, found, limits) ->
                                new Calculator.Drawn("join/leads", LeadsDrawing.of(asked, found))),
                new Calculator<>(
                                STAGE,
                                "splices",
                                "Where conductors are cut so that no two joints lie side by side",
                                Splices.Request.class,
                                Splices.class,
                                Splices::of)
                        .drawnBy((asked, answer, limits) ->
                                new Calculator.Drawn("join/splices", SplicesDrawing.of(asked, answer))),
                new Calculator<>(
                        STAGE,
                        "wire-size",
                        "How thick a wire has to be, and how hard its joint is pulled",
                        WireSize.Request.class,
                        WireSize.class,
                        WireSize::of),
                new Calculator<>(
                                STAGE,
                                "joint-heat",
                                "How long an iron may stand on a tag, and the pause before the next joint",
                                JointHeat.Request.class,
                                JointHeat.class,
                                JointHeat::of)
                        .plottedBy(JointChart::of),
                new Calculator<>(
                        STAGE,
                        "strip",
                        "What a strip carries, how warm it gets, and what it is made of",
                        Strip.Request.class,
                        Strip.class,
                        Strip::of),
                new Calculator<>(
                        STAGE,
                        "weld-ladder",
                        "The level to weld at, from trial welds and their pulls",
                        WeldLadder.Request.class,
                        WeldLadder.class,
                        WeldLadder::of),
                new Calculator<>(
                        STAGE,
                        "transplant",
                        "Whether a controller may go onto a new cell, and how long its tabs are",
                        Transplant.Request.class,
                        Transplant.class,
                        Transplant::of));
    }
}
