package glowkettle.app.library;

import glowkettle.library.DeviceModel;
import glowkettle.library.Fastener;
import glowkettle.library.Operation;
import glowkettle.library.OperationKind;
import glowkettle.library.Side;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A model as it is drawn while it is changed, with what is wrong with it.
 *
 * @param drawn null where its text is no model at all
 * @param chosen the step whose fields are open
 */
public record DrawingView(
        List<ModelFile.Mistake> faults,
        @Nullable DeviceModel drawn,
        @Nullable TeardownGraph graph,
        @Nullable Operation chosen) {
    static DrawingView of(ModelFile.Read read, @Nullable String chosen) {
        DeviceModel drawn = read.model();
        return drawn == null
                ? new DrawingView(read.faults(), null, null, null)
                : new DrawingView(
                        read.faults(),
                        drawn,
                        TeardownGraph.of(drawn.operations()),
                        chosen == null ? null : drawn.operation(chosen).orElse(null));
    }

    public List<OperationKind> kinds() {
        return List.of(OperationKind.values());
    }

    public List<Side> sides() {
        return List.of(Side.values());
    }

    public List<Fastener.Seat> seats() {
        return List.of(Fastener.Seat.values());
    }
}
