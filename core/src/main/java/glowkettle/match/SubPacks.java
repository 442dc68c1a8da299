package glowkettle.match;

import glowkettle.limits.Limit;
import glowkettle.limits.ShopLimits;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;

/** Groups that are built together without ever reaching a voltage that is felt. Source: handbook, Match, Shock and arc. */
final class SubPacks {
    private SubPacks() {}

    /** How many groups each has, as alike as they can be. */
    static List<Integer> of(int series, BigDecimal chargeLimitV, ShopLimits limits) {
        int most = Math.max(1, (int) (limits.number(Limit.SHOCK_V) / chargeLimitV.doubleValue()));
        int packs = Math.ceilDiv(series, most);
        List<Integer> groups = new ArrayList<>();
        for (int pack = 0; pack < packs; pack++) {
            groups.add(series / packs + (pack < series % packs ? 1 : 0));
        }
        return groups;
    }

    /** The nodes between them. */
    static List<Integer> joints(List<Integer> subPacks) {
        List<Integer> joints = new ArrayList<>();
        int groups = 0;
        for (int pack = 0; pack < subPacks.size() - 1; pack++) {
            groups += subPacks.get(pack);
            joints.add(groups);
        }
        return joints;
    }
}
