package glowkettle.assess;

import glowkettle.finding.Finding;
import glowkettle.finding.RuleId;
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

    /** Nothing was found: nobody has read it yet. */
    boolean isNotYetRead() {
        return finding.ruleId().sort() == RuleId.Sort.MISSING;
    }
}
