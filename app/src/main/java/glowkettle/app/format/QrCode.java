package glowkettle.app.format;

import com.github.benmanes.caffeine.cache.Caffeine;
import com.github.benmanes.caffeine.cache.LoadingCache;
import com.google.zxing.BarcodeFormat;
import com.google.zxing.EncodeHintType;
import com.google.zxing.WriterException;
import com.google.zxing.common.BitMatrix;
import com.google.zxing.qrcode.QRCodeWriter;
import com.google.zxing.qrcode.decoder.ErrorCorrectionLevel;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/**
 * A text as a code for cameras: square, in modules, with the quiet zone that readers ask for.
 *
 * @param modules edge in modules, the quiet zone included
 * @param runs dark stretches, row by row
 */
public record QrCode(int modules, List<Run> runs) {
    private static final int QUIET_ZONE = 2;
    /** A label is looked at, then printed: each time the same code. */
    private static final LoadingCache<String, QrCode> DRAWN =
            Caffeine.newBuilder().maximumSize(500).build(QrCode::drawn);

    /** A dark stretch of one row. */
    public record Run(int x, int y, int length) {}

    public static QrCode of(String text) {
        return DRAWN.get(text);
    }

    private static QrCode drawn(String text) {
        try {
            BitMatrix matrix = new QRCodeWriter()
                    .encode(
                            text,
                            BarcodeFormat.QR_CODE,
                            0,
                            0,
                            Map.of(
                                    EncodeHintType.MARGIN,
                                    QUIET_ZONE,
                                    EncodeHintType.ERROR_CORRECTION,
                                    ErrorCorrectionLevel.M));
            return new QrCode(matrix.getWidth(), runs(matrix));
        } catch (WriterException e) {
            throw new IllegalArgumentException("'%s' does not fit into a code".formatted(text), e);
        }
    }

    private static List<Run> runs(BitMatrix matrix) {
        List<Run> runs = new ArrayList<>();
        for (int y = 0; y < matrix.getHeight(); y++) {
            int x = 0;
            while (x < matrix.getWidth()) {
                int from = x;
                while (x < matrix.getWidth() && matrix.get(x, y)) {
                    x++;
                }
                if (x > from) {
                    runs.add(new Run(from, y, x - from));
                }
                x++;
            }
        }
        return List.copyOf(runs);
    }

    /** The dark modules as one path of an SVG drawing, a unit per module. */
    public String path() {
        StringBuilder path = new StringBuilder();
        runs.forEach(run -> path.append('M')
                .append(run.x())
                .append(' ')
                .append(run.y())
                .append('h')
                .append(run.length())
                .append("v1h-")
                .append(run.length())
                .append('z'));
        return path.toString();
    }
}
