package glowkettle.app.journal;

import static org.assertj.core.api.Assertions.assertThat;

import glowkettle.app.demo.Played;
import glowkettle.app.support.Kettle;
import glowkettle.app.support.Requests;
import glowkettle.app.support.RunningKettle;
import glowkettle.app.support.Statements;
import glowkettle.job.open.Opening;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.atomic.AtomicReference;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;
import org.junit.jupiter.api.extension.ExtendWith;

/** What one tap at the bench asks of the database. */
@ExtendWith(RunningKettle.class)
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
class TapTest {
    private static final int MOST_ASKED_BY_A_TAP = 12;
    private static final int MOST_ASKED_BY_ITS_PAGE = 6;

    private Kettle kettle;

    @BeforeAll
    void start(Kettle running) {
        kettle = running;
    }

    @Test
    void aTapAndThePageAfterItAskTheDatabaseLittle() {
        Played job = Played.at(kettle, "gannet-14", "cover-clips");
        Requests technician = Requests.as(kettle, "technician");
        String open = "/jobs/" + job.number() + "/open";
        technician.get(open);
        String step =
                Opening.of(job.file()).nextStep().orElseThrow().operation().id();
        AtomicReference<Requests.Answer> taken = new AtomicReference<>();

        List<String> byTheTap = Statements.during(() -> taken.set(technician.post(
                open + "/step-done",
                Map.of(
                        "step",
                        step,
                        "seen",
                        String.valueOf(job.file().state().seq()),
                        "formId",
                        UUID.randomUUID().toString()))));
        List<String> byItsPage = Statements.during(() -> technician.get(open));

        assertThat(taken.get().status()).as(taken.get().body()).isEqualTo(302);
        assertThat(byTheTap).hasSizeLessThanOrEqualTo(MOST_ASKED_BY_A_TAP);
        assertThat(byItsPage)
                .hasSizeLessThanOrEqualTo(MOST_ASKED_BY_ITS_PAGE)
                .allMatch(asked -> asked.toLowerCase(Locale.ROOT).startsWith("select"), "only reads");
    }
}
