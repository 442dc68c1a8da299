package glowkettle.app.security;

import static org.assertj.core.api.Assertions.assertThat;

import glowkettle.app.demo.Played;
import glowkettle.app.limits.LimitsBook;
import glowkettle.app.support.Kettle;
import glowkettle.app.support.Requests;
import glowkettle.app.support.Requests.Answer;
import glowkettle.app.support.RunningKettle;
import glowkettle.assess.HazardReadings.Damage;
import glowkettle.assess.HazardReadings.Look;
import glowkettle.assess.HazardReadings.Wet;
import glowkettle.job.assess.AssessEntry;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Stream;
import javax.sql.DataSource;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.springframework.jdbc.core.JdbcTemplate;

/** What nobody would type at a bench, in every field that takes text. */
@ExtendWith(RunningKettle.class)
class HostileTextTest {
    private static final List<String> TEXTS = List.of(
            "<script>alert('x')</script>",
            "\"><img src=x onerror=alert(1)>",
            "'; drop table journal_entry; --",
            "${7*7} #{7*7} *{7*7} [[${7*7}]] __${7*7}__::.x",
            "=HYPERLINK(\"http://x\")",
            "@SUM(1+1)*cmd|' /C calc'!A0",
            "\u202Egnirts thgir ot tfel",
            "🔋👩‍🔧⚡",
            "&lt;b&gt; &amp;",
            "\\u0000 \\x00 %00 {{7*7}}");
    private static final String ZERO = "a\0b";
    private static final String HUGE = "x".repeat(100_000);

    private final Kettle kettle;
    private final Requests lead;

    HostileTextTest(Kettle kettle) {
        this.kettle = kettle;
        kettle.clock().set(Kettle.START);
        lead = Requests.as(kettle, "lead");
    }

    /**
     * A field that takes text.
     *
     * @param place where its form is sent; {@code {job}} is the number of a job made for it
     * @param shown the page that shows what was kept
     * @param dear the job takes long to make, so that all texts are sent as one
     */
    record Field(
            String place,
            String name,
            Function<Kettle, Played> job,
            Map<String, String> others,
            String shown,
            boolean dear) {
        Field asOne() {
            return new Field(place, name, job, others, shown, true);
        }

        List<String> texts() {
            return dear ? List.of(String.join(" ", TEXTS.subList(0, TEXTS.size() - 1))) : TEXTS;
        }

        @Override
        public String toString() {
            return place + " " + name;
        }
    }

    private static Field field(
            String place, String name, Function<Kettle, Played> job, String shown, String... others) {
        Map<String, String> more = new HashMap<>();
        for (int i = 0; i < others.length; i += 2) {
            more.put(others[i], others[i + 1]);
        }
        return new Field(place, name, job, more, shown, false);
    }

    static Stream<Field> fields() {
        return Stream.of(
                field("/jobs/new", "owner", Played::opened, "", "modelId", "gannet-14", "openedBefore", "NO"),
                field(
                        "/jobs/new",
                        "contact",
                        Played::opened,
                        "",
                        "modelId",
                        "gannet-14",
                        "openedBefore",
                        "NO",
                        "owner",
                        "x"),
                field(
                        "/jobs/new",
                        "serial",
                        Played::opened,
                        "",
                        "modelId",
                        "gannet-14",
                        "openedBefore",
                        "NO",
                        "owner",
                        "x"),
                field("/jobs/{job}/open/noted", "note", Played::assessed, "/journal"),
                field(
                        "/jobs/{job}/arrive/quoted",
                        "request.offers[0].name",
                        Played::opened,
                        "/arrive",
                        "request.offers[0].price",
                        "1"),
                field(
                        "/jobs/{job}/arrive/quoted",
                        "request.parts[0].name",
                        Played::opened,
                        "/arrive/quote",
                        "request.parts[0].price",
                        "1"),
                field(
                        "/jobs/{job}/free/leads-noted",
                        "leads[0].routing",
                        kettle -> Played.at(kettle, "avocet", "disconnect"),
                        "/journal",
                        "leads[0].lead",
                        "red",
                        "leads[0].colour",
                        "red",
                        "leads[1].lead",
                        "white",
                        "leads[1].colour",
                        "white",
                        "leads[2].lead",
                        "black",
                        "leads[2].colour",
                        "black"),
                field("/jobs/{job}/assess/evacuated", "account", Played::opened, "/journal"),
                field("/jobs/{job}/assess/lead-continued", "reason", HostileTextTest::isolated, "/journal"),
                field(
                        "/jobs/{job}/fit/pack-offered",
                        "label.lot",
                        Played::measured,
                        "/fit",
                        "label.nominalV",
                        "11,55",
                        "label.capacityMah",
                        "4400"),
                field(
                                "/jobs/{job}/prove/checked",
                                "remark",
                                kettle -> Played.goingBack(kettle, 0),
                                "/prove",
                                "check",
                                "start",
                                "outcome",
                                "WORKS")
                        .asOne(),
                field("/jobs/{job}/calibrate/cycle-left-out", "reason", Played::closedUp, "/journal")
                        .asOne(),
                field(
                                "/jobs/{job}/handback/addendum",
                                "text",
                                kettle -> Played.readyToSign(kettle).signed(),
                                "/journal")
                        .asOne());
    }

    private static Played isolated(Kettle kettle) {
        return Played.assessed(kettle)
                .write(new AssessEntry.Looked(new Look(false, true, true, false, false, true, Wet.NO, Damage.NONE)));
    }

    private Answer send(Field field, Played job, String text) {
        Map<String, String> form = new HashMap<>(field.others());
        form.put("formId", Requests.formId());
        form.put("seen", String.valueOf(job.file().state().seq()));
        form.put(field.name(), text);
        return lead.post(field.place().replace("{job}", String.valueOf(job.number())), form);
    }

    private long entries() {
        Long count = new JdbcTemplate(kettle.bean(DataSource.class))
                .queryForObject("select count(*) from journal_entry", Long.class);
        return count == null ? -1 : count;
    }

    @ParameterizedTest
    @MethodSource("fields")
    void isKeptAsTypedAndShownAsText(Field field) {
        for (String text : field.texts()) {
            Played job = field.job().apply(kettle);
            Answer sent = send(field, job, text);
            assertThat(sent.status()).as("%s in %s", text, field).isEqualTo(302);
            String path = field.place().equals("/jobs/new")
                    ? sent.location().replace(kettle.address(), "").replaceAll("/[a-z]+$", "")
                    : "/jobs/" + job.number();
            String stored = new JdbcTemplate(kettle.bean(DataSource.class))
                    .queryForObject(
                            "select string_agg(value #>> '{}', '|') from journal_entry, jsonb_path_query(body, 'strict $.**') as value"
                                    + " where job = ? and jsonb_typeof(value) = 'string'",
                            String.class,
                            Long.valueOf(path.replace("/jobs/", "")));
            assertThat(stored).as("%s in %s", text, field).contains(text);
            String page = lead.get(path + (field.shown().isEmpty() ? "/arrive" : field.shown()))
                    .body();
            assertThat(page).as("%s in %s", text, field).contains(escaped(text));
            if (text.contains("<")) {
                assertThat(page).as("%s in %s", text, field).doesNotContain(text);
            }
            assertThat(page).doesNotContain("49 49");
        }
    }

    private static String escaped(String text) {
        return text.replace("&", "&amp;")
                .replace("<", "&lt;")
                .replace(">", "&gt;")
                .replace("\"", "&quot;")
                .replace("'", "&#39;");
    }

    @ParameterizedTest
    @MethodSource("fields")
    void aZeroByteAndAHundredThousandLettersAreRefusedWithTheFormAsItWas(Field field) {
        Played job = field.job().apply(kettle);
        for (String text : List.of(ZERO, HUGE)) {
            long before = entries();
            Answer answer = send(field, job, text);
            assertThat(answer.status())
                    .as("%s letters in %s", text.length(), field)
                    .isEqualTo(422);
            assertThat(answer.body()).contains("Not taken");
            assertThat(entries()).isEqualTo(before);
        }
    }

    /** Fields of the shop's own data, which no journal holds: where they are sent, and which page shows them. */
    static Stream<Field> settings() {
        return Stream.of(
                field(
                        "/shop/containers",
                        "name",
                        kettle -> null,
                        "/shop",
                        "id",
                        "H1",
                        "capacityWh",
                        "5",
                        "places",
                        "1",
                        "outdoors",
                        "false"),
                field(
                        "/people/new",
                        "shownName",
                        kettle -> null,
                        "/people",
                        "name",
                        "{unique}",
                        "role",
                        "TRAINEE",
                        "password",
                        "brass-lantern"),
                field("/limits", "why", kettle -> null, "/limits", "seen", "{newest}", "meter-error-mv", "{turn}"));
    }

    @ParameterizedTest
    @MethodSource("settings")
    void isShownAsTextOnThePagesOfALeadToo(Field field) {
        int turn = 11;
        for (String text : TEXTS) {
            Answer sent = settle(field, text, turn++);
            assertThat(sent.status()).as("%s in %s", text, field).isEqualTo(302);
            String page = lead.get(field.shown()).body();
            assertThat(page).as("%s in %s", text, field).contains(escaped(text));
            if (text.contains("<")) {
                assertThat(page).as("%s in %s", text, field).doesNotContain(text);
            }
        }
        for (String text : List.of(ZERO, HUGE)) {
            assertThat(settle(field, text, turn++).status()).isEqualTo(422);
        }
    }

    private Answer settle(Field field, String text, int turn) {
        Map<String, String> form = new HashMap<>(field.others());
        String newest =
                String.valueOf(kettle.bean(LimitsBook.class).newest().limits().version());
        form.replaceAll((name, value) -> value.replace("{unique}", "h" + turn)
                .replace("{newest}", newest)
                .replace("{turn}", String.valueOf(turn)));
        form.put(field.name(), text);
        return lead.post(field.place(), form);
    }
}
