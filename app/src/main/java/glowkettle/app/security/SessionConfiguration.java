package glowkettle.app.security;

import org.springframework.beans.factory.config.BeanPostProcessor;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.session.jdbc.JdbcIndexedSessionRepository;
import org.springframework.session.jdbc.PostgreSqlJdbcIndexedSessionRepositoryCustomizer;

/**
 * Two pages of one person that load at the same moment may both write the session; neither fails. A page that changes
 * nothing writes none.
 */
@Configuration
class SessionConfiguration {
    @Bean
    PostgreSqlJdbcIndexedSessionRepositoryCustomizer sessionsThatMeet() {
        return new PostgreSqlJdbcIndexedSessionRepositoryCustomizer();
    }

    /** In the place of the bean, since the framework makes its own only while there is no other. */
    @Bean
    static BeanPostProcessor sparingSessions() {
        return new BeanPostProcessor() {
            @Override
            public Object postProcessAfterInitialization(Object bean, String name) {
                return bean instanceof JdbcIndexedSessionRepository kept ? new SparingSessions<>(kept) : bean;
            }
        };
    }
}
