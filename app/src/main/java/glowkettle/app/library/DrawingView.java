package glowkettle.app.library;

import glowkettle.library.DeviceModel;
import glowkettle.library.Operation;
import glowkettle.limits.ShopLimits;
import java.util.List;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/**
 * A model as it is drawn while it is changed, with what is wrong with it.
 *
 * @param drawn null where its text is no model at all
 * @param part what is open for change
 */
public record DrawingView(
        List<ModelFile.Mistake> faults,
        @Nullable DeviceModel drawn,
        @Nullable TeardownGraph graph,
        List<StackDrawing> stacks,
        @Nullable CurveDrawing curve,
        @Nullable ModelPart part) {
    static DrawingView of(ModelFile.Read read, String chosen, ShopLimits limits) {
        DeviceModel drawn = read.model();
        return drawn == null
                ? new DrawingView(read.faults(), null, null, List.of(), null, null)
                : new DrawingView(
                        read.faults(),
                        drawn,
                        TeardownGraph.of(drawn.anatomy().operations()),
                        StackDrawing.of(drawn.anatomy().bonds(), limits),
                        CurveDrawing.of(drawn, limits),
                        ModelPart.at(drawn, chosen).orElse(null));
    }

    /** The operation that is open for change. */
    public @Nullable Operation chosen() {
        if (drawn == null || part == null) {
            return null;
        }
        List<Operation> operations = drawn.anatomy().operations();
        return IntStream.range(0, operations.size())
                .filter(nth -> isOpen("operations[" + nth + "]"))
                .mapToObj(operations::get)
                .findFirst()
                .orElse(null);
    }

    public boolean isOpen(String path) {
        return part != null && part.path().equals(path);
    }
}
