package glowkettle.open;

import glowkettle.finding.Finding;
import glowkettle.finding.Flat;
import glowkettle.finding.Result;
import glowkettle.finding.Says;
import glowkettle.finding.Unanswerable;
import glowkettle.finding.Working;
import glowkettle.library.Operation;
import glowkettle.library.OperationKind;
import glowkettle.library.Side;
import glowkettle.limits.Remembered;
import glowkettle.limits.ShopLimits;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * The way back: the plan mirrored, then corrected. The pack's plug goes in last of all plugs that can be reached with it,
 * just before the live check; the live check comes before anything that hides the inside; a model's own checks come
 * before what they would be hidden by. Source: handbook, Open and Fit.
 */
public final class WayBack {
    private WayBack() {}

    /** Operations as the model lists them, and the ids in the order they were done. */
    public record Request(
            List<Operation> operations,

            @Says(value = "Ids in the order they were done", longest = 40)
            List<String> order,

            @Nullable Refit refit) {
        public Request(List<Operation> operations, List<String> order) {
            this(operations, order, null);
        }

        public Request {
            operations = List.copyOf(operations);
            order = List.copyOf(order);
        }
    }

    /** One step back: an operation reversed, or a check put between. */
    public record Step(
            String id,
            boolean check,
            String label,
            @Flat Hold hold,
            BigDecimal minutes,
            List<String> reminders,

            @Says("Pressed for") @Nullable BigDecimal pressS) {}

    /** What is in the hand, which face lies up, and what of it changes with this step. */
    public record Hold(@Nullable String tool, @Nullable Side side, boolean bitChange, boolean flip) {
        static final Hold EMPTY = new Hold(null, null, false, false);
    }

    /** The steps back with what they cost; not part of what the plan minimises. */
    public record Plan(List<Step> steps, BigDecimal minutes, int bitChanges, int flips, BigDecimal costMinutes) {}

    public static final String LIVE_CHECK = "live-check";

    /** Everything there, films off, before the pack is laid in. */
    public static final String NEW_PACK = "before-the-pack";

    /** A plug that is tried in its socket before its pack is pressed down. */
    public static final String PLUG_TRIED = "plug-tried";

    public static final String PACK_PRESSED = "pack-pressed";

    /** Cables, dust, cameras, before anything is hidden. */
    public static final String BEFORE_CLOSING = "before-closing";

    /** Before the id of what glues a rim: it is pressed. */
    public static final String RIM = "rim-pressed-";

    /** Before the id of what was glued: its new adhesive. */
    public static final String ADHESIVE = "adhesive-";

    private static final Remembered<Request, Result<Plan>> PLANS = new Remembered<>(400, WayBack::mirrored);

    public static Result<Plan> plan(Request request, ShopLimits limits) {
        return PLANS.of(request, limits);
    }

    private static Result<Plan> mirrored(Request request, ShopLimits limits) {
        List<Operation> done = new ArrayList<>();
        for (String id : request.order()) {
            done.add(request.operations().stream()
                    .filter(operation -> operation.id().equals(id))
                    .findFirst()
                    .orElseThrow(() -> new Unanswerable("order", "'%s' is no operation of this model".formatted(id))));
        }
        if (Set.copyOf(request.order()).size() != done.size()) {
            throw new Unanswerable("order", "An operation is named twice");
        }
        List<Operation> back = mirroredAndCorrected(done);
        @Nullable
        Side carried = done.reversed().stream()
                .map(operation -> operation.handling().side())
                .filter(java.util.Objects::nonNull)
                .findFirst()
                .orElse(null);
        Plan plan = new BackSteps(PlanCosts.of(limits), carried, request.refit(), limits).walk(back);
        return new Result<>(
                plan,
                List.of(Finding.note(
                        "live-check", "The live check stands before the first thing that hides the inside.")),
                Working.of("%s min of work, %s bit changes, %s flips = %s min"
                        .formatted(plan.minutes(), plan.bitChanges(), plan.flips(), plan.costMinutes())));
    }

    private static List<Operation> mirroredAndCorrected(List<Operation> done) {
        Map<Operation, Set<Operation>> before = mirroredEdges(done);
        done.stream()
                .filter(operation -> operation.kind() == OperationKind.DISCONNECT_PACK)
                .findFirst()
                .ifPresent(disconnect -> letPlugsGoFirst(done, disconnect, before));
        List<Operation> order = new ArrayList<>();
        List<Operation> left = new ArrayList<>(done.reversed());
        while (!left.isEmpty()) {
            Operation next = left.stream()
                    .filter(operation -> order.containsAll(before.getOrDefault(operation, Set.of())))
                    .findFirst()
                    .orElseThrow(() -> new Unanswerable("operations", "The way back runs in a circle"));
            order.add(next);
            left.remove(next);
        }
        return order;
    }

    /** For each operation, what must be back before it. */
    private static Map<Operation, Set<Operation>> mirroredEdges(List<Operation> done) {
        Map<Operation, Set<Operation>> before = new HashMap<>();
        for (Operation later : done) {
            for (Operation earlier : done) {
                if (later.waitsFor(earlier)) {
                    before.computeIfAbsent(earlier, key -> new LinkedHashSet<>())
                            .add(later);
                }
            }
        }
        return before;
    }

    private static void letPlugsGoFirst(
            List<Operation> done, Operation disconnect, Map<Operation, Set<Operation>> before) {
        Set<Operation> early = new LinkedHashSet<>();
        for (Operation plug : done) {
            Set<Operation> between = between(done, plug, disconnect);
            if (plug.kind().plugs()
                    && between.contains(plug)
                    && between.stream().noneMatch(WayBack::hides)) {
                early.addAll(between);
            }
        }
        for (Operation operation : early) {
            before.getOrDefault(operation, new LinkedHashSet<>()).remove(disconnect);
            before.computeIfAbsent(disconnect, key -> new LinkedHashSet<>()).add(operation);
        }
    }

    private static boolean hides(Operation operation) {
        return operation.kind().closes();
    }

    /** Everything on a path from one operation to the disconnect, itself included; empty when there is no path. */
    private static Set<Operation> between(List<Operation> done, Operation from, Operation disconnect) {
        Set<Operation> after = new LinkedHashSet<>(Set.of(from));
        boolean grown = true;
        while (grown) {
            grown = done.stream()
                    .filter(operation -> after.stream().anyMatch(earlier -> operation.waitsFor(earlier)))
                    .map(after::add)
                    .reduce(false, Boolean::logicalOr);
        }
        Set<Operation> towards = new LinkedHashSet<>(Set.of(disconnect));
        grown = true;
        while (grown) {
            grown = done.stream()
                    .filter(operation -> towards.stream().anyMatch(later -> later.waitsFor(operation)))
                    .map(towards::add)
                    .reduce(false, Boolean::logicalOr);
        }
        if (!after.contains(disconnect)) {
            return Set.of();
        }
        return after.stream()
                .filter(operation -> towards.contains(operation) && operation != disconnect)
                .collect(Collectors.toCollection(LinkedHashSet::new));
    }
}
