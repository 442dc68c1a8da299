package glowkettle.open;

import glowkettle.library.Operation;
import glowkettle.library.OperationKind;
import glowkettle.library.Side;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import org.jspecify.annotations.Nullable;

/** Random teardowns with a fixed seed: layered, with several tools, both sides, and work inside before the disconnect. */
public final class GeneratedModels {
    private GeneratedModels() {}

    static Operation operation(
            String id,
            OperationKind kind,
            String minutes,
            @Nullable String tool,
            @Nullable Side side,
            boolean inside,
            List<String> after) {
        return new Operation(
                id,
                kind,
                id,
                new BigDecimal(minutes),
                new Operation.Handling(tool, side, inside, null, null),
                new Operation.Order(after, null),
                new Operation.Care(List.of(), null),
                null);
    }

    public static Teardown.Request random(long seed, int size, int tools) {
        SplittableRandom random = new SplittableRandom(seed);
        List<Operation> operations = new ArrayList<>();
        int disconnect = size / 2 + random.nextInt(size / 4 + 1);
        for (int i = 0; i < size; i++) {
            List<String> after = new ArrayList<>();
            int prerequisites = i == 0 ? 0 : random.nextInt(3);
            for (int k = 0; k < prerequisites; k++) {
                String earlier = "op" + Math.max(0, i - 1 - random.nextInt(Math.min(i, 12)));
                if (!after.contains(earlier)) {
                    after.add(earlier);
                }
            }
            int tool = random.nextInt(tools + 1);
            int side = random.nextInt(3);
            operations.add(operation(
                    "op" + i,
                    i == disconnect ? OperationKind.DISCONNECT_PACK : OperationKind.LIFT_PART,
                    (1 + random.nextInt(30)) / 10 + "." + random.nextInt(10),
                    tool == 0 ? null : "tool " + tool,
                    side == 0 ? null : Side.values()[side - 1],
                    i > size / 3 && random.nextInt(3) > 0,
                    after));
        }
        List<String> targets = operations.stream().map(Operation::id).toList();
        return new Teardown.Request(operations, targets, null);
    }

    /** The same teardown of a device whose pack is let go by lifting it out. */
    static Teardown.Request docked(Teardown.Request request) {
        List<Operation> operations = request.operations().stream()
                .map(op -> op.kind().disconnects()
                        ? operation(
                                op.id(),
                                OperationKind.LIFT_DOCKED_PACK_OUT,
                                op.minutes().toPlainString(),
                                op.handling().tool(),
                                op.handling().side(),
                                true,
                                op.order().after())
                        : op)
                .toList();
        return new Teardown.Request(operations, request.targets(), request.skill());
    }
}
