package glowkettle.job.assess;

import glowkettle.assess.HazardReadings.Look;
import glowkettle.assess.HazardReadings.Seam;
import glowkettle.assess.HazardReadings.Thickness;
import glowkettle.assess.HazardReadings.Voltage;
import glowkettle.assess.HazardReadings.Warmth;
import glowkettle.job.Admission;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/** A reading in which nothing was read is a slip of the hand: it would hide the one before it. */
public final class EmptyReading {
    private EmptyReading() {}

    public static Optional<Admission.Refusal> refuse(Look look) {
        return refuse(look, "look.");
    }

    public static Optional<Admission.Refusal> refuse(Look look, String record) {
        return unless(
                any(
                        look.flameSmokeHissJet(),
                        look.visiblePillow(),
                        look.pushedOutOfPlace(),
                        look.piercedTornCreased(),
                        look.dentedBentDropped(),
                        look.leakOrSolventSmell(),
                        look.wet()),
                record + "flameSmokeHissJet",
                "Answer at least one of the questions.");
    }

    public static Optional<Admission.Refusal> refuse(Warmth warmth) {
        return unless(
                any(warmth.surfaceC(), warmth.ambientC()),
                "warmth.surfaceC",
                "Give the temperature of the surface, of the shop's air, or both.");
    }

    public static Optional<Admission.Refusal> refuse(Seam seam) {
        return unless(
                any(seam.rocks(), seam.panelClicks(), seam.screenLiftMm())
                        || !seam.seamMm().isEmpty(),
                "seam.seamMm",
                "Give a gap at one seam point at least, or say whether it rocks.");
    }

    public static Optional<Admission.Refusal> refuse(Thickness thickness) {
        return unless(
                any(thickness.middleThicknessMm())
                        || !thickness.cornerThicknessMm().isEmpty(),
                "thickness.middleThicknessMm",
                "Give the thickness at the middle, or at a corner at least.");
    }

    public static Optional<Admission.Refusal> refuse(Voltage voltage) {
        return unless(
                any(voltage.restedCellV(), voltage.highestRestedCellV(), voltage.cellSpreadMv()),
                "voltage.restedCellV",
                "Give the rested voltage of a cell, or how far the cells are apart.");
    }

    private static boolean any(@Nullable Object... values) {
        return Stream.of(values).anyMatch(Objects::nonNull);
    }

    private static Optional<Admission.Refusal> unless(boolean read, String field, String reason) {
        return read ? Optional.empty() : Optional.of(new Admission.Refusal(field, reason));
    }
}
