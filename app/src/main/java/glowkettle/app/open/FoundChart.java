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
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * The face of a device nobody described, for the screws that are found on it: what lies on it already, and the outline, which
 * is a proposal until somebody measures it.
 */
public record FoundChart(String step, Side side, BigDecimal widthMm, BigDecimal heightMm, List<Fastener> known) {
    /** An outline to draw on; no figure of any device. */
    private record Outline(int widthMm, int heightMm) {}

    public static @Nullable FoundChart of(JobFile job, @Nullable Operation step) {
        if (step == null || !job.isByFamily() || !hasScrews(step.kind())) {
            return null;
        }
        Side side = Objects.requireNonNullElse(step.handling().side(), Side.BACK);
        Optional<FaceMap> face = job.model().anatomy().faces().stream()
                .filter(known -> known.side() == side)
                .findFirst();
        Outline proposed = outline(job.model().identity().kind());
        return new FoundChart(
                step.id(),
                side,
                face.map(FaceMap::widthMm).orElse(BigDecimal.valueOf(proposed.widthMm())),
                face.map(FaceMap::heightMm).orElse(BigDecimal.valueOf(proposed.heightMm())),
                job.model().anatomy().fasteners().stream()
                        .filter(fastener -> fastener.spot().face() == side)
                        .toList());
    }

    private static boolean hasScrews(OperationKind kind) {
        return switch (kind) {
            case POWER_OFF, TAKE_OUT_CARD, FREE_PACK -> false;
            case LIFT_FOOT_OR_LABEL,
                    LOOSEN_FASTENERS,
                    CLIP_RUN,
                    PULL_SUCTION,
                    CUT_ADHESIVE,
                    UNLATCH_CONNECTOR,
                    PEEL_TAPE,
                    MOVE_CABLE,
                    LIFT_PART,
                    DISCONNECT_PACK,
                    LIFT_PACK_OUT,
                    LIFT_DOCKED_PACK_OUT -> true;
        };
    }

    private static Outline outline(String kind) {
        return switch (kind) {
            case "laptop" -> new Outline(310, 215);
            case "phone" -> new Outline(72, 150);
            case "handheld" -> new Outline(80, 170);
            default -> new Outline(120, 90);
        };
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

    public double markScale() {
        return new FaceMap(side, widthMm, heightMm, List.of(), List.of()).markScale();
    }
}
