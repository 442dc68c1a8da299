package glowkettle.app.security;

import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.session.jdbc.PostgreSqlJdbcIndexedSessionRepositoryCustomizer;

/** Two pages of one person that load at the same moment may both write the session; neither fails. */
@Configuration
class SessionConfiguration {
    @Bean
    PostgreSqlJdbcIndexedSessionRepositoryCustomizer sessionsThatMeet() {
        return new PostgreSqlJdbcIndexedSessionRepositoryCustomizer();
    }
}
