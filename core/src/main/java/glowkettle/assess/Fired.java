package glowkettle.assess;

import glowkettle.finding.Finding;
import java.util.Set;

/** A row of the tier table that fired. */
record Fired(Tier tier, Finding finding, Set<Condition> conditions) {
    Fired {
        conditions = Set.copyOf(conditions);
    }

    /** It says only that a reading is not there. */
    boolean isMissing() {
        return HazardTier.isMissing(finding);
    }
}
