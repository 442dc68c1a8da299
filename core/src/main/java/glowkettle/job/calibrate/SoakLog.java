package glowkettle.job.calibrate;

import glowkettle.calibrate.Progress;
import glowkettle.calibrate.SoakVerdict;
import glowkettle.job.JobState;
import glowkettle.job.Recorded;
import java.time.Instant;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * What the entries tell of a soak cycle, since it was last begun again. A repeat begins with the first charge whatever
 * phase failed: a pack that is full already is soon through with it, and no protocol is cut short.
 */
record SoakLog(List<CalibrateEntry.CycleEvent> events, Set<SoakVerdict.Mishap> mishaps) {
    static SoakLog of(JobState state) {
        List<CalibrateEntry.CycleEvent> events = new ArrayList<>();
        Set<SoakVerdict.Mishap> mishaps = new LinkedHashSet<>();
        for (Recorded recorded : state.counting()) {
            if (recorded.entry() instanceof CalibrateEntry.CycleRepeated) {
                events.clear();
                mishaps.clear();
            } else if (recorded.entry() instanceof CalibrateEntry.CycleEvent event) {
                events.add(event);
            } else if (recorded.entry() instanceof CalibrateEntry.CycleMishap mishap) {
                mishaps.add(mishap.mishap());
            }
        }
        return new SoakLog(events, mishaps);
    }

    /** Nobody saw the shut-down: its time follows from how long such a run-down lasts. */
    boolean shutDownReckoned() {
        return events.stream()
                .anyMatch(event -> event.step() == CalibrateEntry.CycleStep.SHUT_DOWN_SEEN
                        && Boolean.TRUE.equals(event.reckoned()));
    }

    Progress progress() {
        Map<CalibrateEntry.CycleStep, Instant> at = events.stream()
                .collect(Collectors.toMap(
                        CalibrateEntry.CycleEvent::step,
                        CalibrateEntry.CycleEvent::happened,
                        (earlier, later) -> later));
        return new Progress(
                at.get(CalibrateEntry.CycleStep.CHARGE_STARTED),
                at.get(CalibrateEntry.CycleStep.FULL_SEEN),
                at.get(CalibrateEntry.CycleStep.RUN_DOWN_STARTED),
                at.get(CalibrateEntry.CycleStep.SHUT_DOWN_SEEN),
                at.get(CalibrateEntry.CycleStep.LAST_CHARGE_STARTED),
                at.get(CalibrateEntry.CycleStep.LAST_CHARGE_ENDED));
    }
}
