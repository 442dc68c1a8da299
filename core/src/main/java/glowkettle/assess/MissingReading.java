package glowkettle.assess;

import glowkettle.finding.Finding;
import glowkettle.finding.RuleId;
import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;

/** A reading that the hazard tier asks for, in the order in which a pack is usually read. */
public enum MissingReading {
    LOOK_AND_SMELL,
    SURFACE,
    AMBIENT,
    REST,
    SEAM,
    CELL,
    RESTED_VOLTAGE,
    CHARGE_LIMIT,
    VOLTAGE_DROP,
    THICKNESS;

    /** As it stands in the id of a finding. */
    String id() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    /** The reading that a finding asks for; empty where it asks for none. */
    public static Optional<MissingReading> of(Finding finding) {
        return finding.ruleId().asksForAReading()
                ? Arrays.stream(values())
                        .filter(reading -> finding.rule()
                                .equals(RuleId.missing(reading.id()).id()))
                        .findFirst()
                : Optional.empty();
    }
}
