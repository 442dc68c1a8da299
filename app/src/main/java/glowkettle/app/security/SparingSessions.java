package glowkettle.app.security;

import org.jspecify.annotations.Nullable;
import org.springframework.session.Session;
import org.springframework.session.SessionRepository;

/** Sessions as they are kept, each read once a request and handed out as one that spares the database. */
record SparingSessions<S extends Session>(SessionRepository<S> kept, SessionAtHand<S> atHand)
        implements SessionRepository<SparingSession<S>> {
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
        SparingSession<S> known = atHand.find(id);
        if (known != null) {
            return known;
        }
        S found = kept.findById(id);
        if (found == null) {
            return null;
        }
        SparingSession<S> session = new SparingSession<>(found);
        atHand.keep(id, session);
        return session;
    }

    @Override
    public void deleteById(String id) {
        atHand.forget();
        kept.deleteById(id);
    }
}
