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
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** The page after the next tap is drawn before the tap, and nothing is written for it. */
@ExtendWith(RunningKettle.class)
class AheadTest {
    private final Kettle kettle;
    private final Requests technician;

    AheadTest(Kettle kettle) {
        this.kettle = kettle;
        technician = Requests.as(kettle, "technician");
    }

    private static String step(Played job) {
        return Opening.of(job.file()).nextStep().orElseThrow().operation().id();
    }

    private Requests.Answer ahead(Played job, String step, long seen) {
        return technician
                .with("Drawn-Ahead", "true")
                .post(
                        job.path("open") + "/step-done",
                        Map.of(
                                "step",
                                step,
                                "seen",
                                String.valueOf(seen),
                                "formId",
                                UUID.randomUUID().toString()));
    }

    @Test
    void itIsThePageThatComesThenAndOnlyReads() {
        Played job = Played.at(kettle, "gannet-14", "cover-clips");
        long seq = job.file().state().seq();
        String step = step(job);
        technician.get(job.path("open"));
        AtomicReference<Requests.Answer> drawn = new AtomicReference<>();
        List<String> asked = Statements.during(() -> drawn.set(ahead(job, step, seq)));

        assertThat(drawn.get().status()).isEqualTo(200);
        assertThat(asked).allMatch(one -> one.toLowerCase(Locale.ROOT).startsWith("select"), "only reads");
        assertThat(job.file().state().seq()).isEqualTo(seq);
        technician.post(
                job.path("open") + "/step-done",
                Map.of(
                        "step",
                        step,
                        "seen",
                        String.valueOf(seq),
                        "formId",
                        UUID.randomUUID().toString()));
        assertThat(job.file().state().seq()).isEqualTo(seq + 1);
        assertThat(work(drawn.get().body()))
                .isEqualTo(work(technician.get(job.path("open")).body()));
    }

    /** What stands in main, without the ids that no two forms share. */
    private static String work(String page) {
        return page.substring(page.indexOf("<main"), page.indexOf("</main>"))
                .replaceAll("(name=\"(formId|_csrf)\" value=)\"[^\"]*\"", "$1");
    }

    @Test
    void nothingIsDrawnOfWhatWouldNotBeTaken() {
        Played job = Played.at(kettle, "gannet-14", "cover-clips");
        long seq = job.file().state().seq();
        assertThat(ahead(job, "no-such-step", seq).status()).isEqualTo(204);
        assertThat(ahead(job, "", seq).status()).isEqualTo(204);
        assertThat(ahead(job, step(job), seq - 1).status()).isEqualTo(204);
        assertThat(ahead(job, step(job), seq + 1).status()).isEqualTo(204);
        assertThat(job.file().state().seq()).isEqualTo(seq);
    }
}
