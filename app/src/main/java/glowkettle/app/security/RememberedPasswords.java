package glowkettle.app.security;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.security.GeneralSecurityException;
import java.security.SecureRandom;
import java.time.Duration;
import javax.crypto.Mac;
import javax.crypto.spec.SecretKeySpec;
import org.jspecify.annotations.Nullable;
import org.springframework.security.crypto.password.PasswordEncoder;

/**
 * A slow hash that need not be asked at every call of a program: a password that was right for a stored hash is known to be
 * right for it for some minutes. Kept is a keyed digest of both, by a key that no other process has, so that another
 * password, a changed one or a wrong one is asked for as slowly as ever. Whether an account is locked is looked up each time.
 */
final class RememberedPasswords implements PasswordEncoder {
    private static final Duration KNOWN_FOR = Duration.ofMinutes(5);
    private static final int MOST = 1_000;
    private static final String DIGEST = "HmacSHA256";

    private final PasswordEncoder slow;
    private final SecretKeySpec key;
    private final Cache<ByteBuffer, Boolean> right =
            Caffeine.newBuilder().expireAfterWrite(KNOWN_FOR).maximumSize(MOST).build();

    RememberedPasswords(PasswordEncoder slow) {
        byte[] secret = new byte[32];
        new SecureRandom().nextBytes(secret);
        this.slow = slow;
        this.key = new SecretKeySpec(secret, DIGEST);
    }

    @Override
    public @Nullable String encode(@Nullable CharSequence password) {
        return slow.encode(password);
    }

    @Override
    public boolean matches(@Nullable CharSequence password, @Nullable String stored) {
        if (password == null || stored == null) {
            return false;
        }
        ByteBuffer both = digest(password, stored);
        if (right.getIfPresent(both) != null) {
            return true;
        }
        boolean matches = slow.matches(password, stored);
        if (matches) {
            right.put(both, true);
        }
        return matches;
    }

    @Override
    public boolean upgradeEncoding(@Nullable String stored) {
        return slow.upgradeEncoding(stored);
    }

    /** A stored hash has no line break, so that no two pairs read alike. */
    private ByteBuffer digest(CharSequence password, String stored) {
        try {
            Mac mac = Mac.getInstance(DIGEST);
            mac.init(key);
            return ByteBuffer.wrap(mac.doFinal((stored + "\n" + password).getBytes(StandardCharsets.UTF_8)));
        } catch (GeneralSecurityException e) {
            throw new IllegalStateException(e);
        }
    }
}
