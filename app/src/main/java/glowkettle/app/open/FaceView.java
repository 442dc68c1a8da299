package glowkettle.app.open;

import glowkettle.finding.AppliedLimit;
import glowkettle.job.JobFile;
import glowkettle.job.open.FastenerLog;
import glowkettle.job.open.Opening;
import glowkettle.job.wayback.JobTray;
import glowkettle.library.FaceMap;
import glowkettle.library.Fastener;
import glowkettle.library.Operation;
import glowkettle.library.Side;
import glowkettle.limits.ShopLimits;
import glowkettle.open.Torque;
import glowkettle.open.Tray;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/** A face of the device with its fasteners, as they stand now; the tray is the same picture with what lies in it. */
public record FaceView(
        FaceMap face, List<Dot> dots, @Nullable Operation step) {
    private static final BigDecimal EDGE_MM = BigDecimal.TEN;

    /**
     * A fastener on the map.
     *
     * @param state {@code in}, {@code out}, {@code back}, {@code wrong}, {@code missing}, {@code hidden} or {@code captive}
     * @param due it belongs to the step at hand
     * @param kind number of its pile, so that look-alikes can be told apart without colour
     * @param risk what belongs here would go through the board in another hole that is open, too
     */
    public record Dot(
            Fastener fastener,
            String state,
            boolean due,
            int kind,
            @Nullable String torque,
            @Nullable String holds,
            boolean risk) {
        private Dot risking(Set<Integer> kinds) {
            boolean open = state.equals("out") && kinds.contains(kind);
            return new Dot(fastener, state, due, kind, torque, holds, open);
        }
    }

    /** With the open holes of these piles marked. */
    public FaceView risking(Set<Integer> kinds) {
        return new FaceView(face, dots.stream().map(dot -> dot.risking(kinds)).toList(), step);
    }

    /** Hands go there now. */
    public boolean isAbout(FaceMap.Area area) {
        return step != null && area.steps().contains(step.id());
    }

    /** Hands go along its seam now: no place on the map is named for the step, and it lies up. */
    public boolean isAboutTheSeam() {
        return step != null
                && step.kind().isOfTheSeam()
                && step.handling().side() == face.side()
                && face.areas().stream().noneMatch(this::isAbout);
    }

    private boolean isAboutTheStep() {
        return dots.stream().anyMatch(Dot::due) || face.areas().stream().anyMatch(this::isAbout) || isAboutTheSeam();
    }

    /** In the order in which they are drawn: what cannot be seen yet lies under, what is to be touched now over all others. */
    public List<Dot> drawn() {
        return dots.stream()
                .sorted(Comparator.comparing(Dot::due)
                        .thenComparing(dot -> !dot.state().equals("hidden")))
                .toList();
    }

    public static List<FaceView> of(JobFile job, @Nullable String step) {
        Standing standing = new Standing(
                FastenerLog.of(job).out(),
                FastenerLog.of(job).missing(),
                JobTray.of(job).placements(),
                fastener -> isHidden(fastener, job));
        return of(
                job.model().anatomy().faces(),
                job.model().anatomy().fasteners(),
                standing,
                step == null ? null : job.operation(step).orElse(null),
                job.limits());
    }

    /** Fasteners without a device: each face as large as they need. */
    static List<FaceView> of(Tray.Contents contents, ShopLimits limits) {
        Standing standing = new Standing(
                Set.copyOf(contents.out()), Set.copyOf(contents.missing()), contents.back(), fastener -> false);
        List<FaceMap> faces = Arrays.stream(Side.values())
                .flatMap(side -> around(side, contents.fasteners()).stream())
                .toList();
        return of(faces, contents.fasteners(), standing, null, limits);
    }

    private static Optional<FaceMap> around(Side side, List<Fastener> fasteners) {
        List<Fastener> on = fasteners.stream()
                .filter(fastener -> fastener.spot().face() == side)
                .toList();
        return on.isEmpty()
                ? Optional.empty()
                : Optional.of(new FaceMap(
                        side,
                        room(on, fastener -> fastener.spot().xMm()),
                        room(on, fastener -> fastener.spot().yMm()),
                        List.of(),
                        List.of()));
    }

    private static BigDecimal room(List<Fastener> fasteners, Function<Fastener, BigDecimal> place) {
        return fasteners.stream()
                .map(place)
                .reduce(BigDecimal.ZERO, BigDecimal::max)
                .add(EDGE_MM);
    }

    /** What came out, was not there, and went back where. */
    private record Standing(
            Set<String> out, Set<String> missing, List<Tray.Placement> back, Predicate<Fastener> hidden) {}

    private static List<FaceView> of(
            List<FaceMap> faces,
            List<Fastener> fasteners,
            Standing standing,
            @Nullable Operation step,
            ShopLimits limits) {
        Map<String, String> placed = standing.back().stream()
                .collect(Collectors.toMap(Tray.Placement::hole, Tray.Placement::fastener, (a, b) -> b));
        Map<String, Fastener> known =
                fasteners.stream().collect(Collectors.toMap(Fastener::id, one -> one, (a, b) -> a));
        List<Tray.Pile> piles = Tray.piles(fasteners);
        List<FaceView> views = new ArrayList<>();
        for (FaceMap face : faces) {
            List<Dot> dots = fasteners.stream()
                    .filter(fastener -> fastener.spot().face() == face.side())
                    .map(fastener -> new Dot(
                            fastener,
                            state(fastener, standing, known.get(placed.get(fastener.id()))),
                            step != null && step.id().equals(fastener.operation()),
                            pile(fastener, piles),
                            Torque.of(fastener, limits)
                                    .map(AppliedLimit::toString)
                                    .orElse(null),
                            placed.get(fastener.id()),
                            false))
                    .toList();
            FaceView view = new FaceView(face, dots, step);
            if (!dots.isEmpty() || view.isAboutTheStep()) {
                views.add(view);
            }
        }
        return views;
    }

    /** The face that the step at hand is about; else the one that lies up, or the first there is. */
    public static @Nullable FaceView atHand(List<FaceView> views, @Nullable Side up) {
        return views.stream()
                .filter(FaceView::isAboutTheStep)
                .findFirst()
                .or(() ->
                        views.stream().filter(view -> view.face().side() == up).findFirst())
                .or(() -> views.stream().findFirst())
                .orElse(null);
    }

    /** @param holds what sits in its hole */
    private static String state(Fastener fastener, Standing standing, @Nullable Fastener holds) {
        if (standing.missing().contains(fastener.id())) {
            return "missing";
        }
        if (holds != null) {
            return fastener.interchangeableWith(holds) ? "back" : "wrong";
        }
        if (standing.out().contains(fastener.id())) {
            return "out";
        }
        return standing.hidden().test(fastener) ? "hidden" : fastener.isCaptive() ? "captive" : "in";
    }

    /** Until what lies over it was lifted, it cannot be seen. */
    private static boolean isHidden(Fastener fastener, JobFile job) {
        return fastener.hiddenUnder() != null
                && job.operation(String.valueOf(fastener.operation()))
                        .filter(operation -> !Opening.of(job)
                                .stepsIn()
                                .containsAll(operation.order().after()))
                        .isPresent();
    }

    /** Number of the pile it lies in, from one; 0 where it lies in none. */
    static int pile(Fastener fastener, List<Tray.Pile> piles) {
        for (int i = 0; i < piles.size(); i++) {
            if (piles.get(i).ids().contains(fastener.id())) {
                return i + 1;
            }
        }
        return 0;
    }
}
