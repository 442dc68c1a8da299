package glowkettle.app.open;

import glowkettle.open.TeardownPlan;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;

/** The teardown as a ribbon: one block a step, as wide as its minutes, with tool changes, flips and the live stretch. */
public record Ribbon(List<Block> blocks, double width) {
    private static final double PER_MINUTE = 34;
    private static final double LEAST = 26;
    private static final double GAP = 4;

    /** A step on the ribbon, in drawing units. */
    public record Block(
            int number, double x, double width, String state, boolean bitChange, boolean flip, boolean live) {
        public double middle() {
            return x + width / 2;
        }
    }

    public static Ribbon of(TeardownPlan plan, Set<String> done) {
        List<Block> blocks = new ArrayList<>();
        double x = 0;
        boolean currentFound = false;
        for (TeardownPlan.Step step : plan.steps()) {
            double width = Math.max(LEAST, step.operation().minutes().doubleValue() * PER_MINUTE);
            boolean isDone = done.contains(step.operation().id());
            boolean isCurrent = !isDone && !currentFound;
            currentFound |= isCurrent;
            blocks.add(new Block(
                    blocks.size() + 1,
                    x,
                    width,
                    isDone ? "done" : isCurrent ? "current" : "ahead",
                    step.bitChange(),
                    step.flip(),
                    step.live()));
            x += width + GAP;
        }
        return new Ribbon(List.copyOf(blocks), Math.max(1, x - GAP));
    }
}
