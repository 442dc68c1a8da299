package glowkettle.app.free;

import glowkettle.app.binding.Binder;
import glowkettle.app.binding.Bound;
import glowkettle.app.binding.Fault;
import glowkettle.app.binding.FilledForm;
import glowkettle.app.binding.FormTree;
import glowkettle.finding.Unanswerable;
import glowkettle.heat.HeatWindow;
import glowkettle.heat.Setting;
import glowkettle.heat.SettingSearch;
import glowkettle.job.Admission;
import glowkettle.job.JobFile;
import glowkettle.job.Role;
import glowkettle.job.free.FreeEntry;
import glowkettle.job.free.Warming;
import glowkettle.library.Bond;
import java.math.BigDecimal;
import java.time.Instant;
import java.time.ZoneId;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * A setting that somebody chose by hand, with its window, before heat goes on; or why it is refused, and the nearest that
 * works. Source: handbook, Free the pack.
 *
 * @param faults what could not be read of it; then there is nothing else
 */
public record PickedSetting(
        Map<String, String[]> typed,
        List<Fault> faults,
        FreeEntry.@Nullable HeatStarted started,
        @Nullable HeatWindow window,
        @Nullable String refusal,
        SettingSearch.@Nullable Offer nearest) {
    /** In the address of a page that shows one. */
    static final String ASKED = "pick";

    private static final List<String> FIELDS = List.of(
            "setting.source", "setting.temperatureC", "setting.face", "setting.sharePercent", "ambientC", "leftOnMat");

    static @Nullable PickedSetting of(
            JobFile job, Bond bond, HeatPanel heat, FilledForm filled, ZoneId zone, Instant now) {
        if (filled.asked(ASKED) == null) {
            return null;
        }
        Map<String, String[]> typed = new HashMap<>(filled.typed());
        typed.keySet().retainAll(FIELDS);
        typed.put("bond", new String[] {bond.operation()});
        Bound<FreeEntry.HeatStarted> bound = Binder.form(FreeEntry.HeatStarted.class, FormTree.of(typed), zone);
        if (!bound.isGood()) {
            return new PickedSetting(typed, bound.faults(), null, null, null, null);
        }
        FreeEntry.HeatStarted started = bound.get();
        String refusal = Admission.refuse(job, started, new Admission.Author("", Role.TECHNICIAN), now)
                .map(Admission.Refusal::reason)
                .orElse(null);
        return new PickedSetting(
                typed,
                List.of(),
                started,
                window(job, bond, started, now),
                refusal,
                refusal == null ? null : nearest(heat, started.setting()));
    }

    private static @Nullable HeatWindow window(JobFile job, Bond bond, FreeEntry.HeatStarted started, Instant now) {
        try {
            return HeatWindow.of(
                            Warming.of(job)
                                    .heatings(bond.operation())
                                    .starting(started, bond.layers().stack(), now),
                            job.limits())
                    .result();
        } catch (Unanswerable unanswerable) {
            return null;
        }
    }

    /** With the same tool if it can be, then on the same face, then the fewest kelvins away. */
    private static SettingSearch.@Nullable Offer nearest(HeatPanel heat, Setting picked) {
        return heat.offers().stream()
                .min(Comparator.comparing(
                                (SettingSearch.Offer offer) -> offer.setting().source() != picked.source())
                        .thenComparing(offer -> offer.setting().face() != picked.face())
                        .thenComparing(offer -> distanceK(offer.setting(), picked)))
                .orElse(null);
    }

    private static BigDecimal distanceK(Setting offered, Setting picked) {
        return offered.temperatureC().subtract(picked.temperatureC()).abs();
    }

    /** The typed fields, as a page shows them again. */
    FilledForm asForm() {
        return new FilledForm("heat-started", typed, faults, List.of());
    }
}
