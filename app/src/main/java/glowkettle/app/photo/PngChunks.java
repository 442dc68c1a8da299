package glowkettle.app.photo;

import java.io.ByteArrayOutputStream;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.util.Set;

/**
 * A PNG file with the chunks its picture is made of and no others: text and profiles are packed, and a small one may unpack
 * to more than the memory holds. Nothing is unpacked here. Source: W3C, PNG Specification, chapter 5 (datastream structure).
 */
final class PngChunks {
    private static final long SIGNATURE = 0x89504E470D0A1A0AL;
    private static final int SIGNATURE_BYTES = 8;
    private static final int LENGTH_TYPE_AND_CHECK = 12;
    private static final int HEADER_BYTES = 13;
    private static final Set<String> OF_THE_PICTURE = Set.of("IHDR", "PLTE", "tRNS", "IDAT", "IEND");

    private PngChunks() {}

    static boolean isPng(byte[] sent) {
        return sent.length > SIGNATURE_BYTES && ByteBuffer.wrap(sent).getLong() == SIGNATURE;
    }

    /**
     * @throws Picture.NotTaken where the file is no row of chunks
     */
    static byte[] ofThePicture(byte[] sent) throws Picture.NotTaken {
        ByteBuffer file = ByteBuffer.wrap(sent);
        ByteArrayOutputStream kept = new ByteArrayOutputStream(sent.length);
        kept.write(sent, 0, SIGNATURE_BYTES);
        int at = SIGNATURE_BYTES;
        while (sent.length - at >= LENGTH_TYPE_AND_CHECK) {
            int length = file.getInt(at);
            if (length < 0 || length > sent.length - at - LENGTH_TYPE_AND_CHECK) {
                throw new Picture.NotTaken(Picture.BROKEN);
            }
            String type = new String(sent, at + 4, 4, StandardCharsets.ISO_8859_1);
            if (OF_THE_PICTURE.contains(type)) {
                kept.write(sent, at, length + LENGTH_TYPE_AND_CHECK);
            }
            if (type.equals("IEND")) {
                break;
            }
            at += length + LENGTH_TYPE_AND_CHECK;
        }
        return kept.toByteArray();
    }

    /** Bits of one dot as the header says; of a header that says nonsense the reader will not make a picture. */
    static int bitsADot(byte[] png) {
        int header = SIGNATURE_BYTES + 8;
        if (png.length < header + HEADER_BYTES) {
            return 0;
        }
        int depth = Byte.toUnsignedInt(png[header + 8]);
        return depth
                * switch (png[header + 9]) {
                    case 0, 3 -> 1;
                    case 4 -> 2;
                    case 2 -> 3;
                    // Of a kind that no reader knows the most is taken.
                    default -> 4;
                };
    }
}
