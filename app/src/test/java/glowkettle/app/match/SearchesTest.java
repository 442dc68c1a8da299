package glowkettle.app.match;

import static org.assertj.core.api.Assertions.assertThat;

import glowkettle.app.demo.Played;
import glowkettle.app.shop.Shop;
import glowkettle.app.support.Kettle;
import glowkettle.app.support.RunningKettle;
import glowkettle.demo.DemoJob;
import glowkettle.job.Role;
import glowkettle.job.match.MatchEntry;
import glowkettle.job.match.Matching;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.SQLException;
import java.time.Duration;
import java.util.UUID;
import javax.sql.DataSource;
import org.awaitility.Awaitility;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** A search outlives the node that began it, and says nothing of cells that are no more. */
@ExtendWith(RunningKettle.class)
class SearchesTest {
    private final Kettle kettle;
    private final SearchMapper searches;

    SearchesTest(Kettle kettle) {
        this.kettle = kettle;
        this.searches = kettle.bean(SearchMapper.class);
    }

    /** A search that another node had picked, which has not been heard of for ten minutes. */
    private void orphaned(Played job, long changedAt) throws SQLException {
        UUID form = UUID.randomUUID();
        searches.begin(Shop.ID, job.number(), form.toString(), "technician", Role.TECHNICIAN.name(), changedAt);
        try (Connection connection = kettle.bean(DataSource.class).getConnection();
                PreparedStatement insert = connection.prepareStatement("""
                        insert into scheduled_tasks
                               (task_name, task_instance, execution_time, picked, picked_by, last_heartbeat, version)
                        values ('match', ?, now() - interval '10 minutes', true, 'a node that is gone',
                                now() - interval '10 minutes', 1)
                        """)) {
            insert.setString(1, job.number() + "/" + form);
            insert.executeUpdate();
        }
    }

    private static Played asked(Kettle kettle) {
        Played bank = Played.like(kettle, DemoJob.BANK);
        MatchEntry.PackWanted wanted = Matching.of(bank.file()).wanted().orElseThrow();
        return bank.write(wanted);
    }

    @Test
    void whatANodeLeftBehindIsSearchedByAnother() throws SQLException {
        Played job = asked(kettle);
        assertThat(Matching.of(job.file()).matched()).isEmpty();
        orphaned(job, Matching.of(job.file()).changedAt());

        Awaitility.await()
                .atMost(Duration.ofSeconds(120))
                .until(() -> Matching.of(job.file()).matched().isPresent());

        MatchEntry.Matched found = Matching.of(job.file()).matched().orElseThrow();
        assertThat(found.stopped()).isFalse();
        assertThat(found.groups()).hasSize(14);
        Awaitility.await()
                .atMost(Duration.ofSeconds(60))
                .until(() -> searches.search(Shop.ID, job.number()).isEmpty());
    }

    @Test
    void cellsThatChangedMeanwhileAreNotMatchedByTheOldSearch() throws SQLException {
        Played job = asked(kettle);
        orphaned(job, Matching.of(job.file()).changedAt() - 1);

        Awaitility.await()
                .atMost(Duration.ofSeconds(120))
                .until(() -> searches.search(Shop.ID, job.number()).isEmpty());

        assertThat(Matching.of(job.file()).matched()).isEmpty();
    }
}
