package glowkettle.open;

import glowkettle.library.Operation;
import glowkettle.library.OperationKind;
import glowkettle.library.Side;
import glowkettle.limits.Limit;
import glowkettle.limits.ShopLimits;
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
    private final Set<String> checked = new HashSet<>();
    private @Nullable String held;
    private @Nullable Side up;
    private BigDecimal minutes = BigDecimal.ZERO;
    private int bitChanges;
    private int flips;
    private boolean connected;
    private final @Nullable Refit refit;
    private final ShopLimits limits;
    private boolean liveChecked;
    private boolean lookedAround;
    private boolean laid;

    BackSteps(PlanCosts costs, @Nullable Side carried, @Nullable Refit refit, ShopLimits limits) {
        this.costs = costs;
        this.up = carried;
        this.refit = refit;
        this.limits = limits;
    }

    WayBack.Plan walk(List<Operation> back) {
        for (Operation operation : back) {
            if (!goesBack(operation)) {
                continue;
            }
            beforeThePack(operation);
            // Whatever can be tried is tried before glue.
            if (connected && operation.kind().closes()) {
                beforeClosing();
            }
            adhesiveUnder(operation, back);
            Operation.Return way = operation.back();
            checkBefore(operation);
            // What is glued is pressed once, by its clock.
            if (isGluedPack(operation) || isRim(operation)) {
                minutes = minutes.add(backMinutes(operation));
            } else {
                step(operation, way);
            }
            if (operation.kind().disconnects()) {
                connected = true;
            }
            afterwards(operation);
            if (operation.kind() == OperationKind.DISCONNECT_PACK) {
                beforeClosing();
            }
            if (way != null && way.checkAfter() != null) {
                check("after-" + operation.id(), way.checkAfter());
            }
        }
        if (connected) {
            beforeClosing();
            liveCheck();
        }
        BigDecimal cost = minutes.add(costs.bitMinutes().multiply(BigDecimal.valueOf(bitChanges)))
                .add(costs.flipMinutes().multiply(BigDecimal.valueOf(flips)));
        return new WayBack.Plan(List.copyOf(steps), minutes, bitChanges, flips, cost);
    }

    /** New adhesive goes on before the part that it holds is laid; pressing comes after. */
    private void adhesiveUnder(Operation part, List<Operation> back) {
        for (Operation glued : back) {
            boolean holdsIt =
                    glued == part || part.waitsFor(glued) && part.kind().isThePartItself();
            if (holdsIt && glued.back() != null && glued.back().adhesive() != null && adhered.add(glued.id())) {
                plugTried(glued);
                checkBefore(glued);
                steps.add(new WayBack.Step(
                        WayBack.ADHESIVE + glued.id(),
                        false,
                        glued.back().adhesive(),
                        new WayBack.Hold(null, glued.handling().side(), false, false),
                        BigDecimal.ZERO,
                        liners(glued),
                        null));
            }
        }
    }

    /** What a model asks before a step, once; of a glued pack that is its plug, and asked by itself. */
    private void checkBefore(Operation operation) {
        Operation.Return way = operation.back();
        if (way != null && way.checkBefore() != null && !isGluedPack(operation) && checked.add(operation.id())) {
            check("before-" + operation.id(), way.checkBefore());
        }
    }

    private boolean isGluedPack(Operation operation) {
        return refit != null && operation.id().equals(refit.gluedPack());
    }

    /** Before the glue: once it lies, nothing is tried any more. */
    private void plugTried(Operation glued) {
        if (refit != null && refit.pluggedPack() && isGluedPack(glued) && checked.add(WayBack.PLUG_TRIED)) {
            check(
                    WayBack.PLUG_TRIED,
                    "Try its plug in the socket, then take it off again",
                    List.of("It reaches without pulling. It goes on last, when all other plugs are in."),
                    null);
        }
    }

    private List<String> liners(Operation glued) {
        String clean = "Solvent on the cloth, not in the well; dry before the new adhesive.";
        if (refit == null) {
            return List.of(clean);
        }
        return List.of(
                clean,
                isRim(glued)
                        ? "Align the frame dry; then its liners in order, the face to the shell first."
                        : "Liners in order: the face that goes onto the well first.");
    }

    private boolean isRim(Operation operation) {
        return refit != null && refit.rims().contains(operation.id());
    }

    /** Whatever has to be true before the pack lies in its well, once. */
    private void beforeThePack(Operation operation) {
        if (refit != null && operation.kind().laysThePack() && !laid) {
            laid = true;
            if (!refit.beforeLaying().isEmpty()) {
                check(WayBack.NEW_PACK, "Is all of this done before the pack is laid in?", refit.beforeLaying(), null);
            }
        }
    }

    /** A glued pack is pressed, once; a rim is pressed along its whole length. */
    private void afterwards(Operation operation) {
        if (refit == null) {
            return;
        }
        if (isGluedPack(operation)) {
            plugTried(operation);
            check(
                    WayBack.PACK_PRESSED,
                    "Press the pack down flat, the whole of it",
                    List.of("Not in the middle only.", "Never press to make a swollen pack fit."),
                    limits.of(Limit.PACK_PRESS_S));
        }
        if (isRim(operation)) {
            check(
                    WayBack.RIM + operation.id(),
                    operation.back() != null && operation.back().label() != null
                            ? operation.back().label()
                            : "Press the seal along the whole rim, with clamps",
                    List.of("With clamps, evenly, corners too; never over the pack."),
                    limits.of(Limit.RIM_PRESS_S));
        }
    }

    /** Cables, dust and cameras first; then whether it lives, where that is not left until it is closed. */
    private void beforeClosing() {
        if (refit != null && !lookedAround) {
            lookedAround = true;
            check(WayBack.BEFORE_CLOSING, "Look around inside before anything is closed", refit.beforeClosing(), null);
        }
        if (refit == null || !refit.liveCheckLast()) {
            liveCheck();
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
                    refit != null && refit.liveCheckLast()
                            ? "Live check, now that it is closed: plug a charger in, or press the button, and look."
                            : "Live check before anything is closed: plug a charger in, or press the button, and look.");
        }
    }

    private void check(String id, String label) {
        check(id, label, List.of(), null);
    }

    private void check(String id, String label, List<String> points, @Nullable BigDecimal pressS) {
        steps.add(new WayBack.Step(id, true, label, WayBack.Hold.EMPTY, BigDecimal.ZERO, points, pressS));
    }

    private void step(Operation operation, Operation.@Nullable Return way) {
        String tool = way != null && way.tool() != null
                ? way.tool()
                : operation.handling().tool();
        boolean bitChange = held != null && tool != null && !tool.equals(held);
        boolean flip = up != null
                && operation.handling().side() != null
                && operation.handling().side() != up;
        BigDecimal own = backMinutes(operation);
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
                reminders(operation, way),
                null));
    }

    private static BigDecimal backMinutes(Operation operation) {
        Operation.Return way = operation.back();
        return way != null && way.minutes() != null ? way.minutes() : operation.minutes();
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
