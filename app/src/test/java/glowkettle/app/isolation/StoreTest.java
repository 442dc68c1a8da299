package glowkettle.app.isolation;

import static org.assertj.core.api.Assertions.assertThat;

import glowkettle.app.demo.Played;
import glowkettle.app.shop.ShopBook;
import glowkettle.app.support.Kettle;
import glowkettle.app.support.Requests;
import glowkettle.app.support.Requests.Answer;
import glowkettle.app.support.RunningKettle;
import glowkettle.assess.Tier;
import glowkettle.isolation.Watch;
import glowkettle.job.isolation.Isolating;
import glowkettle.job.isolation.IsolationEntry;
import java.time.Duration;
import java.util.HashMap;
import java.util.Map;
import javax.sql.DataSource;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.jdbc.core.JdbcTemplate;

@ExtendWith(RunningKettle.class)
class StoreTest {
    private final Kettle kettle;
    private final JdbcTemplate jdbc;
    private final String container = "T" + Requests.formId().substring(0, 8);
    private final Played first;

    StoreTest(Kettle kettle) {
        this.kettle = kettle;
        kettle.clock().set(Kettle.START);
        jdbc = new JdbcTemplate(kettle.bean(DataSource.class));
        first = Played.measured(kettle);
    }

    /** In a container that nobody else uses. */
    @BeforeEach
    void store() {
        jdbc.update(
                "insert into container (shop_id, id, name, capacity_wh, places) values (1, ?, 'Crock of the test', 150, 6)",
                container);
        first.storedIn(container, "Crock of the test");
    }

    private static Map<String, String> look(String surfaceC, String ambientC) {
        return new HashMap<>(Map.of("formId", Requests.formId(), "surfaceC", surfaceC, "ambientC", ambientC));
    }

    @Test
    void aPackEntersTheStoreByItselfWhenItIsLiftedOut() {
        Played lifted = Played.lifted(kettle);

        assertThat(jdbc.queryForMap("select * from stored_pack where job = ?", lifted.number()))
                .containsEntry("container", null)
                .containsEntry("next_look", null);
    }

    @Test
    void oneNumberIsWrittenIntoTheJournalOfThePackOnceHoweverOftenItIsSent() {
        Requests technician = Requests.as(kettle, "technician");
        Map<String, String> look = look("21,4", "21");

        Answer once = technician.post("/isolation/round/" + container, look);
        Answer twice = technician.post("/isolation/round/" + container, look);

        assertThat(once.status()).isEqualTo(302);
        assertThat(twice.status()).isEqualTo(302);
        assertThat(first.file().state().all(IsolationEntry.Watched.class)).hasSize(1);
        assertThat(first.file().tier().result().tier()).isEqualTo(Tier.CLEAR);
    }

    @ParameterizedTest
    @CsvSource({"24, GUARDED, PT15M", "29, ISOLATE, PT15M", "21.5, CLEAR, PT24H"})
    void aWarmReadingBeginsTheWatchAnewAndJudgesTheTierAgain(String surfaceC, Tier tier, Duration until) {
        Requests.as(kettle, "trainee").post("/isolation/round/" + container, look(surfaceC, "21"));

        assertThat(first.file().oldPackTier().result().tier()).isEqualTo(tier);
        assertThat(jdbc.queryForObject(
                        "select next_look - looked_at = ?::interval from stored_pack where job = ?",
                        Boolean.class,
                        until.toString(),
                        first.number()))
                .isTrue();
    }

    @ParameterizedTest
    @CsvSource({
        "'', 21, Missing: Surface",
        "hot, 21, is not a number",
        "21, '', Missing: Air",
        "5000, 21, accepted is −40 to 1"
    })
    void aLookThatCannotBeReadComesBackAndStoresNothing(String surfaceC, String ambientC, String says) {
        Answer answer =
                Requests.as(kettle, "technician").post("/isolation/round/" + container, look(surfaceC, ambientC));

        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.body()).contains(says);
        assertThat(first.file().state().all(IsolationEntry.Watched.class)).isEmpty();
    }

    @Test
    void whatLooksDifferentIsJudgedAtOnceAlsoInAClosedJob() {
        Played closed = Played.readyToSign(kettle).signed();
        String where = Isolating.of(closed.file()).stored().orElseThrow().container();
        Map<String, String> look = look("21", "21");
        look.put("look.leakOrSolventSmell", "true");
        look.put("pack", String.valueOf(closed.number()));

        assertThat(Requests.as(kettle, "technician")
                        .post("/isolation/round/" + where, look)
                        .status())
                .isEqualTo(302);
        assertThat(closed.file().oldPackTier().result().tier()).isEqualTo(Tier.ISOLATE);
        assertThat(Isolating.of(closed.file())
                        .watch(kettle.bean(ShopBook.class).hours())
                        .orElseThrow()
                        .result()
                        .pace())
                .isEqualTo(Watch.Pace.OFTEN);
    }

    @Test
    void onlyALeadReleasesAndAReleasedPackIsWatchedNoMore() {
        Map<String, String> form = Map.of(
                "formId", Requests.formId(), "collector", "=Barge & sons", "jobs[]", String.valueOf(first.number()));

        assertThat(Requests.as(kettle, "technician")
                        .post("/isolation/hand-overs", form)
                        .body())
                .contains("Only a lead releases");
        assertThat(Isolating.of(first.file()).released()).isEmpty();

        Requests lead = Requests.as(kettle, "lead");
        Answer released = lead.post("/isolation/hand-overs", form);
        assertThat(lead.post("/isolation/hand-overs", form).location()).isEqualTo(released.location());
        assertThat(Isolating.of(first.file()).released()).isPresent();
        assertThat(jdbc.queryForObject(
                        "select next_look is null from stored_pack where job = ?", Boolean.class, first.number()))
                .isTrue();
        assertThat(lead.get(path(released) + ".csv").body())
                .startsWith("id,chemistry,energy_wh,mass_g,state,size,container,guidance\r\n")
                .contains("job " + first.number())
                .contains(",50.01150,248,ordinary,small," + container);
        assertThat(lead.get(path(released) + ".json").body())
                .contains("\"collector\":\"=Barge & sons\"")
                .contains("into “Crock of the test”");
        assertThat(lead.get(path(released)).body()).contains("=Barge &amp; sons");
        assertThat(lead.get(path(released) + ".pdf").headers()).containsEntry("content-type", "application/pdf");
    }

    private static String path(Answer answer) {
        return java.net.URI.create(answer.location()).getPath();
    }

    @Test
    void aHandOverWithOnePackThatMayNotLeaveReleasesNone() {
        Requests lead = Requests.as(kettle, "lead");
        Played open = Played.assessed(kettle);
        Answer answer = lead.postAll(
                "/isolation/hand-overs",
                "formId=" + Requests.formId() + "&collector=Barge&jobs[]=" + first.number() + "&jobs[]="
                        + open.number());

        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.body()).contains("is in no container");
        assertThat(Isolating.of(first.file()).released()).isEmpty();
    }

    @Test
    void anOverdueLookStandsOnEveryPage() {
        kettle.clock().set(Kettle.START.plus(Duration.ofDays(2)));
        String page = Requests.as(kettle, "trainee").get("/jobs/new").body();

        assertThat(page).contains("ticket over").contains("Look: ");
        kettle.clock().set(Kettle.START);
    }

    @Test
    void theWatchAndAReleaseCannotBeWrittenPastTheirPages() {
        Requests lead = Requests.as(kettle, "lead");
        Map<String, String> form = Map.of(
                "formId",
                Requests.formId(),
                "seen",
                String.valueOf(first.file().state().seq()),
                "handOver",
                "1",
                "collector",
                "x");

        assertThat(lead.post(first.path("handback") + "/pack-released", form).status())
                .isEqualTo(404);
    }
}
