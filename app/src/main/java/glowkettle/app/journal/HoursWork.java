package glowkettle.app.journal;

import com.github.kagkarlsson.scheduler.SchedulerClient;
import com.github.kagkarlsson.scheduler.task.Task;
import com.github.kagkarlsson.scheduler.task.helper.OneTimeTask;
import com.github.kagkarlsson.scheduler.task.helper.Tasks;
import glowkettle.app.background.LongWork;
import java.time.Instant;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** Clocks that follow the hours, reckoned anew with them, job by job. */
@Component
public class HoursWork implements LongWork {
    private final SchedulerClient client;
    private final OneTimeTask<Void> task;

    HoursWork(Relisting relisting, SchedulerClient client) {
        this.client = client;
        this.task = Tasks.oneTime("hours", Void.class).execute((instance, context) -> relisting.followTheHours());
    }

    @Override
    public Task<?> task() {
        return task;
    }

    /** In the transaction that changes the hours. */
    public void begin() {
        client.scheduleIfNotExists(task.instance(UUID.randomUUID().toString()), Instant.EPOCH);
    }
}
