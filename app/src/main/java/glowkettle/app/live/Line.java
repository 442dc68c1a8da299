package glowkettle.app.live;

import jakarta.servlet.AsyncContext;
import jakarta.servlet.ServletOutputStream;
import jakarta.servlet.WriteListener;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayDeque;
import java.util.Deque;

/**
 * One open page, of somebody who is signed in. It is written to only while its socket takes what is written, so that one
 * thread serves all of them and none waits for another.
 */
final class Line implements WriteListener {
    /** What a page may be behind; it comes again by itself and is told how things stand. */
    private static final int MOST_WAITING = 64;

    private final AsyncContext context;
    private final ServletOutputStream out;
    private final String session;
    private final Runnable forget;
    private final Deque<byte[]> waiting = new ArrayDeque<>();
    private boolean open;
    private boolean gone;
    private boolean completed;

    /** @param forget what becomes of it in the list of lines when it is gone */
    Line(AsyncContext context, String session, java.util.function.Consumer<Line> forget) throws IOException {
        this.context = context;
        this.out = context.getResponse().getOutputStream();
        this.session = session;
        this.forget = () -> forget.accept(this);
    }

    String session() {
        return session;
    }

    /** An event of the stream; the line is let go where it is too far behind. */
    void say(String name, String data) {
        boolean behind;
        boolean broken = false;
        synchronized (this) {
            behind = waiting.size() >= MOST_WAITING;
            if (!gone && !behind) {
                waiting.add("event:%s\ndata:%s\n\n".formatted(name, data).getBytes(StandardCharsets.UTF_8));
                broken = !write();
            }
        }
        if (behind) {
            end();
        } else if (broken) {
            lose();
        }
    }

    @Override
    public void onWritePossible() {
        boolean lost;
        synchronized (this) {
            open = true;
            lost = !write();
        }
        if (lost) {
            lose();
        }
    }

    /** Whatever the socket takes now; false where it is broken. */
    private boolean write() {
        try {
            while (open && !gone && !waiting.isEmpty()) {
                open = out.isReady();
                if (open) {
                    out.write(waiting.remove());
                    open = out.isReady();
                }
                if (open) {
                    out.flush();
                    open = out.isReady();
                }
            }
            return true;
        } catch (IOException | IllegalStateException broken) {
            return false;
        }
    }

    /** The socket is broken: the container tells its context so, and completes it with that. */
    @Override
    public void onError(Throwable failure) {
        end();
    }

    /** Nobody hears it any more; its context ends by the container's own word. */
    private void lose() {
        synchronized (this) {
            gone = true;
            waiting.clear();
        }
        forget.run();
    }

    /** The browser comes again elsewhere, or not at all. */
    void end() {
        lose();
        synchronized (this) {
            if (completed) {
                return;
            }
            completed = true;
        }
        try {
            context.complete();
        } catch (IllegalStateException ended) {
            // The container closed it first.
        }
    }
}
