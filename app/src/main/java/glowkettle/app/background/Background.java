package glowkettle.app.background;

import com.github.kagkarlsson.scheduler.Scheduler;
import jakarta.annotation.PreDestroy;
import java.time.Duration;
import java.util.List;
import javax.sql.DataSource;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/** The one scheduler of a node: it picks whatever long work is due, its own or that of a node that is gone. */
@Component
class Background {
    private static final int THREADS = 2;
    private static final int MISSED_BEATS = 4;

    private final Scheduler scheduler;

    Background(List<LongWork> works, DataSource data) {
        this.scheduler = Scheduler.create(
                        data, works.stream().map(LongWork::task).toList())
                .threads(THREADS)
                .pollingInterval(Duration.ofSeconds(1))
                .heartbeatInterval(Duration.ofSeconds(5))
                .missedHeartbeatsLimit(MISSED_BEATS)
                .shutdownMaxWait(Duration.ofSeconds(1))
                .build();
    }

    @EventListener(ApplicationReadyEvent.class)
    void start() {
        scheduler.start();
    }

    @PreDestroy
    void stop() {
        scheduler.stop();
    }
}
