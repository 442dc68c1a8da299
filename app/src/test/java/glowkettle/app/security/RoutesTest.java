package glowkettle.app.security;

import static glowkettle.app.security.Route.get;
import static glowkettle.app.security.Route.post;
import static org.assertj.core.api.Assertions.assertThat;

import glowkettle.app.demo.Played;
import glowkettle.app.support.Kettle;
import glowkettle.app.support.Requests;
import glowkettle.app.support.RunningKettle;
import glowkettle.assess.HazardReadings.Damage;
import glowkettle.assess.HazardReadings.Look;
import glowkettle.assess.HazardReadings.Wet;
import glowkettle.job.assess.AssessEntry;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import javax.imageio.ImageIO;
import javax.sql.DataSource;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;

/** Every route for every role: signed in and not, with a wrong token, from an old page, and sent twice. */
@ExtendWith(RunningKettle.class)
class RoutesTest {
    private static final String JOB = "/jobs/{number:[0-9]{1,15}}";
    private static final String STAGE = JOB + "/{path:[a-z]+}";
    private static final String ENTRY = STAGE + "/{kind:[a-z-]+}";
    private static final String HOLD = JOB + "/{path:arrive|prove}/hold";
    private static final String PHOTOS = JOB + "/{path:arrive|open}/photos";
    private static final String HAND_OVER = "/isolation/hand-overs/{number:[0-9]{1,9}}";
    private static final String CONTAINER = "/isolation/labels/{container:[A-Za-z0-9-]{1,40}}";
    private static final String MODEL = "/library/{id:[a-z0-9-]{1,60}}";
    private static final String PHONE = "/phone/{secret:[A-Za-z0-9_-]{20,64}}";
    private static final String NOBODYS = "AAAAAAAAAAAAAAAAAAAAAAAA";
    private static final String NO_PHOTO = "00000000-0000-0000-0000-000000000000";
    private static final List<String> ACCOUNTS = List.of("trainee", "technician", "lead");
    /** Sent by everybody who is signed in or not, or to no page of ours. */
    private static final Set<String> ELSEWHERE = Set.of("/error", "/api/{stage}/{name}", "/api/openapi.json");

    private final Kettle kettle;
    private final Map<String, Requests> people = new HashMap<>();

    RoutesTest(Kettle kettle) {
        this.kettle = kettle;
        kettle.clock().set(Kettle.START);
    }

    private Requests person(String account) {
        return people.computeIfAbsent(account, name -> Requests.as(kettle, name));
    }

    static Stream<Route> pages() {
        return Stream.of(
                get("/", "/", 200, 200, 200),
                get("/clocks", "/clocks", 200, 200, 200),
                get("/keys", "/keys", 200, 200, 200),
                get("/calls", "/calls", 200, 200, 200),
                get("/jobs/new/models", "/jobs/new/models?modelCode=gannet", 200, 200, 200),
                get("/sums", "/sums", 200, 200, 200),
                get("/sums/{stage:[a-z]+}/{name:[a-z-]+}", "/sums/fit/energy", 200, 200, 200),
                get("/sums/put", "/sums/put?job={CLOSED}&kind=warmth-taken", 302, 302, 302),
                get("/jobs/new", "/jobs/new", 200, 200, 200),
                get(JOB, "/jobs/{EVACUATED}", 302, 302, 302),
                get(JOB + "/journal", "/jobs/{EVACUATED}/journal", 200, 200, 200),
                get(STAGE, "/jobs/{EVACUATED}/assess", 200, 200, 200),
                get(STAGE, "/jobs/99999/assess", 404, 404, 404),
                get(JOB + "/live", "/jobs/{EVACUATED}/live", 200, 200, 200),
                get(HOLD + "/live/{id:[A-Za-z0-9-]{1,40}}", "/jobs/{EVACUATED}/arrive/hold/live/none", 404, 404, 404),
                get(JOB + "/arrive/quote", "/jobs/{QUOTED}/arrive/quote", 200, 200, 200),
                get(JOB + "/arrive/quote.pdf", "/jobs/{QUOTED}/arrive/quote.pdf", 200, 200, 200),
                get(JOB + "/handback/sheet", "/jobs/{EVACUATED}/handback/sheet", 200, 200, 200),
                get(JOB + "/handback/sheet.pdf", "/jobs/{EVACUATED}/handback/sheet.pdf", 200, 200, 200),
                get(JOB + "/labels", "/jobs/{EVACUATED}/labels", 200, 200, 200),
                get(JOB + "/match/labels", "/jobs/{BANK}/match/labels", 200, 200, 200),
                get(JOB + "/match/labels-{sheet:[0-9]{1,2}}.svg", "/jobs/{BANK}/match/labels-2.svg", 200, 200, 200),
                get(JOB + "/match/jig-{sheet:[0-9]{1,2}}.svg", "/jobs/{BANK}/match/jig-1.svg", 200, 200, 200),
                get(JOB + "/match/jig.csv", "/jobs/{BUILDING}/match/jig.csv", 200, 200, 200),
                get(JOB + "/match/cells.csv", "/jobs/{BANK}/match/cells.csv", 200, 200, 200),
                get(JOB + "/match/cells.json", "/jobs/{BANK}/match/cells.json", 200, 200, 200),
                get(JOB + "/match/search", "/jobs/{BANK}/match/search", 200, 200, 200),
                get(JOB + "/labels/{which:ticket|pack}.svg", "/jobs/{EVACUATED}/labels/pack.svg", 200, 200, 200),
                get(JOB + "/labels/{which:ticket|pack}.pdf", "/jobs/{EVACUATED}/labels/ticket.pdf", 200, 200, 200),
                get("/photos/{id}", "/photos/" + NO_PHOTO, 404, 404, 404),
                get("/photos/{id}", "/photos/passwd", 404, 404, 404),
                get("/isolation", "/isolation", 200, 200, 200),
                get("/isolation/round", "/isolation/round", 302, 302, 302),
                get("/isolation/round/{container}", "/isolation/round/1", 200, 200, 200),
                get("/isolation/round/{container}", "/isolation/round/none", 404, 404, 404),
                get("/isolation/hand-overs", "/isolation/hand-overs", 200, 200, 200),
                get(HAND_OVER, "/isolation/hand-overs/1", 200, 200, 200),
                get(HAND_OVER, "/isolation/hand-overs/999", 404, 404, 404),
                get(HAND_OVER + ".csv", "/isolation/hand-overs/1.csv", 200, 200, 200),
                get(HAND_OVER + ".json", "/isolation/hand-overs/1.json", 200, 200, 200),
                get(HAND_OVER + ".pdf", "/isolation/hand-overs/1.pdf", 200, 200, 200),
                get(CONTAINER + ".svg", "/isolation/labels/1.svg", 200, 200, 200),
                get(CONTAINER + ".pdf", "/isolation/labels/1.pdf", 200, 200, 200),
                get("/library", "/library", 200, 200, 200),
                get("/library/schema", "/library/schema", 200, 200, 200),
                get(MODEL, "/library/petrel-5", 200, 200, 200),
                get(MODEL, "/library/nobody", 404, 404, 404),
                get(MODEL + "/file", "/library/petrel-5/file", 200, 200, 200),
                get("/limits", "/limits", 200, 200, 200),
                get("/limits/compare", "/limits/compare?from=1&to=1", 200, 200, 200),
                get("/shop", "/shop", 200, 200, 200),
                get("/tokens", "/tokens", 200, 200, 200),
                get("/first-day", "/first-day", 403, 403, 200),
                get("/people", "/people", 403, 403, 200));
    }

    /** Pages that a stranger may see. */
    static Stream<Route> open() {
        return Stream.of(get("/signin", "/signin", 200, 200, 200), get(PHONE, "/phone/" + NOBODYS, 404, 404, 404));
    }

    static Stream<Route> forms() {
        return Stream.of(
                post("/jobs/new", "/jobs/new", 302, 302, 302)
                        .with("modelId", "gannet-14", "owner", "Harbour office", "openedBefore", "NO"),
                post(JOB + "/arrive/model", "/jobs/{job}/arrive/model", 422, 422, 422)
                        .on(Played::opened)
                        .with("name", "Breakwater lamp"),
                entry("arrive/quoted", 302, 302, 302)
                        .on(Played::opened)
                        .with("request.offers[0].name", "Pack as fitted", "request.offers[0].price", "40"),
                entry("arrive/promised", 302, 302, 302).on(Played::opened).with("promise", "2026-12-01T10:00"),
                entry("arrive/quote-answered", 422, 422, 422).on(Played::opened).with("accepted", "true"),
                entry("assess/looked", 302, 302, 302)
                        .on(Played::opened)
                        .with(nothingFound())
                        .with("look.wet", "NO"),
                entry("assess/warmth-taken", 302, 302, 302)
                        .on(Played::opened)
                        .with("warmth.surfaceC", "21", "warmth.ambientC", "21", "warmth.atRest", "true"),
                entry("assess/lead-continued", 422, 422, 302)
                        .on(RoutesTest::isolated)
                        .with("reason", "the owner waits for the data"),
                entry("assess/rejudged", 422, 422, 422).on(Played::opened).with("reason", ""),
                entry("assess/watched", 404, 404, 404).on(Played::opened),
                entry("assess/evacuated", 302, 302, 302)
                        .on(Played::opened)
                        .with("account", "smoke at the bench; everybody out, nobody hurt"),
                entry("open/noted", 302, 302, 302).on(Played::assessed).with("note", "a screw is worn"),
                entry("open/conditions-confirmed", 302, 302, 302).on(Played::assessed),
                entry("open/taken-back", 302, 302, 302).on(Played::assessed).with("corrects", "3"),
                entry("open/targets-chosen", 302, 302, 302).on(Played::assessed).with("targets[]", "fan-off"),
                entry("open/reordered", 422, 422, 422).on(Played::assessed).with("order[]", "power-off"),
                entry("open/minutes-learnt", 404, 404, 404).on(Played::assessed),
                entry("free/sand-ready", 302, 302, 302).on(Played::assessed),
                entry("free/heat-started", 422, 422, 422)
                        .on(kettle -> Played.at(kettle, "guillemot-6", "free-pack"))
                        .with("bond", "free-pack", "setting.source", "MAT", "setting.temperatureC", "110")
                        .with("setting.face", "BELOW", "ambientC", "21"),
                entry("free/prised", 302, 302, 302)
                        .on(kettle -> Played.at(kettle, "guillemot-6", "free-pack"))
                        .with("bond", "free-pack", "way", "CARD", "effort", "SOME"),
                post("/library/file", "/library/file", 403, 403, 422).withFile(png()),
                post(MODEL, "/library/dunlin", 403, 403, 422).with("body", "{}", "seen", "0", "why", "x"),
                entry("fit/pack-offered", 302, 302, 302)
                        .on(Played::measured)
                        .with("label.nominalV", "11,55", "label.capacityMah", "4400"),
                entry("handback/signed-off", 422, 302, 302)
                        .on(Played::readyToSign)
                        .with("as", "TECHNICIAN"),
                entry("handback/addendum", 302, 302, 302)
                        .on(kettle -> Played.readyToSign(kettle).signed())
                        .with("text", "came back for its charger"),
                entry("handback/unknown-kind", 404, 404, 404).on(Played::opened),
                post(HOLD + "/live", "/jobs/99999/arrive/hold/live", 404, 404, 404),
                post(JOB + "/join/gauge/read", "/jobs/99999/join/gauge/read", 404, 404, 404),
                post(JOB + "/join/gauge/write", "/jobs/99999/join/gauge/write", 404, 404, 404),
                post(JOB + "/match/table", "/jobs/{job}/match/table", 422, 422, 422)
                        .on(Played::opened)
                        .with("table", ""),
                post(JOB + "/match/search", "/jobs/{job}/match/search", 422, 422, 422)
                        .on(Played::opened),
                post(JOB + "/match/search/enough", "/jobs/{job}/match/search/enough", 302, 302, 302)
                        .on(Played::opened),
                post(HOLD, "/jobs/{job}/arrive/hold", 404, 404, 404)
                        .on(Played::opened)
                        .with("log", NO_PHOTO),
                post(HOLD + "/csv", "/jobs/{job}/arrive/hold/csv", 302, 302, 302)
                        .on(Played::opened)
                        .with("volumeMl", "8")
                        .withFile(log()),
                post(PHOTOS, "/jobs/{job}/arrive/photos", 302, 302, 302)
                        .on(Played::opened)
                        .withFile(png()),
                post(
                                PHOTOS + "/{id:[0-9a-f-]{36}}/removed",
                                "/jobs/{job}/arrive/photos/" + NO_PHOTO + "/removed",
                                422,
                                422,
                                422)
                        .on(Played::opened)
                        .with("reason", "blurred"),
                post("/isolation/round/{container}", "/isolation/round/1", 302, 302, 302)
                        .with("surfaceC", "18", "ambientC", "18"),
                post("/isolation/hand-overs", "/isolation/hand-overs", 422, 422, 422)
                        .with("collector", "Harbour recycling barge"),
                post("/limits", "/limits", 403, 403, 409).with("seen", "0", "meter-error-mv", "-7", "why", "x"),
                post("/limits/restore", "/limits/restore", 403, 403, 409).with("version", "1", "seen", "0", "why", "x"),
                post("/first-day/shop", "/first-day/shop", 403, 403, 422).with("name", ""),
                post("/first-day/emergency", "/first-day/emergency", 403, 403, 422)
                        .with("emergencyNumber", ""),
                post("/first-day/hours", "/first-day/hours", 403, 403, 422).with("MONDAY", "always"),
                post("/first-day/room", "/first-day/room", 403, 403, 422).with("hands", "none"),
                post("/first-day/container", "/first-day/container", 403, 403, 422)
                        .with("id", ""),
                post("/first-day/passed", "/first-day/passed", 403, 403, 422).with("step", "EMERGENCY"),
                post("/first-day/examples", "/first-day/examples", 403, 403, 302)
                        .with("away", "false"),
                post("/shop", "/shop", 403, 403, 422).with("name", ""),
                post("/shop/containers", "/shop/containers", 403, 403, 302)
                        .with(
                                "id",
                                "R{unique}",
                                "name",
                                "Crock",
                                "capacityWh",
                                "50",
                                "places",
                                "2",
                                "outdoors",
                                "false"),
                post("/shop/containers/remove", "/shop/containers/remove", 403, 403, 422)
                        .with("id", "none"),
                post("/tokens/new", "/tokens/new", 200, 200, 200).with("name", "scale"),
                post("/tokens/withdraw", "/tokens/withdraw", 302, 302, 302).with("id", "0"),
                post("/people/new", "/people/new", 403, 403, 302)
                        .with(
                                "name",
                                "hand-{unique}",
                                "shownName",
                                "Deck hand",
                                "role",
                                "TRAINEE",
                                "password",
                                "brass-lantern"),
                post("/people/change", "/people/change", 403, 403, 422)
                        .with("name", "nobody", "shownName", "Nobody", "role", "TRAINEE"));
    }

    /** Forms that write nothing down for good. */
    static Stream<Route> passing() {
        return Stream.of(
                post(MODEL + "/drawing", "/library/dunlin/drawing", 403, 403, 200)
                        .with("body", "{}"),
                post(MODEL + "/note", "/library/dunlin/note", 403, 403, 302)
                        .with("job", "1", "seq", "1", "accepted", "true"),
                post("/theme", "/theme", 302, 302, 302).with("theme", "light"),
                post(PHOTOS + "/phone", "/jobs/{job}/arrive/photos/phone", 200, 200, 200)
                        .on(Played::opened),
                post(PHONE, "/phone/" + NOBODYS, 404, 404, 404).withFile(png()));
    }

    private static Route entry(String place, int trainee, int technician, int lead) {
        return post(ENTRY, "/jobs/{job}/" + place, trainee, technician, lead);
    }

    private static String[] nothingFound() {
        return List.of(
                        "flameSmokeHissJet",
                        "visiblePillow",
                        "leakOrSolventSmell",
                        "piercedTornCreased",
                        "pushedOutOfPlace",
                        "dentedBentDropped")
                .stream()
                .flatMap(field -> Stream.of("look." + field, "false"))
                .toArray(String[]::new);
    }

    private static Played isolated(Kettle kettle) {
        return Played.assessed(kettle)
                .write(new AssessEntry.Looked(new Look(false, true, true, false, false, true, Wet.NO, Damage.NONE)));
    }

    private static byte[] log() {
        return ("seconds,kpa\n"
                        + IntStream.range(0, 200)
                                .mapToObj(i -> i / 10.0 + "," + 5 * Math.exp(-i / 300.0))
                                .collect(Collectors.joining("\n")))
                .getBytes(StandardCharsets.UTF_8);
    }

    private static byte[] png() {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try {
            ImageIO.write(new BufferedImage(8, 8, BufferedImage.TYPE_INT_RGB), "png", out);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return out.toByteArray();
    }

    /** Whatever is kept for good, counted. */
    private long kept() {
        Long rows = new JdbcTemplate(kettle.bean(DataSource.class)).queryForObject("""
                        select (select count(*) from journal_entry) + (select count(*) from account)
                             + (select count(*) from container) + (select count(*) from hand_over)
                             + (select count(*) from photo) + (select count(*) from device_model)
                             + (select count(*) from limits_version)
                        """, Long.class);
        return rows == null ? -1 : rows;
    }

    @Test
    void noRouteIsForgotten() {
        Set<String> known = kettle
                .<RequestMappingHandlerMapping>bean("requestMappingHandlerMapping")
                .getHandlerMethods()
                .keySet()
                .stream()
                .flatMap(mapping -> mapping.getPatternValues().stream()
                        .filter(pattern -> !ELSEWHERE.contains(pattern))
                        .map(pattern -> mapping.getMethodsCondition().getMethods() + " " + pattern))
                .collect(Collectors.toSet());
        Set<String> listed = Stream.of(pages(), open(), forms(), passing())
                .flatMap(routes -> routes)
                .map(route -> "[" + route.method() + "] " + route.pattern())
                .collect(Collectors.toSet());
        assertThat(listed).containsExactlyInAnyOrderElementsOf(known);
    }

    @ParameterizedTest
    @MethodSource({"pages", "open", "forms", "passing"})
    void everyRoleMayDoWhatTheTableSays(Route route) {
        for (String account : ACCOUNTS) {
            assertThat(route.ready(kettle).send(person(account)).status())
                    .as("%s as %s", route, account)
                    .isEqualTo(route.expected(account));
        }
    }

    @ParameterizedTest
    @MethodSource({"pages", "forms"})
    void aStrangerIsShownTheSignInAndChangesNothing(Route route) {
        Route.Ready ready = route.ready(kettle);
        Requests stranger = Requests.signedOut(kettle);
        stranger.get("/signin");
        long before = kept();
        Requests.Answer answer = ready.send(stranger);
        assertThat(answer.status()).isEqualTo(302);
        assertThat(answer.location()).contains("/signin");
        assertThat(kept()).isEqualTo(before);
    }

    @ParameterizedTest
    @MethodSource({"forms", "passing"})
    void aFormWithAWrongTokenIsRefusedAndChangesNothing(Route route) {
        Route.Ready ready = route.ready(kettle);
        long before = kept();
        Requests.Answer answer = ready.send(person("lead").withToken("forged"));
        assertThat(answer.status()).isEqualTo(403);
        assertThat(kept()).isEqualTo(before);
    }

    @ParameterizedTest
    @MethodSource("forms")
    void aFormThatIsSentTwiceIsKeptOnce(Route route) {
        for (String account : ACCOUNTS) {
            Route.Ready ready = route.ready(kettle);
            Requests.Answer first = ready.send(person(account));
            long once = kept();
            Requests.Answer second = ready.send(person(account));
            assertThat(kept()).as("%s as %s", route, account).isEqualTo(once);
            assertThat(second.status()).as("%s as %s, again", route, account).isIn(first.status(), 422);
        }
    }

    @ParameterizedTest
    @MethodSource("forms")
    void aFormFromAnOldPageOfAJobIsShownWhatCameBetween(Route route) {
        boolean unreadable = route.fields().containsValue("");
        if (!route.pattern().equals(ENTRY) || route.technician() == 404 || unreadable) {
            return;
        }
        Route.Ready ready = route.ready(kettle).seen(0);
        long before = kept();
        assertThat(ready.send(person("lead")).status()).isEqualTo(409);
        assertThat(kept()).isEqualTo(before);
    }
}
