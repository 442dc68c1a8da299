package glowkettle.assess;

import glowkettle.finding.Figures;
import java.math.BigDecimal;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * How far a pack has been run down, by the plan and by what was seen since. From two readings on, the pace that was seen
 * counts and not the load that was meant.
 *
 * @param plannedPercent where the plan has it now
 * @param seenPercent the newest reading
 * @param readyAt when the target is reached, or null when it does not come down
 */
public record RunDownProgress(
        BigDecimal plannedPercent,
        BigDecimal seenPercent,
        boolean there,
        @Nullable Instant readyAt) {
    /** A charge that was seen, and when. */
    public record Seen(Instant at, BigDecimal socPercent) {}

    /**
     * @param seen in order of time, the first at the start of the run-down
     * @param percentPerHour by the load that was chosen, or null when none was
     */
    public static RunDownProgress of(
            List<Seen> seen, @Nullable Double percentPerHour, BigDecimal targetPercent, Instant now) {
        Seen first = seen.getFirst();
        Seen last = seen.getLast();
        double planned = percentPerHour == null
                ? first.socPercent().doubleValue()
                : first.socPercent().doubleValue() - percentPerHour * hours(first.at(), now);
        boolean there = last.socPercent().compareTo(targetPercent) <= 0;
        Double pace = seen.size() >= 2 && last.at().isAfter(first.at())
                ? (Double) (first.socPercent().subtract(last.socPercent()).doubleValue() / hours(first.at(), last.at()))
                : percentPerHour;
        return new RunDownProgress(
                Figures.round(Math.max(0, planned), 0),
                last.socPercent(),
                there,
                ready(last, pace, targetPercent, there));
    }

    private static @Nullable Instant ready(Seen last, @Nullable Double pace, BigDecimal target, boolean there) {
        if (there || pace == null || pace <= 0) {
            return null;
        }
        double hours = last.socPercent().subtract(target).doubleValue() / pace;
        return last.at().plusSeconds(Math.round(hours * 3_600));
    }

    private static double hours(Instant from, Instant to) {
        return Duration.between(from, to).toSeconds() / 3_600.0;
    }
}
