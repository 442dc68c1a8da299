package glowkettle.app.arrive;

import glowkettle.app.shop.Shop;
import glowkettle.arrive.PressureHold;
import java.io.IOException;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.sql.Connection;
import java.sql.SQLException;
import java.time.InstantSource;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import javax.sql.DataSource;
import org.postgresql.PGConnection;
import org.springframework.dao.DataAccessResourceFailureException;
import org.springframework.jdbc.datasource.DataSourceUtils;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Long series from the pressure tester, kept beside the journals that name them. */
@Service
class BenchLogs {
    private final BenchLogMapper rows;
    private final DataSource database;
    private final InstantSource clock;

    BenchLogs(BenchLogMapper rows, DataSource database, InstantSource clock) {
        this.rows = rows;
        this.database = database;
        this.clock = clock;
    }

    @Transactional
    String keep(long job, PressureHold.Log log) {
        String id = UUID.randomUUID().toString();
        rows.put(
                Shop.ID,
                id,
                new BenchLogMapper.LogRow(
                        job, clock.instant().truncatedTo(ChronoUnit.MILLIS), log.targetKpa(), log.volumeMl()));
        copy(id, log.samples());
        return id;
    }

    /** In one stream: a row of parameters for each sample would end at 16 383 of them. */
    private void copy(String id, List<PressureHold.Sample> samples) {
        StringBuilder rows = new StringBuilder();
        samples.forEach(sample -> rows.append(Shop.ID)
                .append('\t')
                .append(id)
                .append('\t')
                .append(sample.seconds().toPlainString())
                .append('\t')
                .append(sample.kpa().toPlainString())
                .append('\n'));
        Connection connection = DataSourceUtils.getConnection(database);
        try {
            connection
                    .unwrap(PGConnection.class)
                    .getCopyAPI()
                    .copyIn(
                            "copy bench_sample (shop_id, log, seconds, value) from stdin",
                            new StringReader(rows.toString()));
        } catch (SQLException e) {
            throw new DataAccessResourceFailureException("The samples of log %s were not kept".formatted(id), e);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } finally {
            DataSourceUtils.releaseConnection(connection, database);
        }
    }

    /** A log of this job; empty for any other job's. */
    @Transactional(readOnly = true)
    Optional<PressureHold.Log> log(long job, String id) {
        if (!id.matches("[0-9a-f-]{36}")) {
            return Optional.empty();
        }
        return rows.log(Shop.ID, id)
                .filter(row -> row.job() == job)
                .map(row -> new PressureHold.Log(
                        row.target(),
                        row.volume(),
                        rows.samples(Shop.ID, id).stream()
                                .map(sample -> new PressureHold.Sample(sample.seconds(), sample.value()))
                                .toList()));
    }
}
