package glowkettle.app.security;

import static org.assertj.core.api.Assertions.assertThat;

import glowkettle.app.support.Kettle;
import glowkettle.app.support.Requests;
import glowkettle.app.support.RunningKettle;
import glowkettle.job.Role;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.security.crypto.bcrypt.BCryptPasswordEncoder;

@ExtendWith(RunningKettle.class)
class TokensTest {
    private static final String ENERGY = "/api/fit/energy";
    private static final String BODY = "{\"nominalV\": 11.4, \"capacityMah\": 4330, \"energyWh\": 49.4}";
    private static final Pattern SHOWN = Pattern.compile("id=\"token-made\">([A-Za-z0-9_-]{43})<");

    private final Kettle kettle;
    private final Accounts accounts;
    private final AccessTokens tokens;

    TokensTest(Kettle kettle) {
        this.kettle = kettle;
        kettle.clock().set(Kettle.START);
        accounts = kettle.bean(Accounts.class);
        tokens = kettle.bean(AccessTokens.class);
        accounts.add("scale", "Scale on the bench", "quayside-long", Role.TECHNICIAN);
    }

    @AfterEach
    void lockedOut() {
        accounts.change(new Accounts.Person("scale", "Scale on the bench", Role.TECHNICIAN, false));
        tokens.of("scale").forEach(token -> tokens.withdraw("scale", token.id()));
    }

    private String make(String stage) {
        Requests.Answer page = Requests.as(kettle, "scale", "quayside-long")
                .post("/tokens/new", Map.of("name", "scale", "stage", stage));
        assertThat(page.headers().get("cache-control")).contains("no-store");
        Matcher shown = SHOWN.matcher(page.body());
        assertThat(shown.find()).as(page.body()).isTrue();
        return shown.group(1);
    }

    private int asked(String token) {
        return Requests.signedOut(kettle).askByToken(token, ENERGY, BODY).status();
    }

    @Test
    void isGoodUntilItIsWithdrawnAndIsShownOnce() {
        String token = make("");
        assertThat(asked(token)).isEqualTo(200);
        assertThat(Requests.as(kettle, "scale", "quayside-long").get("/tokens").body())
                .doesNotContain(token)
                .contains("used last");
        tokens.withdraw("scale", tokens.of("scale").getFirst().id());
        assertThat(asked(token)).isEqualTo(401);
    }

    @Test
    void isGoodForItsStageOnlyAndForNoPage() {
        String token = make("match");
        assertThat(asked(token)).isEqualTo(403);
        assertThat(Requests.signedOut(kettle)
                        .with("Authorization", "Bearer " + token)
                        .get("/tokens")
                        .status())
                .isEqualTo(302);
    }

    @Test
    void endsWithThePasswordAndWhileItsOwnerIsLockedOut() {
        String token = make("");
        accounts.change(new Accounts.Person("scale", "Scale on the bench", Role.TECHNICIAN, true));
        assertThat(asked(token)).isEqualTo(401);
        accounts.change(new Accounts.Person("scale", "Scale on the bench", Role.TECHNICIAN, false));
        assertThat(asked(token)).isEqualTo(200);
        accounts.changePassword("scale", "quayside-long");
        assertThat(asked(token)).isEqualTo(401);
    }

    @Test
    void nobodyWithdrawsAnothersToken() {
        String token = make("");
        assertThat(tokens.withdraw("lead", tokens.of("scale").getFirst().id())).isFalse();
        assertThat(asked(token)).isEqualTo(200);
    }

    @Test
    void aStageWithoutSumsIsRefused() {
        assertThat(Requests.as(kettle, "scale", "quayside-long")
                        .post("/tokens/new", Map.of("name", "scale", "stage", "nowhere"))
                        .status())
                .isEqualTo(422);
    }

    @Test
    void aRememberedPasswordIsRightForItsOwnHashOnly() {
        BCryptPasswordEncoder slow = new BCryptPasswordEncoder(4);
        RememberedPasswords passwords = new RememberedPasswords(slow);
        String stored = passwords.encode("quayside-long");
        assertThat(passwords.matches("quayside-long", stored)).isTrue();
        assertThat(passwords.matches("quayside-long", stored)).isTrue();
        assertThat(passwords.matches("quayside-lonG", stored)).isFalse();
        assertThat(passwords.matches("quayside-long", slow.encode("another one")))
                .isFalse();
        assertThat(passwords.matches("", stored)).isFalse();
    }
}
