package glowkettle.app.background;

import com.github.kagkarlsson.scheduler.SchedulerClient;
import javax.sql.DataSource;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.jdbc.datasource.TransactionAwareDataSourceProxy;

/** By whom long work is asked for: with the row it is about, in one transaction, or not at all. */
@Configuration
class LongWorkClient {
    @Bean
    SchedulerClient longWork(DataSource data) {
        return SchedulerClient.Builder.create(new TransactionAwareDataSourceProxy(data))
                .build();
    }
}
