package glowkettle.app.settings;

import static org.assertj.core.api.Assertions.assertThat;

import glowkettle.app.demo.Played;
import glowkettle.app.limits.LimitsBook;
import glowkettle.app.shop.ShopBook;
import glowkettle.app.support.Kettle;
import glowkettle.app.support.Requests;
import glowkettle.app.support.Requests.Answer;
import glowkettle.app.support.RunningKettle;
import glowkettle.assess.Tier;
import glowkettle.limits.Limit;
import glowkettle.limits.LimitTable;
import glowkettle.limits.Table;
import java.math.BigDecimal;
import java.time.DayOfWeek;
import java.time.Duration;
import java.time.Instant;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import javax.sql.DataSource;
import org.awaitility.Awaitility;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.jdbc.core.JdbcTemplate;

@ExtendWith(RunningKettle.class)
class SettingsTest {
    private final Kettle kettle;
    private final LimitsBook limits;
    private final Requests lead;

    SettingsTest(Kettle kettle) {
        this.kettle = kettle;
        kettle.clock().set(Kettle.START);
        limits = kettle.bean(LimitsBook.class);
        lead = Requests.as(kettle, "lead");
    }

    private int newest() {
        return limits.newest().limits().version();
    }

    private Answer save(String limit, String value, String why) {
        return lead.post("/limits", Map.of("seen", String.valueOf(newest()), limit, value, "why", why));
    }

    @Test
    void aStricterLimitNeedsNoReasonAndAJobKeepsTheVersionItWasJudgedByUntilALeadJudgesItAnew() {
        Played job = Played.measured(kettle);
        int before = newest();
        assertThat(job.file().tier().result().tier()).isEqualTo(Tier.CLEAR);

        assertThat(save("above-ambient-guarded-k", "1,0", "").status()).isEqualTo(302);
        assertThat(newest()).isEqualTo(before + 1);
        assertThat(job.file().limits().version()).isEqualTo(1);

        Map<String, String> form = new HashMap<>(Map.of(
                "formId",
                Requests.formId(),
                "seen",
                String.valueOf(job.file().state().seq()),
                "reason",
                "Glued bay"));
        assertThat(Requests.as(kettle, "technician")
                        .post(job.path("assess") + "/rejudged", form)
                        .body())
                .contains("Only a lead has a job judged");
        assertThat(lead.post(job.path("assess") + "/rejudged", form).status()).isEqualTo(302);
        assertThat(job.file().tier().result().tier()).isEqualTo(Tier.GUARDED);
        assertThat(lead.get("/limits/compare?from=%s&to=%s".formatted(before, before + 1))
                        .body())
                .contains("stricter");
        save("above-ambient-guarded-k", "3", "Back for the other tests");
    }

    @Test
    void aLooserLimitNeedsAReasonAndARestoredVersionIsLooserToo() {
        int before = newest();
        Answer without = save("surface-isolate-c", "48", " ");
        assertThat(without.status()).isEqualTo(422);
        assertThat(without.body()).contains("gets looser, which needs a reason").contains("value=\"48\"");
        assertThat(newest()).isEqualTo(before);

        assertThat(save("surface-isolate-c", "40", "").status()).isEqualTo(302);
        Map<String, String> restore = Map.of("seen", String.valueOf(newest()), "version", String.valueOf(before));
        assertThat(lead.post("/limits/restore", restore).body()).contains("gets looser");
        Map<String, String> withReason = new HashMap<>(restore);
        withReason.put("why", "Summer is over");
        assertThat(lead.post("/limits/restore", withReason).status()).isEqualTo(302);
        assertThat(limits.newest().limits().of(Limit.SURFACE_ISOLATE_C)).isEqualByComparingTo("45");
        assertThat(limits.newest().why()).isEqualTo("Summer is over");
    }

    @ParameterizedTest
    @CsvSource({
        "surface-isolate-c, 51, accepted is 35 to 50",
        "surface-isolate-c, warm, is not a number",
        "surface-isolate-c, '', Missing",
        "rest-minutes, 1e40, too many digits",
        "rest-minutes, 30, Nothing is changed"
    })
    void whatIsOutOfRangeIsRefusedWithWhatIsAccepted(String limit, String value, String says) {
        int before = newest();
        Answer answer = save(limit, value, "because");

        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.body()).contains(says);
        assertThat(newest()).isEqualTo(before);
    }

    @Test
    void whoComesLaterIsToldOfTheVersionBetween() {
        int seen = newest();
        save("meter-error-mv", "11", "");
        Answer late = lead.post("/limits", Map.of("seen", String.valueOf(seen), "meter-error-mv", "12", "why", "x"));

        assertThat(late.status()).isEqualTo(409);
        assertThat(late.body()).contains("was saved meanwhile by lead");
        save("meter-error-mv", "10", "Back for the other tests");
    }

    private Map<String, String> shop() {
        Map<String, String> form = new HashMap<>(Map.of(
                "name",
                "Equipment room, north quay",
                "zone",
                "Europe/Lisbon",
                "emergencyNumber",
                "112",
                "emergencyText",
                "Lithium-ion, toxic and explosive gas",
                "currency",
                "EUR",
                "hands",
                "1",
                "chargers",
                "2"));
        form.putAll(Map.of("mats", "50", "dryers", "1", "airStations", "1"));
        for (DayOfWeek day : DayOfWeek.values()) {
            form.put(
                    day.name(),
                    day == DayOfWeek.SUNDAY ? "closed" : day == DayOfWeek.SATURDAY ? "08:00-12:00" : "07:30-18:00");
        }
        form.put("exceptions", "2026-12-24 07:30-12:00\n2026-12-25 closed\n2027-01-01 closed");
        return form;
    }

    private static String cells(Table table, BigDecimal lastTorque) {
        return table.rows().stream()
                        .flatMap(List::stream)
                        .map(cell -> "torque=" + cell.toPlainString())
                        .collect(Collectors.joining("&"))
                + "&torque=3,5&torque=" + lastTorque + "&torque=0.3&torque=&torque=&torque=";
    }

    @Test
    void aTableIsChangedWithAReasonAndAJobKeepsTheOldOne() {
        Played job = Played.opened(kettle);
        Table torque = limits.newest().limits().table(LimitTable.TORQUE);
        String form = cells(torque, new BigDecimal("0.8")) + "&seen=" + newest();

        assertThat(lead.postAll("/limits", form).body()).contains("has no stricter side");
        assertThat(lead.postAll("/limits", cells(torque, new BigDecimal("9")) + "&why=x&seen=" + newest())
                        .body())
                .contains("9 is out of range; accepted is 0.005 to 5");
        Answer saved = lead.postAll("/limits", form + "&why=the+new+handhelds+have+M3.5");
        assertThat(saved.status()).isEqualTo(302);
        assertThat(lead.get(saved.location().replace(kettle.address(), "")).body())
                .contains("Hand torque by thread");
        assertThat(limits.newest().limits().table(LimitTable.TORQUE).rows())
                .hasSize(torque.rows().size() + 1);
        assertThat(job.file().limits().table(LimitTable.TORQUE).rows()).hasSameSizeAs(torque.rows());
    }

    @Test
    void theWatchFollowsTheHoursAtOnce() {
        Played job = Played.readyToSign(kettle);
        Map<String, String> later = shop();
        later.put("THURSDAY", "09:00-12:00, 13:00-18:00");
        kettle.clock().set(Instant.parse("2026-11-19T07:00:00Z"));

        assertThat(lead.post("/shop", later).status()).isEqualTo(302);
        assertThat(kettle.bean(ShopBook.class).hours().week().get(DayOfWeek.THURSDAY))
                .hasSize(2);
        JdbcTemplate database = new JdbcTemplate(kettle.bean(DataSource.class));
        Awaitility.await()
                .atMost(Duration.ofMinutes(1))
                .until(() -> Instant.parse("2026-11-19T09:00:00Z")
                        .equals(database.queryForObject(
                                "select next_look from stored_pack where job = ?",
                                (row, n) -> row.getTimestamp(1).toInstant(),
                                job.number())));
        lead.post("/shop", shop());
        kettle.clock().set(Kettle.START);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "MONDAY|half past seven|readable is 07:30-12:00",
                "MONDAY|12:00-08:00|Opening (12:00) must come before closing (08:00)",
                "MONDAY|08:00-12:00, 11:00-13:00|overlaps itself",
                "exceptions|Christmas closed|readable is 2026-12-24",
                "zone|Atlantis/Quay|Europe/Lisbon",
                "hands|0|accepted is 1 to 20",
                "name||Missing"
            })
    void hoursThatCannotBeReadChangeNothing(String field, String value, String says) {
        Map<String, String> form = shop();
        form.put(field, value == null ? "" : value);
        Answer answer = lead.post("/shop", form);

        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.body()).contains(says);
        assertThat(kettle.bean(ShopBook.class).hours().week().get(DayOfWeek.MONDAY))
                .hasSize(1);
    }

    @Test
    void aContainerIsSetUpChangedAndTakenAwayOnlyWhenEmpty() {
        Map<String, String> crock = new HashMap<>(
                Map.of("id", "C77", "name", "Crock", "capacityWh", "60", "places", "2", "outdoors", "true"));
        assertThat(lead.post("/shop/containers", crock).status()).isEqualTo(302);
        Played job = Played.measured(kettle).storedIn("C77", "Crock");

        assertThat(lead.post("/shop/containers/remove", Map.of("id", "C77")).body())
                .contains("is not empty");
        crock.put("capacityWh", "-1");
        assertThat(lead.post("/shop/containers", crock).body())
                .containsPattern("accepted is 1 to 5(&nbsp;|\u00a0)000 Wh");
        assertThat(kettle.bean(ShopBook.class).containers())
                .anySatisfy(container -> assertThat(container.capacityWh()).isEqualByComparingTo(new BigDecimal("60")));
        lead.post(
                "/isolation/hand-overs",
                Map.of("formId", Requests.formId(), "collector", "Barge", "jobs[]", String.valueOf(job.number())));
        assertThat(lead.post("/shop/containers/remove", Map.of("id", "C77")).status())
                .isEqualTo(302);
    }

    @Test
    void aLeadMakesAccountsAndWhoeverIsLockedIsOutAtOnce() {
        Map<String, String> person = new HashMap<>(
                Map.of("name", "deckhand", "shownName", "Deck hand", "role", "TRAINEE", "password", "brass-lantern"));
        assertThat(lead.post("/people/new", person).status()).isEqualTo(302);
        assertThat(lead.post("/people/new", person).body()).contains("is taken");

        Requests deckhand = Requests.signedOut(kettle);
        deckhand.get("/signin");
        deckhand.post("/signin", Map.of("username", "deckhand", "password", "brass-lantern"));
        assertThat(deckhand.get("/").status()).isEqualTo(200);
        assertThat(deckhand.get("/people").status()).isEqualTo(403);

        person.remove("password");
        person.put("locked", "true");
        assertThat(lead.post("/people/change", person).status()).isEqualTo(302);
        assertThat(deckhand.get("/").location()).endsWith("/signin");
        deckhand.get("/signin");
        assertThat(deckhand.post("/signin", Map.of("username", "deckhand", "password", "brass-lantern"))
                        .location())
                .contains("error");
    }

    @ParameterizedTest
    @CsvSource({"/limits", "/limits/restore", "/shop", "/shop/containers", "/shop/containers/remove", "/people/new"})
    void nobodyButALeadSetsAnything(String path) {
        Requests technician = Requests.as(kettle, "technician");

        assertThat(technician
                        .post(path, Map.of("id", "1", "version", "1", "why", "x"))
                        .status())
                .isEqualTo(403);
    }

    @ParameterizedTest
    @CsvSource({
        "change, lead, TECHNICIAN, '', last lead",
        "new, Big Name, TRAINEE, long-enough-1, small letters",
        "new, mate, TRAINEE, short, 10 to 72 characters",
        "new, mate, TRAINEE, '', needs a password",
        "new, mate, ADMIRAL, long-enough-1, is not known"
    })
    void aPersonThatCannotBeIsRefused(String way, String name, String role, String password, String says) {
        Answer answer =
                lead.post("/people/" + way, Map.of("name", name, "shownName", "x", "role", role, "password", password));

        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.body()).contains(says).doesNotContain("long-enough-1");
    }
}
