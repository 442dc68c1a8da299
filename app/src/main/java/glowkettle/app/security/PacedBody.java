package glowkettle.app.security;

import java.io.IOException;
import java.time.Duration;
import org.apache.coyote.ActionCode;
import org.apache.coyote.InputBuffer;
import org.apache.coyote.Request;
import org.apache.tomcat.util.net.ApplicationBufferHandler;

/** A body that comes in at a pace, or not at all: after some seconds of a drip its connection is closed. */
final class PacedBody implements InputBuffer {
    private static final long PATIENCE_NANOS = Duration.ofSeconds(4).toNanos();
    private static final double LEAST_BYTES_PER_SECOND = 200;
    private static final double NANOS_PER_SECOND = 1e9;

    private final InputBuffer body;
    private final Request request;
    private final long begun = System.nanoTime();
    private long bytes;

    PacedBody(InputBuffer body, Request request) {
        this.body = body;
        this.request = request;
    }

    @Override
    public int doRead(ApplicationBufferHandler handler) throws IOException {
        int read = body.doRead(handler);
        bytes += Math.max(0, read);
        long nanos = System.nanoTime() - begun;
        if (read > 0 && nanos > PATIENCE_NANOS && bytes / (nanos / NANOS_PER_SECOND) < LEAST_BYTES_PER_SECOND) {
            IOException drips = new IOException("The body drips: %s bytes in %s s".formatted(bytes, nanos / 1e9));
            request.action(ActionCode.CLOSE_NOW, drips);
            throw drips;
        }
        return read;
    }

    @Override
    public int available() {
        return body.available();
    }
}
