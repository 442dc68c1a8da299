package glowkettle.calibrate;

import glowkettle.finding.Figures;
import glowkettle.finding.Finding;
import glowkettle.finding.Quantity;
import glowkettle.finding.Result;
import glowkettle.finding.Weight;
import glowkettle.finding.Working;
import glowkettle.limits.Limit;
import glowkettle.limits.ShopLimits;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** Was the soak cycle kept? A log held against the protocol. Source: handbook, Calibrate. */
public final class Kept {
    private Kept() {}

    /** What can spoil a cycle. */
    public enum Mishap {
        CHARGE_INTERRUPTED("The first charge was interrupted.", Phase.CHARGE_AND_SOAK),
        SLEPT("The device slept during the run-down.", Phase.CHARGE_AND_SOAK),
        PLUGGED_IN_EARLY("It was plugged in before it had shut itself down.", Phase.CHARGE_AND_SOAK),
        LAST_CHARGE_INTERRUPTED("The last charge was interrupted.", Phase.RUN_DOWN);

        private final String sentence;
        private final Phase repeatFrom;

        Mishap(String sentence, Phase repeatFrom) {
            this.sentence = sentence;
            this.repeatFrom = repeatFrom;
        }

        public String sentence() {
            return sentence;
        }
    }

    /** What the log says. */
    public enum Standing {
        UNDER_WAY,
        VALID,
        VALID_WITH_REMARKS,
        REPEAT
    }

    /** The verdict; {@code repeatFrom} names the phase to go back to, or is null. */
    public record Verdict(Standing standing, @Nullable Phase repeatFrom) {}

    public static Result<Verdict> judge(Progress log, Set<Mishap> mishaps, ShopLimits limits) {
        List<Finding> findings = new ArrayList<>();
        List<Phase> repeats = new ArrayList<>();
        for (Mishap mishap : mishaps) {
            findings.add(
                    Finding.stop("calibrate-" + mishap.name().toLowerCase(java.util.Locale.ROOT), mishap.sentence));
            repeats.add(mishap.repeatFrom);
        }
        if (log.runDownStarted() != null) {
            span(
                    log.fullSeen(),
                    log.runDownStarted(),
                    Limit.SOAK_HOURS,
                    "soak",
                    limits,
                    findings,
                    repeats,
                    Phase.CHARGE_AND_SOAK);
        }
        if (log.lastChargeStarted() != null) {
            span(
                    log.shutDownSeen(),
                    log.lastChargeStarted(),
                    Limit.OFF_REST_HOURS,
                    "rest",
                    limits,
                    findings,
                    repeats,
                    Phase.RUN_DOWN);
        }
        Phase repeatFrom = repeats.stream().min(Comparator.naturalOrder()).orElse(null);
        Standing standing = repeatFrom != null
                ? Standing.REPEAT
                : log.lastChargeEnded() == null
                        ? Standing.UNDER_WAY
                        : findings.isEmpty() ? Standing.VALID : Standing.VALID_WITH_REMARKS;
        return new Result<>(
                new Verdict(standing, repeatFrom),
                findings,
                new Working(findings.stream().map(Finding::sentence).toList()));
    }

    private static void span(
            @Nullable Instant from,
            Instant to,
            Limit least,
            String name,
            ShopLimits limits,
            List<Finding> findings,
            List<Phase> repeats,
            Phase repeatFrom) {
        double needed = limits.number(least);
        if (from == null) {
            findings.add(new Finding(
                    "calibrate-" + name + "-unseen",
                    Weight.CARE,
                    null,
                    limits.applied(least),
                    "Nobody saw when the %s began, so it cannot be shown to have lasted.".formatted(name)));
            return;
        }
        double hours = Duration.between(from, to).toSeconds() / 3600.0;
        if (hours < needed) {
            boolean remark = hours >= needed * limits.number(Limit.KEPT_SHARE_PERCENT) / 100;
            findings.add(new Finding(
                    "calibrate-short-" + name,
                    remark ? Weight.CARE : Weight.STOP,
                    Quantity.rounded(hours, 2, "h"),
                    limits.applied(least),
                    "The %s lasted %s.".formatted(name, Figures.withUnit(hours, 1, "h"))));
            if (!remark) {
                repeats.add(repeatFrom);
            }
        }
    }
}
