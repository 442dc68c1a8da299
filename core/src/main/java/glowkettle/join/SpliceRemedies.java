package glowkettle.join;

import glowkettle.finding.Figures;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** What would do where a lead is too short for its splice: each alone, with its figure. */
record SpliceRemedies(
        Splices.Way way,
        List<Splices.Lengths> lengths,
        BigDecimal deviceMissing,
        BigDecimal packMissing,
        BigDecimal leastSleeveMm) {
    List<String> words() {
        List<String> words = new ArrayList<>();
        if (deviceMissing.signum() == 0 && packMissing.signum() == 0) {
            return words;
        }
        if (deviceMissing.signum() == 0 && packMissing.compareTo(way.slackMm()) <= 0) {
            words.add("slack of " + Figures.withUnit(way.slackMm().subtract(packMissing), "mm"));
        }
        sleeve().ifPresent(sleeve -> words.add("sleeves of " + Figures.withUnit(sleeve, "mm")));
        if (deviceMissing.signum() == 0) {
            words.add("leads longer by %s on the pack".formatted(Figures.withUnit(packMissing, "mm")));
        } else {
            // What the device's side gains the pack's side need not make up.
            words.add("leads longer by %s on the device"
                    .formatted(Figures.withUnit(deviceMissing.max(packMissing), "mm")));
        }
        return words;
    }

    /** The longest sleeve with which every conductor is long enough; empty where none is. */
    private Optional<BigDecimal> sleeve() {
        BigDecimal longest = way.sleeveMm();
        for (int k = 0; k < lengths.size(); k++) {
            Splices.Lengths lead = lengths.get(k);
            BigDecimal spare = lead.packMm().subtract(way.whole()).add(lead.deviceMm());
            BigDecimal steps = BigDecimal.valueOf(k);
            if (k == 0) {
                if (spare.signum() < 0) {
                    return Optional.empty();
                }
                longest = longest.min(lead.deviceMm().multiply(BigDecimal.TWO));
            } else {
                BigDecimal byPack = spare.divide(steps, 1, RoundingMode.DOWN).subtract(way.gapMm());
                // device − k · (sleeve + gap) ≥ sleeve / 2
                BigDecimal byDevice = lead.deviceMm()
                        .subtract(steps.multiply(way.gapMm()))
                        .divide(steps.add(new BigDecimal("0.5")), 1, RoundingMode.DOWN);
                longest = longest.min(byPack).min(byDevice);
            }
        }
        return longest.compareTo(leastSleeveMm) >= 0 && longest.compareTo(way.sleeveMm()) < 0
                ? Optional.of(longest)
                : Optional.empty();
    }
}
