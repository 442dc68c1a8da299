package glowkettle.app.photo;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.zip.CRC32;
import java.util.zip.DeflaterOutputStream;

/** Small files that would unpack to what no memory holds. */
public final class Bombs {
    private static final int HEADER_ENDS = 33;

    private Bombs() {}

    /** A picture with a packed text chunk in front of its dots. */
    public static byte[] pngWithText(byte[] png, int unpackedBytes) throws IOException {
        ByteArrayOutputStream text = new ByteArrayOutputStream();
        text.write("Comment\0\0".getBytes(StandardCharsets.ISO_8859_1));
        try (DeflaterOutputStream packed = new DeflaterOutputStream(text)) {
            zeros(packed, unpackedBytes);
        }
        ByteArrayOutputStream whole = new ByteArrayOutputStream();
        whole.write(png, 0, HEADER_ENDS);
        whole.write(chunk("zTXt", text.toByteArray()));
        whole.write(png, HEADER_ENDS, png.length - HEADER_ENDS);
        return whole.toByteArray();
    }

    /** A black picture of any size, packed as small as it gets. */
    public static byte[] pngOf(int width, int height, int depth, int colourType) throws IOException {
        int channels = colourType == 6 ? 4 : colourType == 2 ? 3 : 1;
        long row = 1 + (long) width * channels * depth / 8;
        ByteArrayOutputStream dots = new ByteArrayOutputStream();
        try (DeflaterOutputStream packed = new DeflaterOutputStream(dots)) {
            zeros(packed, row * height);
        }
        ByteBuffer header = ByteBuffer.allocate(13).putInt(width).putInt(height);
        header.put((byte) depth).put((byte) colourType);
        ByteArrayOutputStream whole = new ByteArrayOutputStream();
        whole.write(ByteBuffer.allocate(8).putLong(0x89504E470D0A1A0AL).array());
        whole.write(chunk("IHDR", header.array()));
        whole.write(chunk("IDAT", dots.toByteArray()));
        whole.write(chunk("IEND", new byte[0]));
        return whole.toByteArray();
    }

    private static void zeros(java.io.OutputStream out, long bytes) throws IOException {
        byte[] block = new byte[1 << 16];
        for (long left = bytes; left > 0; left -= block.length) {
            out.write(block, 0, (int) Math.min(left, block.length));
        }
    }

    private static byte[] chunk(String type, byte[] data) {
        ByteBuffer chunk = ByteBuffer.allocate(12 + data.length).putInt(data.length);
        chunk.put(type.getBytes(StandardCharsets.ISO_8859_1)).put(data);
        CRC32 check = new CRC32();
        check.update(Arrays.copyOfRange(chunk.array(), 4, 8 + data.length));
        return chunk.putInt((int) check.getValue()).array();
    }
}
