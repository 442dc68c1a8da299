package glowkettle.app.arrive;

import glowkettle.app.shop.Shop;
import glowkettle.arrive.PressureHold;
import java.io.IOException;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.sql.Connection;
import java.sql.SQLException;
import java.util.List;
import javax.sql.DataSource;
import org.postgresql.PGConnection;
import org.springframework.dao.DataAccessResourceFailureException;
import org.springframework.jdbc.datasource.DataSourceUtils;
import org.springframework.stereotype.Component;

/** Puts long series into the database, within the transaction that is under way. */
@Component
class SampleCopy {
    private final DataSource database;

    SampleCopy(DataSource database) {
        this.database = database;
    }

    /** In one stream: a row of parameters for each sample would end at 16 383 of them. */
    void copy(String id, List<PressureHold.Sample> samples) {
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
}
