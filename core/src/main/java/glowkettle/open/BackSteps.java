package glowkettle.open;

import glowkettle.library.Operation;
import glowkettle.library.OperationKind;
import glowkettle.library.Side;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** Walks the corrected way back, puts the checks in their places and counts bits and flips with an empty hand. */
final class BackSteps {
    private final PlanCosts costs;
    private final List<WayBack.Step> steps = new ArrayList<>();
    private final Set<String> adhered = new HashSet<>();
    private @Nullable String held;
    private @Nullable Side up;
    private BigDecimal minutes = BigDecimal.ZERO;
    private int bitChanges;
    private int flips;
    private boolean connected;
    private boolean liveChecked;

    BackSteps(PlanCosts costs, @Nullable Side carried) {
        this.costs = costs;
        this.up = carried;
    }

    WayBack.Plan walk(List<Operation> back) {
        for (Operation operation : back) {
            if (!goesBack(operation)) {
                continue;
            }
            adhesiveUnder(operation, back);
            if (connected && operation.kind().closes()) {
                liveCheck();
            }
            Operation.Return way = operation.back();
            if (way != null && way.checkBefore() != null) {
                check("before-" + operation.id(), way.checkBefore());
            }
            step(operation, way);
            if (operation.kind().disconnects()) {
                connected = true;
            }
            if (operation.kind() == OperationKind.DISCONNECT_PACK) {
                liveCheck();
            }
            if (way != null && way.checkAfter() != null) {
                check("after-" + operation.id(), way.checkAfter());
            }
        }
        if (connected) {
            liveCheck();
        }
        BigDecimal cost = minutes.add(costs.bitMinutes().multiply(BigDecimal.valueOf(bitChanges)))
                .add(costs.flipMinutes().multiply(BigDecimal.valueOf(flips)));
        return new WayBack.Plan(List.copyOf(steps), minutes, bitChanges, flips, cost);
    }

    /** New adhesive goes on before the part that it holds is laid; pressing comes after. */
    private void adhesiveUnder(Operation part, List<Operation> back) {
        for (Operation glued : back) {
            boolean holdsIt = glued == part || part.waitsFor(glued);
            if (holdsIt && glued.back() != null && glued.back().adhesive() != null && adhered.add(glued.id())) {
                steps.add(new WayBack.Step(
                        WayBack.ADHESIVE + glued.id(),
                        false,
                        glued.back().adhesive(),
                        new WayBack.Hold(null, glued.handling().side(), false, false),
                        BigDecimal.ZERO,
                        List.of("Solvent on the cloth, not in the well; dry before the new adhesive.")));
            }
        }
    }

    private static boolean goesBack(Operation operation) {
        return operation.goesBack() && operation.kind() != OperationKind.POWER_OFF;
    }

    private void liveCheck() {
        if (!liveChecked) {
            liveChecked = true;
            check(
                    WayBack.LIVE_CHECK,
                    "Live check before anything is closed: plug a charger in, or press the button, and look.");
        }
    }

    private void check(String id, String label) {
        steps.add(new WayBack.Step(id, true, label, WayBack.Hold.EMPTY, BigDecimal.ZERO, List.of()));
    }

    private void step(Operation operation, Operation.@Nullable Return way) {
        String tool = way != null && way.tool() != null
                ? way.tool()
                : operation.handling().tool();
        boolean bitChange = held != null && tool != null && !tool.equals(held);
        boolean flip = up != null
                && operation.handling().side() != null
                && operation.handling().side() != up;
        BigDecimal own = way != null && way.minutes() != null ? way.minutes() : operation.minutes();
        held = tool == null ? held : tool;
        up = operation.handling().side() == null ? up : operation.handling().side();
        minutes = minutes.add(own);
        bitChanges += bitChange ? 1 : 0;
        flips += flip ? 1 : 0;
        steps.add(new WayBack.Step(
                operation.id(),
                false,
                label(operation, way),
                new WayBack.Hold(tool, operation.handling().side(), bitChange, flip),
                own,
                reminders(operation, way)));
    }

    private static String label(Operation operation, Operation.@Nullable Return way) {
        if (way != null && way.label() != null) {
            return way.label();
        }
        String verb = switch (operation.kind()) {
            case POWER_OFF -> "Switch on";
            case TAKE_OUT_CARD -> "Put back in";
            case LIFT_FOOT_OR_LABEL -> "Lay down again";
            case LOOSEN_FASTENERS -> "Start by hand, then tighten";
            case CLIP_RUN -> "Press the clips home";
            case PULL_SUCTION -> "Press down";
            case CUT_ADHESIVE -> "Clean, lay new adhesive and press";
            case UNLATCH_CONNECTOR -> "Plug in and latch";
            case PEEL_TAPE -> "Tape down as it was";
            case MOVE_CABLE -> "Lay the cable back in its place";
            case LIFT_PART -> "Put back on";
            case DISCONNECT_PACK -> "Connect the new pack";
            case FREE_PACK -> "Fix the new pack";
            case LIFT_PACK_OUT, LIFT_DOCKED_PACK_OUT -> "Lay the new pack in";
        };
        return verb + ": " + operation.label();
    }

    private static List<String> reminders(Operation operation, Operation.@Nullable Return way) {
        List<String> reminders = new ArrayList<>(way == null ? List.of() : way.reminders());
        switch (operation.kind()) {
            case DISCONNECT_PACK -> reminders.add("Last of all plugs: line it up, push it in evenly, no rocking.");
            case LOOSEN_FASTENERS -> reminders.add("Start all by hand, then snug in the numbered order, hand-tight.");
            case LIFT_PACK_OUT, LIFT_DOCKED_PACK_OUT ->
                reminders.add("Nothing under it, nothing pinched; never press to make it fit.");
            default -> {}
        }
        return reminders;
    }
}
