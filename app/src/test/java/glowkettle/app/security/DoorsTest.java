package glowkettle.app.security;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import glowkettle.app.demo.Played;
import glowkettle.app.support.Kettle;
import glowkettle.app.support.Requests;
import glowkettle.app.support.RunningKettle;
import glowkettle.job.Role;
import java.io.IOException;
import java.net.Socket;
import java.net.URI;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import javax.sql.DataSource;
import org.apache.catalina.valves.RemoteIpValve;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.boot.tomcat.servlet.TomcatServletWebServerFactory;
import org.springframework.jdbc.core.JdbcTemplate;

/** Who gets in, from where, and what they may do to what is kept. */
@ExtendWith(RunningKettle.class)
class DoorsTest {
    private static final String PASSWORD = "quayside lamp";

    private final Kettle kettle;
    private final JdbcTemplate database;

    DoorsTest(Kettle kettle) {
        this.kettle = kettle;
        this.database = new JdbcTemplate(kettle.bean(DataSource.class));
    }

    private int sessions() {
        return database.queryForObject("select count(*) from spring_session", Integer.class);
    }

    private Requests.Answer tries(Requests from, String name, String password) {
        from.get("/signin");
        return from.post("/signin", Map.of("username", name, "password", password));
    }

    private static boolean isIn(Requests.Answer answer) {
        return answer.status() == 302 && !answer.location().contains("error");
    }

    @Test
    void whoIsNotSignedInLeavesNoSession() {
        int before = sessions();
        Requests stranger = Requests.signedOut(kettle);
        stranger.get("/signin");
        assertThat(stranger.get(Played.address(kettle, "/jobs/{CLOSED}/open")).location())
                .contains("/signin");
        assertThat(tries(stranger, "technician", "a guess").location()).contains("error");
        stranger.get("/phone/abcdefghijklmnopqrstuvwxyz");
        stranger.get("/nowhere");
        assertThat(sessions()).isEqualTo(before);
    }

    @Test
    void whoWishedForAPageSeesItAfterSigningIn() {
        Requests stranger = Requests.signedOut(kettle);
        stranger.get("/isolation");
        assertThat(tries(stranger, "technician", "quayside").location()).contains("/isolation");
    }

    /** Whoever sends a form after the session is over signs in, and stands before the form again. */
    @Test
    void whoSendsAFormAfterTheSessionIsOverSignsInAndComesBackToIt() {
        Requests stranger =
                Requests.signedOut(kettle).with("Referer", "http://elsewhere.test/jobs/7/assess?put=looked");
        String door = stranger.post("/jobs/7/assess/looked", Map.of()).location();
        assertThat(door).endsWith("/signin?over&to=%2Fjobs%2F7%2Fassess%3Fput%3Dlooked");
        assertThat(signedIn("/jobs/7/assess")).endsWith("/jobs/7/assess");
        assertThat(signedIn("//elsewhere.test/x")).isEqualTo("/x");
        assertThat(signedIn("https://elsewhere.test/x")).isEqualTo("/x");
    }

    private String signedIn(String to) {
        Requests back = Requests.signedOut(kettle);
        back.get("/signin");
        return back.post("/signin", Map.of("username", "technician", "password", "quayside", "to", to))
                .location();
    }

    /** The address of a form is no page: reloading after a refusal shows the page that the form stands on. */
    @Test
    void theAddressOfAFormLeadsToItsPage() {
        Requests technician = Requests.as(kettle, "technician");
        assertThat(technician.get("/jobs/7/assess/seam-taken").location()).endsWith("/jobs/7/assess");
        assertThat(Requests.as(kettle, "lead").get("/shop/containers/remove").location())
                .endsWith("/shop/containers");
        assertThat(technician.get("/jobs/7/assess/no-such-kind").status()).isIn(302, 404);
    }

    @Test
    void strangersWhoGuessDoNotKeepItsOwnerOutOfADeviceTheyUsedBefore() {
        // Guesses count within a span of time; how long the machine takes for them is not part of it.
        kettle.clock().stop();
        Accounts accounts = kettle.bean(Accounts.class);
        accounts.add("doors.deckhand", "Deckhand", PASSWORD, Role.TECHNICIAN);
        Requests tablet = Requests.signedOut(kettle);
        assertThat(isIn(tries(tablet, "doors.deckhand", PASSWORD))).isTrue();
        tablet.get("/keys");
        tablet.post("/signout", Map.of());
        for (int i = 0; i < 12; i++) {
            assertThat(isIn(tries(Requests.signedOut(kettle), "doors.deckhand", "guess " + i)))
                    .isFalse();
        }
        assertThat(isIn(tries(Requests.signedOut(kettle), "doors.deckhand", PASSWORD)))
                .isFalse();
        assertThat(isIn(tries(tablet, "doors.deckhand", PASSWORD))).isTrue();

        tablet.get("/keys");
        tablet.post("/signout", Map.of());
        for (int i = 0; i < 8; i++) {
            tries(tablet, "doors.deckhand", "guess " + i);
        }
        assertThat(isIn(tries(tablet, "doors.deckhand", PASSWORD))).isFalse();
    }

    @AfterEach
    void theClockRunsOn() {
        kettle.clock().go();
    }

    @Test
    void aPhoneLinkEndsWithTheSessionOfWhoeverMadeIt() {
        kettle.bean(Accounts.class).add("doors.steward", "Steward", PASSWORD, Role.TECHNICIAN);
        Requests maker = Requests.signedOut(kettle);
        assertThat(isIn(tries(maker, "doors.steward", PASSWORD))).isTrue();
        maker.get("/keys");
        Played job = Played.opened(kettle);
        Matcher link = Pattern.compile("/phone/[A-Za-z0-9_-]{20,64}")
                .matcher(maker.post(job.path("arrive") + "/photos/phone", Map.of())
                        .body());
        assertThat(link.find()).isTrue();
        Requests telephone = Requests.signedOut(kettle);
        assertThat(telephone.get(link.group()).status()).isEqualTo(200);
        maker.get("/keys");
        maker.post("/signout", Map.of());
        assertThat(telephone.get(link.group()).status()).isEqualTo(404);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "truncate journal_entry cascade",
                "delete from journal_entry",
                "update journal_entry set by = 'nobody'",
                "alter table journal_entry disable trigger all",
                "drop table stored_pack",
                "create table more (id int)",
                "delete from flyway_schema_history",
                "delete from limits_version",
                "delete from hand_over",
                "delete from device_model"
            })
    void theApplicationsRoleMayNotEmptyOrReshapeWhatIsKept(String statement) {
        assertThatThrownBy(() -> database.execute(statement))
                .rootCause()
                .hasMessageMatching("(?s).*(permission denied|must be owner).*");
    }

    @Test
    void nobodyIsBelievedWhoIsNotNamed() {
        TomcatServletWebServerFactory factory = new TomcatServletWebServerFactory();
        new NamedProxies("").customize(factory);
        assertThat(factory.getEngineValves()).isEmpty();
        new NamedProxies("10.0.0.1, 10.0.0.2").customize(factory);
        String named = ((RemoteIpValve) factory.getEngineValves().iterator().next()).getInternalProxies();
        assertThat("10.0.0.2").matches(named);
        assertThat("10.0.0.3").doesNotMatch(named);
        assertThat("10.0.0x1").doesNotMatch(named);
    }

    @Test
    void behindANamedProxyCookiesAreSecureAndRedirectsStayOnTls() {
        Requests browser = Requests.signedOut(kettle).behind("https", "kettle.quay.example");
        Requests.Answer page = browser.get("/signin");
        assertThat(page.headers()).containsKey("strict-transport-security");
        assertThat(page.headers().get("set-cookie")).contains("Secure");
        assertThat(browser.get("/isolation").location()).doesNotStartWith("http:");
    }

    @Test
    void aStrangersHostStandsInNoRedirect() {
        Requests.Answer sent = Requests.signedOut(kettle).get("/isolation");
        assertThat(sent.location()).startsWith("/signin");
    }

    @Test
    void aZeroByteIsNoContainer() {
        Requests lead = Requests.as(kettle, "lead");
        assertThat(lead.post("/shop/containers/remove", Map.of("id", "1\u0000")).status())
                .isEqualTo(422);
    }

    /** Bodies that drip hold no more places than the door gives to one address; the card needs none of them. */
    @Test
    void bodiesThatDripKeepNobodyFromTheCard() throws IOException {
        URI address = URI.create(kettle.address());
        List<Socket> dripping = new ArrayList<>();
        try {
            for (int i = 0; i < 500; i++) {
                Socket socket = new Socket(address.getHost(), address.getPort());
                dripping.add(socket);
                socket.getOutputStream()
                        .write(
                                "POST /signin HTTP/1.1\r\nHost: kettle\r\nContent-Type: application/x-www-form-urlencoded\r\nContent-Length: 9000\r\n\r\nu"
                                        .getBytes(StandardCharsets.US_ASCII));
            }
            Requests stranger = Requests.signedOut(kettle);
            for (int i = 0; i < 20; i++) {
                assertThat(stranger.get("/evacuate").status()).isEqualTo(200);
            }
            // Told to come again, or let go: not held until its body is there.
            Socket last = dripping.getLast();
            last.setSoTimeout((int) Duration.ofMinutes(1).toMillis());
            assertThat(new String(last.getInputStream().readNBytes(12), StandardCharsets.US_ASCII))
                    .isIn("", "HTTP/1.1 503");
        } finally {
            for (Socket socket : dripping) {
                socket.close();
            }
        }
    }
}
