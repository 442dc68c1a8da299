package glowkettle.app.security;

import glowkettle.app.shop.Shop;
import glowkettle.journal.Role;
import java.time.InstantSource;
import org.springframework.context.event.EventListener;
import org.springframework.security.authentication.event.AuthenticationFailureBadCredentialsEvent;
import org.springframework.security.authentication.event.AuthenticationSuccessEvent;
import org.springframework.security.core.userdetails.User;
import org.springframework.security.core.userdetails.UserDetails;
import org.springframework.security.core.userdetails.UserDetailsService;
import org.springframework.security.core.userdetails.UsernameNotFoundException;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Service;

/** Accounts for the sign-in. After five wrong passwords each further one makes the next try wait longer. */
@Service
public class Accounts implements UserDetailsService {
    private final AccountMapper rows;
    private final PasswordEncoder passwords;
    private final InstantSource clock;

    Accounts(AccountMapper rows, PasswordEncoder passwords, InstantSource clock) {
        this.rows = rows;
        this.passwords = passwords;
        this.clock = clock;
    }

    @Override
    public UserDetails loadUserByUsername(String name) {
        AccountMapper.AccountRow row = rows.account(Shop.ID, name)
                .orElseThrow(() -> new UsernameNotFoundException("There is no account of that name"));
        boolean locked = row.lockedUntil() != null && row.lockedUntil().isAfter(clock.instant());
        return User.withUsername(row.name())
                .password(row.password())
                .roles(row.role())
                .accountLocked(locked)
                .build();
    }

    public boolean isEmpty() {
        return rows.count(Shop.ID) == 0;
    }

    public void add(String name, String shownName, String password, Role role) {
        rows.put(
                Shop.ID,
                new AccountMapper.AccountRow(name, shownName, passwords.encode(password), role.name(), 0, null));
    }

    @EventListener
    void failed(AuthenticationFailureBadCredentialsEvent event) {
        rows.failed(Shop.ID, event.getAuthentication().getName(), clock.instant());
    }

    @EventListener
    void succeeded(AuthenticationSuccessEvent event) {
        rows.succeeded(Shop.ID, event.getAuthentication().getName());
    }
}
