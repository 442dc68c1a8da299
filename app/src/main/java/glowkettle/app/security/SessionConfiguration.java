package glowkettle.app.security;

import jakarta.servlet.DispatcherType;
import java.util.EnumSet;
import org.springframework.beans.factory.config.BeanPostProcessor;
import org.springframework.boot.web.servlet.FilterRegistrationBean;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.session.Session;
import org.springframework.session.SessionRepository;
import org.springframework.session.jdbc.JdbcIndexedSessionRepository;
import org.springframework.session.jdbc.PostgreSqlJdbcIndexedSessionRepositoryCustomizer;
import org.springframework.session.web.http.SessionRepositoryFilter;

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
                return bean instanceof JdbcIndexedSessionRepository kept ? sparing(kept, new SessionAtHand<>()) : bean;
            }
        };
    }

    private static <S extends Session> SparingSessions<S> sparing(SessionRepository<S> kept, SessionAtHand<S> atHand) {
        return new SparingSessions<>(kept, atHand);
    }

    /** Around all that asks for the session. */
    @Bean
    FilterRegistrationBean<SessionAtHand<?>> sessionAtHand(SessionRepository<?> sessions) {
        FilterRegistrationBean<SessionAtHand<?>> filter =
                new FilterRegistrationBean<>(((SparingSessions<?>) sessions).atHand());
        filter.setOrder(SessionRepositoryFilter.DEFAULT_ORDER - 1);
        filter.setDispatcherTypes(EnumSet.allOf(DispatcherType.class));
        return filter;
    }
}
