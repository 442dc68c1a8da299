package glowkettle.assess;

import java.util.List;
import java.util.Set;

/**
 * The tier, the conditions it is worked under, and the readings to take next.
 *
 * @param measureNext sentences naming readings the rules need and do not have
 */
public record TierVerdict(Tier tier, Set<Condition> conditions, List<String> measureNext) {
    public TierVerdict {
        conditions = java.util.Collections.unmodifiableSet(new java.util.TreeSet<>(conditions));
        measureNext = List.copyOf(measureNext);
    }
}
