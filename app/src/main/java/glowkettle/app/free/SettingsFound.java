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
import java.time.Duration;
import java.time.Instant;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.FutureTask;
import org.springframework.stereotype.Component;

/** Searches for heat settings and keeps what it found: the same bond in the same air has the same answer. */
@Component
class SettingsFound {
    private static final int MOST_KEPT = 200;
    /** What the search starts from; it tries every setting. */
    private static final Setting ANY =
            new Setting(Setting.Source.MAT, BigDecimal.valueOf(60), Setting.Face.BELOW, null);

    /** A pause is reckoned in steps of this length, begun ones left out: as if it were a little warmer than it is. */
    private static final Duration STEP = Duration.ofSeconds(30);

    private final Map<Asked, FutureTask<Result<SettingSearch>>> kept = new LinkedHashMap<>(16, 0.75f, true) {
        @Override
        protected boolean removeEldestEntry(Map.Entry<Asked, FutureTask<Result<SettingSearch>>> eldest) {
            return size() > MOST_KEPT;
        }
    };

    private record Asked(
            Stack stack,
            BigDecimal ambientC,
            List<HeatWindow.Earlier> earlier,
            Set<HeatPlace> has,
            int limitsVersion) {}

    Result<SettingSearch> search(JobFile job, Bond bond, BigDecimal ambientC, Set<HeatPlace> has, Instant now) {
        Asked asked = new Asked(
                bond.stack(),
                ambientC,
                earlier(job.freeing().heatings(bond.operation()), now),
                has,
                job.limits().version());
        FutureTask<Result<SettingSearch>> search;
        // Only the looking up is done one by one; whoever asks the same waits for the first, all others go on.
        synchronized (kept) {
            search = kept.computeIfAbsent(
                    asked,
                    wanted -> new FutureTask<>(
                            () -> search(wanted.stack(), ambientC, wanted.earlier(), has, job.limits())));
        }
        search.run();
        try {
            return search.get();
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(e);
        } catch (ExecutionException failed) {
            throw failed.getCause() instanceof RuntimeException cause ? cause : new IllegalStateException(failed);
        }
    }

    /** While one runs nobody chooses another; the first answer serves, and costs nothing. */
    private static List<HeatWindow.Earlier> earlier(Heatings heatings, Instant now) {
        Optional<Instant> off =
                heatings.isOn() ? Optional.empty() : heatings.last().map(Heatings.Heating::to);
        return off.map(since -> {
                    long steps = Duration.between(since, now).dividedBy(STEP);
                    return heatings.before(since.plus(STEP.multipliedBy(Math.max(0, steps))));
                })
                .orElse(List.of());
    }

    private static Result<SettingSearch> search(
            Stack stack, BigDecimal ambientC, List<HeatWindow.Earlier> earlier, Set<HeatPlace> has, ShopLimits limits) {
        return SettingSearch.of(new HeatWindow.Request(stack, ANY, ambientC, earlier, null, null), has, limits);
    }
}
