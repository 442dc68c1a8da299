package glowkettle.journal;

import glowkettle.calibrate.Kept;
import glowkettle.calibrate.Progress;
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
record SoakLog(List<Entry.CycleEvent> events, Set<Kept.Mishap> mishaps) {
    static SoakLog of(JobState state) {
        List<Entry.CycleEvent> events = new ArrayList<>();
        Set<Kept.Mishap> mishaps = new LinkedHashSet<>();
        for (Recorded recorded : state.counting()) {
            if (recorded.entry() instanceof Entry.CycleRepeated) {
                events.clear();
                mishaps.clear();
            } else if (recorded.entry() instanceof Entry.CycleEvent event) {
                events.add(event);
            } else if (recorded.entry() instanceof Entry.CycleMishap mishap) {
                mishaps.add(mishap.mishap());
            }
        }
        return new SoakLog(events, mishaps);
    }

    /** Nobody saw the shut-down: its time follows from how long such a run-down lasts. */
    boolean shutDownReckoned() {
        return events.stream()
                .anyMatch(event ->
                        event.step() == Entry.CycleStep.SHUT_DOWN_SEEN && Boolean.TRUE.equals(event.reckoned()));
    }

    Progress progress() {
        Map<Entry.CycleStep, Instant> at = events.stream()
                .collect(Collectors.toMap(
                        Entry.CycleEvent::step, Entry.CycleEvent::happened, (earlier, later) -> later));
        return new Progress(
                at.get(Entry.CycleStep.CHARGE_STARTED),
                at.get(Entry.CycleStep.FULL_SEEN),
                at.get(Entry.CycleStep.RUN_DOWN_STARTED),
                at.get(Entry.CycleStep.SHUT_DOWN_SEEN),
                at.get(Entry.CycleStep.LAST_CHARGE_STARTED),
                at.get(Entry.CycleStep.LAST_CHARGE_ENDED));
    }
}
