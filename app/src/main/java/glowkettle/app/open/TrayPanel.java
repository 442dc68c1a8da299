package glowkettle.app.open;

import glowkettle.finding.Figures;
import glowkettle.job.JobFile;
import glowkettle.job.wayback.JobTray;
import glowkettle.library.FaceMap;
import glowkettle.library.Fastener;
import glowkettle.open.Mixup;
import glowkettle.open.Torque;
import glowkettle.open.Tray;
import java.math.BigDecimal;
import java.util.Comparator;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/** The one tray in its three views: as it lies on the face, sorted into piles, and in numbered cells. */
public record TrayPanel(List<FaceView> faces, List<Pile> piles, List<Cell> cells, List<Risk> risks) {
    private static final double MIDDLING_MM = 4;

    /** Equals that may change places. */
    public record Pile(int kind, String words, List<String> ids, double lengthMm) {}

    /** A cell of the mat: what belongs in it, and whether it lies there. */
    public record Cell(Fastener fastener, int kind, String state) {}

    /**
     * What must not change places: of one pile in a hole of another.
     *
     * @param overshootMm how much too long it would be; null where nobody has measured both
     */
    public record Risk(int longer, int shorter, @Nullable BigDecimal overshootMm) {
        public String words() {
            return overshootMm == null
                    ? "longer, nobody measured by how much"
                    : Figures.withUnit(overshootMm, "mm") + " too long: through the board";
        }
    }

    /** Piles of which one would go through the board in another's hole: the few places where these belong are marked. */
    public Set<Integer> riskyKinds() {
        return risks.stream().map(Risk::longer).collect(Collectors.toSet());
    }

    public static TrayPanel of(JobFile job, List<FaceView> faces) {
        Set<String> inTray = Set.copyOf(JobTray.of(job).tray().result().leftOver());
        List<Tray.Pile> kinds = Tray.piles(job.model().anatomy().fasteners());
        List<Pile> piles = kinds.stream()
                .map(kind -> new Pile(
                        kinds.indexOf(kind) + 1,
                        kind.kind(),
                        kind.ids().stream().filter(inTray::contains).toList(),
                        job.model()
                                .anatomy()
                                .fastener(kind.ids().getFirst())
                                .map(fastener -> drawnMm(fastener.make()))
                                .orElse(MIDDLING_MM)))
                .filter(pile -> !pile.ids().isEmpty())
                .toList();
        List<Cell> cells = faces.stream()
                .flatMap(face -> face.dots().stream())
                .filter(dot -> !dot.fastener().isCaptive())
                .sorted(Comparator.comparing(
                        dot -> job.model().anatomy().fasteners().indexOf(dot.fastener())))
                .map(dot -> new Cell(dot.fastener(), dot.kind(), dot.state()))
                .toList();
        List<Fastener> lying = job.model().anatomy().fasteners().stream()
                .filter(fastener -> inTray.contains(fastener.id()))
                .toList();
        return new TrayPanel(
                faces.stream()
                        .filter(face -> face.dots().stream()
                                .anyMatch(dot -> !dot.fastener().isCaptive()))
                        .toList(),
                piles,
                cells,
                Mixup.among(lying, job.limits()).stream()
                        .filter(Mixup::dangerous)
                        .map(mixup -> new Risk(
                                FaceView.pile(mixup.longer(), kinds),
                                FaceView.pile(mixup.shorter(), kinds),
                                mixup.overshootMm()))
                        .toList());
    }

    /** As long as it is, or as it looks beside the others. */
    private static double drawnMm(Fastener.Make make) {
        if (make.lengthMm() != null) {
            return make.lengthMm().doubleValue();
        }
        return make.reach() == null
                ? MIDDLING_MM
                : switch (make.reach()) {
                    case SHORT -> MIDDLING_MM / 2;
                    case MIDDLE -> MIDDLING_MM;
                    case LONG -> MIDDLING_MM * 2;
                };
    }

    /** The hand torques of a group, each thread and seat once. */
    public static List<String> torques(JobFile job, List<Fastener> group) {
        return group.stream()
                .flatMap(fastener -> Torque.of(fastener, job.limits()).stream()
                        .map(torque -> "%s %s".formatted(fastener.make().thread(), torque)))
                .distinct()
                .toList();
    }

    /** Whether a fastener sits over the pack, where nothing is ever drilled. */
    public static boolean overPack(JobFile job, Fastener fastener) {
        return job.model().anatomy().faces().stream()
                .filter(face -> face.side() == fastener.spot().face())
                .flatMap(face -> face.areas().stream())
                .filter(area -> area.name().equals("pack") || area.name().equals("cells"))
                .anyMatch(area -> isWithin(area, fastener));
    }

    private static boolean isWithin(FaceMap.Area area, Fastener fastener) {
        return fastener.spot().xMm().compareTo(area.xMm()) >= 0
                && fastener.spot().yMm().compareTo(area.yMm()) >= 0
                && fastener.spot().xMm().compareTo(area.xMm().add(area.widthMm())) <= 0
                && fastener.spot().yMm().compareTo(area.yMm().add(area.heightMm())) <= 0;
    }
}
