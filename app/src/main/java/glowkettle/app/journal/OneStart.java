package glowkettle.app.journal;

import org.apache.ibatis.session.SqlSession;
import org.apache.ibatis.session.SqlSessionFactory;
import org.jspecify.annotations.Nullable;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;

/**
 * Of several nodes that start at once, one looks after what is stored, and the next when it is done: none seeds or makes
 * lists anew beside another. A node that falls over lets go with its connection.
 */
@Component
class OneStart {
    private final SqlSessionFactory sessions;
    private @Nullable SqlSession held;

    OneStart(SqlSessionFactory sessions) {
        this.sessions = sessions;
    }

    /** Waits for whoever started before. */
    void begin() {
        SqlSession session = sessions.openSession();
        session.getMapper(StartMapper.class).lock();
        held = session;
    }

    void end() {
        if (held != null) {
            held.getMapper(StartMapper.class).unlock();
            held.close();
            held = null;
        }
    }

    /** Before anything else that runs at the start. */
    @Component
    @Order(Ordered.HIGHEST_PRECEDENCE)
    record Begin(OneStart start) implements ApplicationRunner {
        @Override
        public void run(ApplicationArguments arguments) {
            start.begin();
        }
    }

    /** After everything else. */
    @Component
    @Order(Ordered.LOWEST_PRECEDENCE)
    record End(OneStart start) implements ApplicationRunner {
        @Override
        public void run(ApplicationArguments arguments) {
            start.end();
        }
    }
}
