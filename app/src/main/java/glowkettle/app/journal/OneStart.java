package glowkettle.app.journal;

import org.apache.ibatis.session.SqlSession;
import org.apache.ibatis.session.SqlSessionFactory;
import org.jspecify.annotations.Nullable;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;

/**
 * Of several nodes that start at once, one looks after what is stored, and the next when it is done: none seeds or makes
 * lists anew beside another. A node that falls over lets go with its connection.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE)
class OneStart implements ApplicationRunner {
    private final SqlSessionFactory sessions;
    private @Nullable SqlSession held;

    OneStart(SqlSessionFactory sessions) {
        this.sessions = sessions;
    }

    @Override
    public void run(ApplicationArguments arguments) {
        begin();
    }

    /** Waits for whoever started before. */
    void begin() {
        SqlSession session = sessions.openSession();
        session.getMapper(StartMapper.class).lock();
        held = session;
    }

    /** Everything else that runs at the start has run. */
    @EventListener(ApplicationReadyEvent.class)
    void end() {
        if (held != null) {
            held.getMapper(StartMapper.class).unlock();
            held.close();
            held = null;
        }
    }
}
