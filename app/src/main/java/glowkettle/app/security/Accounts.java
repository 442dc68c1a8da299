package glowkettle.app.security;

import glowkettle.app.shop.Shop;
import glowkettle.job.Role;
import java.time.Instant;
import java.time.InstantSource;
import java.util.List;
import java.util.Optional;
import org.springframework.context.event.EventListener;
import org.springframework.security.authentication.event.AuthenticationFailureBadCredentialsEvent;
import org.springframework.security.authentication.event.AuthenticationSuccessEvent;
import org.springframework.security.core.userdetails.User;
import org.springframework.security.core.userdetails.UserDetails;
import org.springframework.security.core.userdetails.UserDetailsService;
import org.springframework.security.core.userdetails.UsernameNotFoundException;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Accounts for the sign-in. After five wrong passwords each further one makes the next try wait longer. */
@Service
public class Accounts implements UserDetailsService {
    private final AccountMapper rows;
    private final DeviceMapper devices;
    private final TokenMapper tokens;
    private final KnownDevices known;
    private final PasswordEncoder passwords;
    private final InstantSource clock;

    Accounts(
            AccountMapper rows,
            DeviceMapper devices,
            TokenMapper tokens,
            KnownDevices known,
            PasswordEncoder passwords,
            InstantSource clock) {
        this.rows = rows;
        this.devices = devices;
        this.tokens = tokens;
        this.known = known;
        this.passwords = passwords;
        this.clock = clock;
    }

    @Override
    public UserDetails loadUserByUsername(String name) {
        AccountMapper.AccountRow row = rows.account(Shop.ID, name)
                .orElseThrow(() -> new UsernameNotFoundException("There is no account of that name"));
        Optional<DeviceMapper.DeviceRow> device = known.asking(row.name());
        Instant waits = device.isPresent() ? device.get().lockedUntil() : row.lockedUntil();
        boolean locked = row.locked() || waits != null && waits.isAfter(clock.instant());
        return User.withUsername(row.name())
                .password(row.password())
                .roles(row.role())
                .accountLocked(locked)
                .build();
    }

    public boolean isEmpty() {
        return rows.count(Shop.ID) == 0;
    }

    /** A person who may sign in. */
    public record Person(String name, String shownName, Role role, boolean locked) {}

    public List<Person> all() {
        return rows.all(Shop.ID).stream()
                .map(row -> new Person(row.name(), row.shownName(), Role.valueOf(row.role()), row.locked()))
                .toList();
    }

    /** False when the name is taken. */
    public boolean add(String name, String shownName, String password, Role role) {
        return rows.put(
                        Shop.ID,
                        new AccountMapper.AccountRow(
                                name, shownName, passwords.encode(password), role.name(), 0, null, false))
                == 1;
    }

    /** What became of a change. */
    public enum Change {
        DONE,
        UNKNOWN,
        LAST_LEAD
    }

    /** False when nobody could lead the shop any more; nothing is changed then. */
    @Transactional
    public Change change(Person person) {
        List<String> leads = rows.leads(Shop.ID);
        boolean stillLead = person.role() == Role.LEAD && !person.locked();
        if (!stillLead && leads.equals(List.of(person.name()))) {
            return Change.LAST_LEAD;
        }
        int changed = rows.change(
                Shop.ID, person.name(), person.shownName(), person.role().name(), person.locked());
        rows.endSessions(person.name());
        if (person.locked()) {
            devices.forgetAll(Shop.ID, person.name());
        }
        return changed == 0 ? Change.UNKNOWN : Change.DONE;
    }

    @Transactional
    public void changePassword(String name, String password) {
        rows.changePassword(Shop.ID, name, passwords.encode(password));
        rows.endSessions(name);
        devices.forgetAll(Shop.ID, name);
        tokens.withdrawAll(Shop.ID, name);
    }

    @EventListener
    void failed(AuthenticationFailureBadCredentialsEvent event) {
        String name = event.getAuthentication().getName();
        if (!known.failed(name)) {
            rows.failed(Shop.ID, name, clock.instant());
        }
    }

    @EventListener
    void succeeded(AuthenticationSuccessEvent event) {
        rows.succeeded(Shop.ID, event.getAuthentication().getName());
    }
}
