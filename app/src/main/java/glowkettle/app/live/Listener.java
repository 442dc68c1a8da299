package glowkettle.app.live;

import java.sql.Connection;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.Set;
import java.util.concurrent.locks.LockSupport;
import javax.sql.DataSource;
import org.postgresql.PGConnection;
import org.postgresql.PGNotification;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.SmartLifecycle;
import org.springframework.stereotype.Component;

/**
 * Hears what the database says of changed jobs, on a connection of its own, so that a change made through any node reaches
 * the pages open at this one. A broken connection is made anew.
 */
@Component
class Listener implements SmartLifecycle {
    private static final Logger LOG = LoggerFactory.getLogger(Listener.class);
    private static final int PATIENCE_MS = 5_000;
    private static final long HEARTBEAT_NANOS = PATIENCE_MS * 1_000_000L;
    private static final long AGAIN_AFTER_NANOS = 1_000_000_000L;

    private final DataSource database;
    private final LivePages pages;
    private final SessionMapper sessions;
    private volatile boolean running;

    Listener(DataSource database, LivePages pages, SessionMapper sessions) {
        this.database = database;
        this.pages = pages;
        this.sessions = sessions;
    }

    @Override
    public void start() {
        running = true;
        Thread.ofPlatform().daemon().name("live").start(() -> {
            while (running) {
                listen();
            }
        });
    }

    private void listen() {
        try (Connection connection = database.getConnection();
                Statement statement = connection.createStatement()) {
            statement.execute("listen job");
            PGConnection postgres = connection.unwrap(PGConnection.class);
            // What was said while nobody listened is not said again.
            pages.resync();
            try {
                long beat = System.nanoTime();
                while (running) {
                    PGNotification[] heard = postgres.getNotifications(PATIENCE_MS);
                    for (PGNotification one : heard == null ? new PGNotification[0] : heard) {
                        pages.tell(Change.of(one.getParameter()));
                    }
                    if (System.nanoTime() - beat >= HEARTBEAT_NANOS) {
                        beat = System.nanoTime();
                        heartbeat();
                    }
                }
            } finally {
                // At the end the pool is closed, and this line with it.
                if (running) {
                    statement.execute("unlisten *");
                }
            }
        } catch (SQLException broken) {
            if (running) {
                LOG.warn("The line for live changes broke: {}", broken.getMessage());
                LockSupport.parkNanos(AGAIN_AFTER_NANOS);
            }
        }
    }

    private void heartbeat() {
        Set<String> open = pages.sessions();
        if (!open.isEmpty()) {
            // The browsers' own clocks: a session ends by the real time, whatever the shop's says.
            pages.keepOnly(sessions.signedIn(open, System.currentTimeMillis()));
        }
        pages.heartbeat();
    }

    @Override
    public void stop() {
        running = false;
        pages.close();
    }

    @Override
    public boolean isRunning() {
        return running;
    }
}
