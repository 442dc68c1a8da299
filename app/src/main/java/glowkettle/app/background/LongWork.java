package glowkettle.app.background;

import com.github.kagkarlsson.scheduler.task.Task;

/**
 * Work that takes longer than a request: it is scheduled in the transaction that asks for it, may be killed at any moment,
 * and begins anew at another node.
 */
public interface LongWork {
    Task<?> task();
}
