package glowkettle.app.free;

import glowkettle.finding.Result;
import glowkettle.heat.HeatPlace;
import glowkettle.heat.HeatWindow;
import glowkettle.heat.Setting;
import glowkettle.heat.SettingSearch;
import glowkettle.job.JobFile;
import glowkettle.job.free.Heatings;
import glowkettle.job.free.Warming;
import glowkettle.library.Bond;
import java.math.BigDecimal;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** Searches for heat settings so that the same bond in the same air is asked for in the same words. */
final class SettingsFound {
    /** What the search starts from; it tries every setting. */
    private static final Setting ANY =
            new Setting(Setting.Source.MAT, BigDecimal.valueOf(60), Setting.Face.BELOW, null);

    /** A pause is reckoned in steps of this length, begun ones left out: as if it were a little warmer than it is. */
    private static final Duration STEP = Duration.ofSeconds(30);

    private SettingsFound() {}

    static Result<SettingSearch> search(JobFile job, Bond bond, BigDecimal ambientC, Set<HeatPlace> has, Instant now) {
        List<HeatWindow.Earlier> earlier = earlier(Warming.of(job).heatings(bond.operation()), now);
        return SettingSearch.of(
                new HeatWindow.Request(bond.layers().stack(), ANY, ambientC, earlier, null, null),
                has,
                bond.layers().faces(),
                job.limits());
    }

    /** While one runs nobody chooses another; the first answer serves, and costs nothing. */
    static List<HeatWindow.Earlier> earlier(Heatings heatings, Instant now) {
        Optional<Heatings.Heating> last = heatings.lastOfAny();
        if (last.isEmpty() || last.get().to() == null) {
            return List.of();
        }
        Instant since = last.get().to();
        long steps = Duration.between(since, now).dividedBy(STEP);
        return heatings.before(since.plus(STEP.multipliedBy(Math.max(0, steps))));
    }
}
