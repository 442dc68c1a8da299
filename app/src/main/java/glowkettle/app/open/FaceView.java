package glowkettle.app.open;

import glowkettle.finding.AppliedLimit;
import glowkettle.job.JobFile;
import glowkettle.job.open.FastenerLog;
import glowkettle.job.open.Opening;
import glowkettle.job.wayback.JobTray;
import glowkettle.library.FaceMap;
import glowkettle.library.Fastener;
import glowkettle.open.Torque;
import glowkettle.open.Tray;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/** A face of the device with its fasteners, as they stand now; the tray is the same picture with what lies in it. */
public record FaceView(FaceMap face, List<Dot> dots) {
    /**
     * A fastener on the map.
     *
     * @param state {@code in}, {@code out}, {@code back}, {@code wrong}, {@code missing}, {@code hidden} or {@code captive}
     * @param due it belongs to the step at hand
     * @param kind number of its pile, so that look-alikes can be told apart without colour
     */
    public record Dot(
            Fastener fastener,
            String state,
            boolean due,
            int kind,
            @Nullable String torque,
            @Nullable String holds) {}

    public static List<FaceView> of(JobFile job, @Nullable String step) {
        Set<String> out = FastenerLog.of(job).out();
        Set<String> missing = FastenerLog.of(job).missing();
        Map<String, String> placed = JobTray.of(job).placements().stream()
                .collect(Collectors.toMap(Tray.Placement::hole, Tray.Placement::fastener, (a, b) -> b));
        List<Tray.Pile> piles = Tray.piles(job.model().fasteners());
        List<FaceView> views = new ArrayList<>();
        for (FaceMap face : job.model().faces()) {
            List<Dot> dots = job.model().fasteners().stream()
                    .filter(fastener -> fastener.face() == face.side())
                    .map(fastener -> new Dot(
                            fastener,
                            state(fastener, out, missing, placed, job),
                            step != null && step.equals(fastener.operation()),
                            pile(fastener, piles),
                            Torque.of(fastener, job.limits())
                                    .map(AppliedLimit::toString)
                                    .orElse(null),
                            placed.get(fastener.id())))
                    .toList();
            if (!dots.isEmpty()) {
                views.add(new FaceView(face, dots));
            }
        }
        return views;
    }

    /** The face that the step at hand is about, if it is about fasteners. */
    public static @Nullable FaceView atHand(List<FaceView> views) {
        return views.stream()
                .filter(view -> view.dots().stream().anyMatch(Dot::due))
                .findFirst()
                .orElse(null);
    }

    private static String state(
            Fastener fastener, Set<String> out, Set<String> missing, Map<String, String> placed, JobFile job) {
        if (missing.contains(fastener.id())) {
            return "missing";
        }
        String holds = placed.get(fastener.id());
        if (holds != null) {
            boolean right = job.model()
                    .fastener(holds)
                    .filter(fastener::interchangeableWith)
                    .isPresent();
            return right ? "back" : "wrong";
        }
        if (out.contains(fastener.id())) {
            return "out";
        }
        return isHidden(fastener, job) ? "hidden" : fastener.isCaptive() ? "captive" : "in";
    }

    /** Until what lies over it was lifted, it cannot be seen. */
    private static boolean isHidden(Fastener fastener, JobFile job) {
        return fastener.hiddenUnder() != null
                && job.operation(String.valueOf(fastener.operation()))
                        .filter(operation -> !Opening.of(job).stepsIn().containsAll(operation.after()))
                        .isPresent();
    }

    private static int pile(Fastener fastener, List<Tray.Pile> piles) {
        for (int i = 0; i < piles.size(); i++) {
            if (piles.get(i).ids().contains(fastener.id())) {
                return i + 1;
            }
        }
        return 0;
    }
}
