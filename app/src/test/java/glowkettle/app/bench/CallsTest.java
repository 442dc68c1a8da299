package glowkettle.app.bench;

import static org.assertj.core.api.Assertions.assertThat;

import glowkettle.app.demo.Played;
import glowkettle.app.shop.Shop;
import glowkettle.app.support.Kettle;
import glowkettle.app.support.Requests;
import glowkettle.app.support.RunningKettle;
import java.sql.Timestamp;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import javax.sql.DataSource;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.jdbc.core.JdbcTemplate;

@ExtendWith(RunningKettle.class)
class CallsTest {
    private static final int ALL = 500;

    private final Kettle kettle;
    private final JdbcTemplate jdbc;
    private final BenchMapper bench;
    private final Instant now = Kettle.START;
    private final List<Played> played = new ArrayList<>();

    CallsTest(Kettle kettle) {
        this.kettle = kettle;
        kettle.clock().set(Kettle.START);
        jdbc = new JdbcTemplate(kettle.bean(DataSource.class));
        bench = kettle.bean(BenchMapper.class);
    }

    /** Other walks read the same strip. */
    @AfterEach
    void fallSilent() {
        played.forEach(job -> jdbc.update("delete from clock where shop_id = 1 and job = ?", job.number()));
    }

    private Played assessed() {
        Played job = Played.assessed(kettle);
        played.add(job);
        return job;
    }

    private void calls(Played job, String what, int rank, int minutesAgo) {
        jdbc.update(
                "update job set danger_at = case when ? = 1 then ? else danger_at end,"
                        + " work_at = case when ? = 3 then ? else work_at end where shop_id = 1 and number = ?",
                rank,
                Timestamp.from(now.minus(Duration.ofMinutes(minutesAgo))),
                rank,
                Timestamp.from(now.minus(Duration.ofMinutes(minutesAgo))),
                job.number());
        jdbc.update(
                "insert into clock (shop_id, job, at, what, stage, stays, class) values (1, ?, ?, ?, 'FREE', true, ?)",
                job.number(),
                Timestamp.from(now.minus(Duration.ofMinutes(minutesAgo))),
                what,
                rank);
    }

    private List<String> said(Played job) {
        return bench.calls(Shop.ID, now, now, ALL).stream()
                .filter(call -> call.job() == job.number())
                .map(call -> call.what().replaceFirst("^Job \\d+: ", ""))
                .toList();
    }

    /** An older clock of a lower class never outranks one of a higher class; what is not due yet comes after all of them. */
    @Test
    void callsGoByClassThenByHowLongTheyAreDue() {
        Played job = assessed();
        calls(job, "promise", 4, 600);
        calls(job, "work, old", 3, 300);
        calls(job, "work, new", 3, 5);
        calls(job, "watch", 2, 2);
        calls(job, "danger, old", 1, 3);
        calls(job, "danger, new", 1, 1);
        calls(job, "danger, still ahead", 1, -1);
        assertThat(said(job))
                .containsExactly(
                        "danger, old",
                        "danger, new",
                        "watch",
                        "work, old",
                        "work, new",
                        "promise",
                        "danger, still ahead");
    }

    @Test
    void aJobInDangerLeadsTheListBeforeAnyThatIsMerelyLate() {
        Played late = assessed();
        Played dangerous = assessed();
        calls(late, "work", 3, 900);
        calls(dangerous, "danger", 1, 1);
        List<Long> order = bench.open(Shop.ID, now, ALL).stream()
                .map(BenchMapper.BenchJob::number)
                .toList();
        assertThat(order.indexOf(dangerous.number())).isLessThan(order.indexOf(late.number()));
    }

    @Test
    void answersThePageOfAJobThatIsNotThere() {
        Requests.Answer answer = Requests.as(kettle, "technician")
                .with("HX-Current-URL", kettle.address() + "/jobs/987654321/open")
                .get("/clocks");
        assertThat(answer.status()).isEqualTo(200);
    }
}
