package glowkettle.join;

import glowkettle.finding.Figures;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** What would do where a lead, or the way itself, is too short for splices that lie apart: each alone, with its figure. */
record SpliceRemedies(Splices.Way way, List<Splices.Lengths> lengths, BigDecimal leastSleeveMm) {
    private static final BigDecimal STEP_MM = new BigDecimal("0.1");

    /** Leads that are longer by so much. */
    record Longer(BigDecimal onDeviceMm, BigDecimal onPackMm) {
        String words() {
            List<String> sides = new ArrayList<>();
            if (onDeviceMm.signum() > 0) {
                sides.add("by %s on the device".formatted(Figures.withUnit(onDeviceMm, "mm")));
            }
            if (onPackMm.signum() > 0) {
                sides.add("by %s on the pack".formatted(Figures.withUnit(onPackMm, "mm")));
            }
            return "leads longer " + String.join(" and ", sides);
        }
    }

    List<String> words() {
        List<String> words = new ArrayList<>();
        if (missing(way).isNothing()) {
            return words;
        }
        slack().ifPresent(slack -> words.add("slack of " + Figures.withUnit(slack, "mm")));
        sleeve().ifPresent(sleeve -> words.add("sleeves of " + Figures.withUnit(sleeve, "mm")));
        longer().ifPresent(longer -> words.add(longer.words()));
        return words;
    }

    private Shortfall missing(Splices.Way other) {
        return Shortfall.of(other, lengths);
    }

    /** Less, where the pack's leads do not reach; more, where the way is too short for the stagger. */
    Optional<BigDecimal> slack() {
        Shortfall now = missing(way);
        BigDecimal slack =
                way.slackMm().add(now.wayMm()).subtract(now.wayMm().signum() > 0 ? BigDecimal.ZERO : now.packMm());
        return Optional.of(slack)
                .filter(other ->
                        other.signum() >= 0 && missing(way.withSlack(other)).isNothing());
    }

    /** The longest sleeve with which every conductor is long enough, to a tenth; a shorter one never asks for more lead. */
    Optional<BigDecimal> sleeve() {
        int least = steps(leastSleeveMm);
        int most = steps(way.sleeveMm());
        if (least >= most || !isEnough(least)) {
            return Optional.empty();
        }
        while (most - least > 1) {
            int middle = (least + most) / 2;
            if (isEnough(middle)) {
                least = middle;
            } else {
                most = middle;
            }
        }
        return Optional.of(ofSteps(least));
    }

    private boolean isEnough(int steps) {
        return missing(way.withSleeve(ofSteps(steps))).isNothing();
    }

    private static int steps(BigDecimal mm) {
        return mm.divide(STEP_MM, 0, java.math.RoundingMode.CEILING).intValue();
    }

    private static BigDecimal ofSteps(int steps) {
        return STEP_MM.multiply(BigDecimal.valueOf(steps));
    }

    /** What the device's side gains the pack's side need not make up; nothing helps where the way itself is too short. */
    Optional<Longer> longer() {
        Shortfall now = missing(way);
        BigDecimal most = way.whole().subtract(way.halfASleeve()).subtract(Shortfall.shortestDeviceMm(lengths));
        BigDecimal onDevice = now.deviceMm().signum() == 0
                ? BigDecimal.ZERO
                : now.deviceMm().max(now.packMm()).min(most.max(now.deviceMm()));
        BigDecimal onPack = Shortfall.of(way, longer(onDevice, BigDecimal.ZERO)).packMm();
        return Optional.of(new Longer(Figures.plain(onDevice), Figures.plain(onPack)))
                .filter(longer -> Shortfall.of(way, longer(onDevice, onPack)).isNothing());
    }

    private List<Splices.Lengths> longer(BigDecimal onDeviceMm, BigDecimal onPackMm) {
        return lengths.stream().map(lead -> lead.longer(onDeviceMm, onPackMm)).toList();
    }
}
