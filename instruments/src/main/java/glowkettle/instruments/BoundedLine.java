package glowkettle.instruments;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import org.jspecify.annotations.Nullable;

/** A line of what comes in, of no more than a bench instrument ever says: whoever never ends a line fills no memory. */
final class BoundedLine {
    static final int MOST_BYTES = 4_096;

    private BoundedLine() {}

    /**
     * @param deadlineNanos when the whole line has to be there, by {@link System#nanoTime()}
     * @return null at the end of the stream
     */
    static @Nullable String read(InputStream in, long deadlineNanos) throws IOException {
        byte[] line = new byte[MOST_BYTES];
        for (int length = 0; length < MOST_BYTES; length++) {
            int next = in.read();
            if (next < 0) {
                return length == 0 ? null : text(line, length);
            }
            if (next == '\n') {
                return text(line, length);
            }
            if (System.nanoTime() - deadlineNanos > 0) {
                throw new IOException("The line does not end");
            }
            line[length] = (byte) next;
        }
        throw new IOException("A line of more than %s bytes".formatted(MOST_BYTES));
    }

    private static String text(byte[] line, int length) {
        return new String(line, 0, length, StandardCharsets.US_ASCII).strip();
    }
}
