package glowkettle.app.photo;

import java.io.IOException;
import java.util.concurrent.ArrayBlockingQueue;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.Future;
import java.util.concurrent.RejectedExecutionException;
import java.util.concurrent.ThreadPoolExecutor;
import java.util.concurrent.TimeUnit;
import org.springframework.beans.factory.DisposableBean;
import org.springframework.stereotype.Component;
import org.springframework.web.multipart.MultipartFile;

/**
 * Where pictures are unpacked and drawn anew: one at a time, on a thread of its own that gives way to every other, so that
 * no number of photos keeps the shop waiting. A file is read into the memory when its turn has come.
 */
@Component
class Darkroom implements DisposableBean {
    private static final int MOST_WAITING = 8;

    private final ThreadPoolExecutor hand =
            new ThreadPoolExecutor(1, 1, 0, TimeUnit.SECONDS, new ArrayBlockingQueue<>(MOST_WAITING), Darkroom::quiet);

    private static Thread quiet(Runnable work) {
        Thread thread = new Thread(work, "darkroom");
        thread.setPriority(Thread.MIN_PRIORITY);
        thread.setDaemon(true);
        return thread;
    }

    /**
     * @throws Picture.NotTaken where it is no picture, or too many wait already
     */
    Picture develop(MultipartFile file) throws Picture.NotTaken, IOException {
        try {
            Callable<Picture> work = () -> Picture.of(file.getBytes());
            Future<Picture> drawn = hand.submit(work);
            return drawn.get();
        } catch (RejectedExecutionException full) {
            throw new Picture.NotTaken(
                    "%s photos wait already; send this one again in a moment".formatted(MOST_WAITING));
        } catch (InterruptedException ended) {
            Thread.currentThread().interrupt();
            throw new Picture.NotTaken("The shop is closing down; send it again");
        } catch (ExecutionException failed) {
            switch (failed.getCause()) {
                case Picture.NotTaken notTaken -> throw notTaken;
                case IOException broken -> throw broken;
                case OutOfMemoryError tooBig -> throw new Picture.NotTaken(Picture.BROKEN);
                case null, default -> throw new IllegalStateException(failed);
            }
        }
    }

    @Override
    public void destroy() {
        hand.shutdownNow();
    }
}
