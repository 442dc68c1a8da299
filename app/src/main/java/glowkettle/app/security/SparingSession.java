package glowkettle.app.security;

import java.time.Duration;
import java.time.Instant;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.session.Session;

/**
 * A session that notes when it was last used no more than once a minute: a page that changes nothing writes nothing. It
 * ends up to that minute early.
 */
record SparingSession<S extends Session>(S session) implements Session {
    private static final Duration BETWEEN_NOTES = Duration.ofMinutes(1);

    @Override
    public void setLastAccessedTime(Instant at) {
        if (!at.isBefore(session.getLastAccessedTime().plus(BETWEEN_NOTES))) {
            session.setLastAccessedTime(at);
        }
    }

    @Override
    public String getId() {
        return session.getId();
    }

    @Override
    public String changeSessionId() {
        return session.changeSessionId();
    }

    @Override
    public <T> @Nullable T getAttribute(String name) {
        return session.getAttribute(name);
    }

    @Override
    public Set<String> getAttributeNames() {
        return session.getAttributeNames();
    }

    @Override
    public void setAttribute(String name, Object value) {
        session.setAttribute(name, value);
    }

    @Override
    public void removeAttribute(String name) {
        session.removeAttribute(name);
    }

    @Override
    public Instant getCreationTime() {
        return session.getCreationTime();
    }

    @Override
    public Instant getLastAccessedTime() {
        return session.getLastAccessedTime();
    }

    @Override
    public void setMaxInactiveInterval(Duration interval) {
        session.setMaxInactiveInterval(interval);
    }

    @Override
    public Duration getMaxInactiveInterval() {
        return session.getMaxInactiveInterval();
    }

    @Override
    public boolean isExpired() {
        return session.isExpired();
    }
}
