package glowkettle.app.journal;

import static org.assertj.core.api.Assertions.assertThat;

import glowkettle.app.support.Kettle;
import glowkettle.app.support.RunningKettle;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import org.apache.ibatis.session.SqlSessionFactory;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.jdbc.core.JdbcTemplate;

@ExtendWith(RunningKettle.class)
class OneStartTest {
    private static boolean somebodyWaits(Kettle kettle) {
        return Boolean.TRUE.equals(kettle.bean(JdbcTemplate.class)
                .queryForObject(
                        "select exists (select from pg_locks where locktype = 'advisory' and not granted)",
                        Boolean.class));
    }

    @Test
    void aSecondNodeWaitsUntilTheFirstHasStarted(Kettle kettle) throws InterruptedException {
        OneStart first = new OneStart(kettle.bean(SqlSessionFactory.class));
        OneStart second = new OneStart(kettle.bean(SqlSessionFactory.class));
        CountDownLatch begun = new CountDownLatch(1);
        first.begin();
        Thread node = Thread.ofVirtual().start(() -> {
            second.begin();
            begun.countDown();
            second.end();
        });
        while (!somebodyWaits(kettle)) {
            Thread.onSpinWait();
        }

        assertThat(begun.getCount()).isOne();
        first.end();
        assertThat(begun.await(60, TimeUnit.SECONDS)).isTrue();
        node.join();
    }
}
