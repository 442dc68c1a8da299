package glowkettle.app.free;

import glowkettle.finding.Result;
import glowkettle.heat.HeatPlace;
import glowkettle.heat.HeatWindow;
import glowkettle.heat.Setting;
import glowkettle.heat.SettingSearch;
import glowkettle.heat.Stack;
import glowkettle.journal.Heatings;
import glowkettle.journal.JobFile;
import glowkettle.library.Bond;
import glowkettle.limits.ShopLimits;
import java.math.BigDecimal;
import java.time.Instant;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.springframework.stereotype.Component;

/** Searches for heat settings and keeps what it found: the same bond in the same air has the same answer. */
@Component
class SettingsFound {
    private static final int MOST_KEPT = 200;
    /** What the search starts from; it tries every setting. */
    private static final Setting ANY =
            new Setting(Setting.Source.MAT, BigDecimal.valueOf(60), Setting.Face.BELOW, null);

    private final Map<Asked, Result<SettingSearch>> kept = new LinkedHashMap<>(16, 0.75f, true) {
        @Override
        protected boolean removeEldestEntry(Map.Entry<Asked, Result<SettingSearch>> eldest) {
            return size() > MOST_KEPT;
        }
    };

    private record Asked(Stack stack, BigDecimal ambientC, Set<HeatPlace> has, int limitsVersion) {}

    Result<SettingSearch> search(JobFile job, Bond bond, BigDecimal ambientC, Set<HeatPlace> has, Instant now) {
        Heatings heatings = job.freeing().heatings(bond.operation());
        // While one runs nobody chooses another; the first answer serves, and costs nothing.
        if (heatings.count() > 0 && !heatings.isOn()) {
            return search(bond.stack(), ambientC, heatings.before(now), has, job.limits());
        }
        Asked asked = new Asked(bond.stack(), ambientC, has, job.limits().version());
        synchronized (kept) {
            return kept.computeIfAbsent(asked, wanted -> search(bond.stack(), ambientC, List.of(), has, job.limits()));
        }
    }

    private static Result<SettingSearch> search(
            Stack stack, BigDecimal ambientC, List<HeatWindow.Earlier> earlier, Set<HeatPlace> has, ShopLimits limits) {
        return SettingSearch.of(new HeatWindow.Request(stack, ANY, ambientC, earlier, null, null), has, limits);
    }
}
