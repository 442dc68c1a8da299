package glowkettle.calibrate;

import glowkettle.finding.Figures;
import glowkettle.finding.Finding;
import glowkettle.finding.Quantity;
import glowkettle.finding.Result;
import glowkettle.finding.Weight;
import glowkettle.finding.Working;
import glowkettle.limits.Limit;
import glowkettle.limits.ShopLimits;
import java.math.BigDecimal;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** Was the soak cycle kept? A log held against the protocol. Source: handbook, Calibrate. */
public final class SoakVerdict {
    private SoakVerdict() {}

    /** What can spoil a cycle, or leaves a remark on it. */
    public enum Mishap {
        CHARGE_INTERRUPTED("The first charge was interrupted.", Phase.CHARGE_AND_SOAK),
        SLEPT("The device slept during the run-down.", Phase.CHARGE_AND_SOAK),
        PLUGGED_IN_EARLY("It was plugged in before it had shut itself down.", Phase.CHARGE_AND_SOAK),
        LAST_CHARGE_INTERRUPTED("The last charge was interrupted.", Phase.RUN_DOWN),
        LAST_CHARGE_BREAK("The last charge had a short break.", null);

        private final String sentence;
        private final @Nullable Phase repeatFrom;

        Mishap(String sentence, @Nullable Phase repeatFrom) {
            this.sentence = sentence;
            this.repeatFrom = repeatFrom;
        }

        public String sentence() {
            return sentence;
        }

        public boolean spoils() {
            return repeatFrom != null;
        }
    }

    /**
     * What is known of a cycle.
     *
     * @param rechargePercent how much was charged during the run-down
     * @param rechargeEndedAboveStart it held more after that than when the run-down began
     * @param lastChargeBreakMinutes the longest break of the last charge
     * @param reckoned events that nobody saw, and whose time is a sum's
     */
    public record Log(
            Progress events,
            Set<Mishap> mishaps,
            @Nullable BigDecimal rechargePercent,
            boolean rechargeEndedAboveStart,
            @Nullable BigDecimal lastChargeBreakMinutes,
            Set<Reckoned> reckoned) {
        public Log {
            mishaps = Set.copyOf(mishaps);
            reckoned = Set.copyOf(reckoned);
        }

        public Log(Progress events, Set<Mishap> mishaps) {
            this(events, mishaps, null, false, null, Set.of());
        }
    }

    /** What nobody need have seen. */
    public enum Reckoned {
        FULL("Nobody saw it full; the time is reckoned from the length of the charge."),
        SHUT_DOWN("Nobody saw it shut down; the time is reckoned from the length of the run-down.");

        private final String sentence;

        Reckoned(String sentence) {
            this.sentence = sentence;
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

    public static Result<Verdict> judge(Log log, ShopLimits limits) {
        return judge(log, School.SOAK, limits);
    }

    /** By the protocol of a school: where nothing is soaked, no soak and no rest is asked for. */
    public static Result<Verdict> judge(Log log, School school, ShopLimits limits) {
        List<Finding> findings = new ArrayList<>();
        List<Phase> repeats = new ArrayList<>();
        for (Mishap mishap : mishaps(log)) {
            String rule = "calibrate-"
                    + mishap.name().toLowerCase(java.util.Locale.ROOT).replace('_', '-');
            findings.add(
                    mishap.repeatFrom == null
                            ? Finding.care(rule, mishap.sentence)
                            : Finding.stop(rule, mishap.sentence));
            if (mishap.repeatFrom != null) {
                repeats.add(mishap.repeatFrom);
            }
        }
        missing(log.events(), findings, repeats);
        tooFast(log, limits, findings, repeats);
        recharge(log, limits, findings, repeats);
        pause(log, limits, findings, repeats);
        Progress events = log.events();
        if (school.soaks()) {
            span(
                    events.fullSeen(),
                    events.runDownStarted(),
                    Limit.SOAK_HOURS,
                    "soak",
                    limits,
                    findings,
                    repeats,
                    Phase.CHARGE_AND_SOAK);
            span(
                    events.shutDownSeen(),
                    events.lastChargeStarted(),
                    Limit.OFF_REST_HOURS,
                    "rest",
                    limits,
                    findings,
                    repeats,
                    Phase.RUN_DOWN);
        }
        for (Reckoned reckoned : Reckoned.values()) {
            if (log.reckoned().contains(reckoned)) {
                findings.add(Finding.care(
                        "calibrate-reckoned-"
                                + reckoned.name()
                                        .toLowerCase(java.util.Locale.ROOT)
                                        .replace('_', '-'),
                        reckoned.sentence));
            }
        }
        Phase repeatFrom = repeats.stream().min(Comparator.naturalOrder()).orElse(null);
        Standing standing = repeatFrom != null
                ? Standing.REPEAT
                : events.lastChargeEnded() == null
                        ? Standing.UNDER_WAY
                        : findings.isEmpty() ? Standing.VALID : Standing.VALID_WITH_REMARKS;
        return new Result<>(
                new Verdict(standing, repeatFrom),
                findings,
                new Working(findings.stream().map(Finding::sentence).toList()));
    }

    private static List<Mishap> mishaps(Log log) {
        return java.util.Arrays.stream(Mishap.values())
                .filter(log.mishaps()::contains)
                .toList();
    }

    /** A part that a later one needs and the log lacks was not kept; nothing is taken for seen. */
    private static void missing(Progress events, List<Finding> findings, List<Phase> repeats) {
        List<Part> parts = List.of(
                new Part("plugged in", events.chargeStarted(), Phase.CHARGE_AND_SOAK),
                new Part("seen full", events.fullSeen(), Phase.CHARGE_AND_SOAK),
                new Part("unplugged for the run-down", events.runDownStarted(), Phase.CHARGE_AND_SOAK),
                new Part("shut down", events.shutDownSeen(), Phase.RUN_DOWN),
                new Part("plugged in for the last charge", events.lastChargeStarted(), Phase.RUN_DOWN),
                new Part("full again", events.lastChargeEnded(), Phase.RUN_DOWN));
        int last = -1;
        for (int i = 0; i < parts.size(); i++) {
            last = parts.get(i).at() != null ? i : last;
        }
        for (Part part : parts.subList(0, Math.max(0, last))) {
            if (part.at() == null) {
                findings.add(Finding.stop(
                        "calibrate-missing-part", "The log lacks when it was %s.".formatted(part.words())));
                repeats.add(part.phase());
            }
        }
    }

    private record Part(String words, @Nullable Instant at, Phase phase) {}

    /** No pack fills or empties within minutes: one of the two times is wrong, and the phase counts as missing. */
    private static void tooFast(Log log, ShopLimits limits, List<Finding> findings, List<Phase> repeats) {
        Progress events = log.events();
        for (Filling filling : List.of(
                new Filling("full", events.chargeStarted(), events.fullSeen(), Phase.CHARGE_AND_SOAK),
                new Filling("shut down", events.runDownStarted(), events.shutDownSeen(), Phase.RUN_DOWN),
                new Filling("full again", events.lastChargeStarted(), events.lastChargeEnded(), Phase.RUN_DOWN))) {
            if (filling.from() == null || filling.to() == null) {
                continue;
            }
            double minutes = Duration.between(filling.from(), filling.to()).toSeconds() / 60.0;
            if (minutes < limits.number(Limit.PHASE_LEAST_MINUTES)) {
                findings.add(new Finding(
                        "calibrate-too-fast",
                        Weight.STOP,
                        Quantity.rounded(minutes, 1, "min"),
                        limits.applied(Limit.PHASE_LEAST_MINUTES),
                        "Begun at %s, %s at %s: no pack is that fast. Look at both times again."
                                .formatted(filling.from(), filling.words(), filling.to())));
                repeats.add(filling.phase());
            }
        }
    }

    private record Filling(
            String words, @Nullable Instant from, @Nullable Instant to, Phase phase) {}

    private static void recharge(Log log, ShopLimits limits, List<Finding> findings, List<Phase> repeats) {
        BigDecimal recharge = log.rechargePercent();
        boolean tooMuch = recharge != null && recharge.compareTo(limits.of(Limit.RECHARGE_MOST_PERCENT)) > 0;
        if (tooMuch || log.rechargeEndedAboveStart()) {
            findings.add(new Finding(
                    "calibrate-recharged",
                    Weight.STOP,
                    recharge == null ? null : Quantity.of(recharge, "%"),
                    limits.applied(Limit.RECHARGE_MOST_PERCENT),
                    "It was charged during the run-down."));
            repeats.add(Phase.CHARGE_AND_SOAK);
        }
    }

    private static void pause(Log log, ShopLimits limits, List<Finding> findings, List<Phase> repeats) {
        BigDecimal pause = log.lastChargeBreakMinutes();
        if (pause == null || pause.signum() == 0) {
            return;
        }
        boolean brokenOff = pause.compareTo(limits.of(Limit.BREAK_MOST_MINUTES)) >= 0;
        findings.add(new Finding(
                "calibrate-break",
                brokenOff ? Weight.STOP : Weight.CARE,
                Quantity.of(pause, "min"),
                limits.applied(Limit.BREAK_MOST_MINUTES),
                "The last charge had a break of %s.".formatted(Figures.withUnit(pause, "min"))));
        if (brokenOff) {
            repeats.add(Phase.RUN_DOWN);
        }
    }

    private static void span(
            @Nullable Instant from,
            @Nullable Instant to,
            Limit least,
            String name,
            ShopLimits limits,
            List<Finding> findings,
            List<Phase> repeats,
            Phase repeatFrom) {
        double needed = limits.number(least);
        // What is missing is named by itself.
        if (from == null || to == null) {
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
