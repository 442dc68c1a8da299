package glowkettle.app.open;

import glowkettle.job.JobFile;
import glowkettle.job.open.FoundThing;
import glowkettle.library.Drive;
import glowkettle.library.FaceMap;
import glowkettle.library.Fastener;
import glowkettle.library.Operation;
import glowkettle.library.OperationKind;
import glowkettle.library.Side;
import java.math.BigDecimal;
import java.util.EnumSet;
import java.util.List;
import java.util.Objects;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * The face of a device nobody described, for the screws that are found on it: what lies on it already, and the outline, which
 * is a proposal until somebody measures it.
 */
public record FoundChart(String step, FaceMap face, List<Fastener> known) {
    private static final Set<OperationKind> WITHOUT_SCREWS =
            EnumSet.of(OperationKind.POWER_OFF, OperationKind.TAKE_OUT_CARD, OperationKind.FREE_PACK);

    public static @Nullable FoundChart of(JobFile job, @Nullable Operation step) {
        if (step == null || !job.isByFamily() || WITHOUT_SCREWS.contains(step.kind())) {
            return null;
        }
        Side side = Objects.requireNonNullElse(step.handling().side(), Side.BACK);
        return new FoundChart(
                step.id(),
                job.model()
                        .anatomy()
                        .faceOf(side)
                        .orElseGet(() -> proposed(side, job.model().identity().kind())),
                job.model().anatomy().fasteners().stream()
                        .filter(fastener -> fastener.spot().face() == side)
                        .toList());
    }

    /** An outline to draw on; no figure of any device. */
    private static FaceMap proposed(Side side, String kind) {
        return switch (kind) {
            case "laptop" -> outline(side, 310, 215);
            case "phone" -> outline(side, 72, 150);
            case "handheld" -> outline(side, 80, 170);
            default -> outline(side, 120, 90);
        };
    }

    private static FaceMap outline(Side side, int widthMm, int heightMm) {
        return new FaceMap(side, BigDecimal.valueOf(widthMm), BigDecimal.valueOf(heightMm), List.of(), List.of());
    }

    /** Whether somebody has drawn on it, so that its outline stands. */
    public boolean fixed() {
        return !known.isEmpty();
    }

    public List<String> drives() {
        return Drive.COMMON;
    }

    public String tip(String drive) {
        return Drive.of(drive).map(Drive::words).orElse("");
    }

    public Fastener.Reach[] reaches() {
        return Fastener.Reach.values();
    }

    public List<String> colours() {
        return List.of("black", "silver", "gold");
    }

    public FoundThing[] things() {
        return FoundThing.values();
    }
}
