package glowkettle.app.open;

import glowkettle.app.library.TeardownGraph;
import glowkettle.app.sums.Calculator;
import glowkettle.app.sums.Calculators;
import glowkettle.library.Operation;
import glowkettle.open.HandOrder;
import glowkettle.open.Teardown;
import glowkettle.open.Tray;
import glowkettle.open.WayBack;
import java.util.Comparator;
import java.util.List;
import org.springframework.stereotype.Component;

/** Teardown, way back and tray from outside. */
@Component
class OpenCalculators implements Calculators {
    private static final String STAGE = "open";

    @Override
    public List<Calculator<?, ?>> calculators() {
        return List.of(
                new Calculator<>(
                                STAGE,
                                "teardown",
                                "The order of a teardown that costs least, proven",
                                Teardown.Request.class,
                                TeardownAnswer.class,
                                (request, limits) -> TeardownAnswer.of(Teardown.plan(request, limits)))
                        .drawnBy((request, plan, limits) -> drawn(request.operations(), plan.order())),
                new Calculator<>(
                                STAGE,
                                "hand-order",
                                "An order laid down by hand: what it breaks, and what it costs more",
                                HandOrder.Request.class,
                                HandOrderAnswer.class,
                                (request, limits) -> HandOrderAnswer.of(HandOrder.of(request, limits)))
                        .drawnBy((request, answer, limits) ->
                                drawn(request.teardown().operations(), answer.order())),
                new Calculator<>(
                        STAGE,
                        "way-back",
                        "The way back, mirrored and corrected, with its checks",
                        WayBack.Request.class,
                        WayBack.Plan.class,
                        WayBack::plan),
                new Calculator<>(
                                STAGE,
                                "tray",
                                "What is out, back and left of the fasteners, and what sits in the wrong hole",
                                Tray.Contents.class,
                                Tray.State.class,
                                Tray::judge)
                        .drawnBy((contents, state, limits) ->
                                new Calculator.Drawn("open/drawings", FaceView.of(contents, limits))));
    }

    /** Numbered as they come in the order; what is not in it comes last. */
    private static Calculator.Drawn drawn(List<Operation> operations, List<String> order) {
        List<Operation> numbered = operations.stream()
                .sorted(Comparator.comparingInt(operation ->
                        order.contains(operation.id()) ? order.indexOf(operation.id()) : operations.size()))
                .toList();
        return new Calculator.Drawn("library/graph", TeardownGraph.of(numbered));
    }
}
