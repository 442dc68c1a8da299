package glowkettle.app.library;

import glowkettle.library.DeviceModel;
import glowkettle.library.FaceMap;
import glowkettle.library.Fastener;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/** A face of a device as small as a thumb: enough to tell one device from another. */
public record FaceThumb(
        String viewBox, BigDecimal widthMm, BigDecimal heightMm, List<FaceMap.Area> areas, List<Fastener> fasteners) {
    private static final BigDecimal DOTS = BigDecimal.valueOf(45);
    private static final BigDecimal CORNERS = BigDecimal.valueOf(22);

    /** The face with the most fasteners; nothing of a model without a face. */
    static Optional<FaceThumb> of(DeviceModel model) {
        return model.anatomy().faces().stream()
                .max(Comparator.comparingLong((FaceMap face) -> on(face, model).size()))
                .map(face -> new FaceThumb(
                        "-3 -3 %s %s"
                                .formatted(
                                        face.widthMm().add(BigDecimal.valueOf(6)),
                                        face.heightMm().add(BigDecimal.valueOf(6))),
                        face.widthMm(),
                        face.heightMm(),
                        face.areas(),
                        on(face, model)));
    }

    private static List<Fastener> on(FaceMap face, DeviceModel model) {
        return model.anatomy().fasteners().stream()
                .filter(fastener -> fastener.spot().face() == face.side())
                .toList();
    }

    /** How large a fastener is drawn, in mm. */
    public BigDecimal dot() {
        return widthMm.max(heightMm).divide(DOTS, 2, RoundingMode.HALF_UP);
    }

    public BigDecimal corner() {
        return widthMm.max(heightMm).divide(CORNERS, 2, RoundingMode.HALF_UP);
    }
}
