package glowkettle.app.security;

import org.jspecify.annotations.Nullable;
import org.springframework.session.Session;
import org.springframework.session.SessionRepository;

/** Sessions as they are kept, each handed out as one that spares the database. */
record SparingSessions<S extends Session>(SessionRepository<S> kept) implements SessionRepository<SparingSession<S>> {
    @Override
    public SparingSession<S> createSession() {
        return new SparingSession<>(kept.createSession());
    }

    @Override
    public void save(SparingSession<S> session) {
        kept.save(session.session());
    }

    @Override
    public @Nullable SparingSession<S> findById(String id) {
        S found = kept.findById(id);
        return found == null ? null : new SparingSession<>(found);
    }

    @Override
    public void deleteById(String id) {
        kept.deleteById(id);
    }
}
