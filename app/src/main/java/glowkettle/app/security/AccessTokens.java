package glowkettle.app.security;

import glowkettle.app.request.SecretToken;
import glowkettle.app.shop.Shop;
import java.time.Duration;
import java.time.Instant;
import java.time.InstantSource;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** Tokens for programs: 256 random bits, shown once, kept as their hash, good for the sums of one stage or of all. */
@Service
public class AccessTokens {
    private static final int TOKEN_BYTES = 32;
    private static final int MOST_OF_A_PERSON = 20;
    /** How exactly anybody wants to know when a token was used last. */
    private static final Duration NEAR = Duration.ofMinutes(1);

    private final TokenMapper rows;
    private final InstantSource clock;

    AccessTokens(TokenMapper rows, InstantSource clock) {
        this.rows = rows;
        this.clock = clock;
    }

    /**
     * A token as its owner sees it.
     *
     * @param stage the one stage whose sums it may ask for, as in their addresses; null for all
     */
    public record Token(
            long id,
            String name,
            @Nullable String stage,
            Instant made,
            @Nullable Instant lastUsed) {}

    /** Who asks by a token. */
    record Holder(String account, String role, @Nullable String stage) {}

    public List<Token> of(String account) {
        return rows.of(Shop.ID, account).stream()
                .map(row -> new Token(row.id(), row.name(), row.stage(), row.made(), row.lastUsed()))
                .toList();
    }

    /** @return the token, which nobody can read again; empty where that person has too many */
    public Optional<String> make(String account, String name, @Nullable String stage) {
        if (rows.count(Shop.ID, account) >= MOST_OF_A_PERSON) {
            return Optional.empty();
        }
        String token = SecretToken.fresh(TOKEN_BYTES);
        rows.put(Shop.ID, account, SecretToken.hash(token), name, stage, clock.instant());
        return Optional.of(token);
    }

    /** False where that person has no such token. */
    public boolean withdraw(String account, long id) {
        return rows.withdraw(Shop.ID, account, id) > 0;
    }

    /** Empty for one that was withdrawn or never made, and while its owner is locked out. */
    Optional<Holder> holder(String token) {
        Optional<TokenMapper.HolderRow> found = rows.holder(SecretToken.hash(token));
        Instant now = clock.instant();
        found.filter(row -> row.lastUsed() == null || row.lastUsed().plus(NEAR).isBefore(now))
                .ifPresent(row -> rows.used(row.id(), now));
        return found.map(row -> new Holder(row.account(), row.role(), row.stage()));
    }
}
