package glowkettle.assess;

import glowkettle.finding.Finding;
import java.util.Set;

/** A row of the tier table that fired. */
record FiredRow(Tier tier, Finding finding, Set<Condition> conditions) {
    FiredRow {
        conditions = Set.copyOf(conditions);
    }

    /** It says only that a reading is not there. */
    boolean isMissing() {
        return finding.ruleId().asksForAReading();
    }
}
