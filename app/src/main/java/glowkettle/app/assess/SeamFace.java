package glowkettle.app.assess;

import glowkettle.library.DeviceModel;
import glowkettle.library.FaceMap;
import java.util.List;
import java.util.Optional;

/** The face whose seam is gauged, with its points numbered as they are typed; up to eight. */
public record SeamFace(FaceMap face, List<FaceMap.SeamPoint> points) {
    private static final int MOST = 8;

    static @org.jspecify.annotations.Nullable SeamFace of(DeviceModel model) {
        Optional<FaceMap> face = model.anatomy().faces().stream()
                .filter(one -> !one.seamPoints().isEmpty())
                .findFirst();
        return face.map(one ->
                        new SeamFace(one, one.seamPoints().stream().limit(MOST).toList()))
                .orElse(null);
    }

    /** The words beside the n-th field. */
    public String label(int index) {
        return index < points.size() ? (index + 1) + " " + points.get(index).name() : String.valueOf(index + 1);
    }
}
