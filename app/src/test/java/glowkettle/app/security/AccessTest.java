package glowkettle.app.security;

import static org.assertj.core.api.Assertions.assertThat;

import glowkettle.app.demo.Played;
import glowkettle.app.journal.JobReader;
import glowkettle.app.support.Kettle;
import glowkettle.app.support.Requests;
import glowkettle.app.support.Requests.Answer;
import glowkettle.app.support.RunningKettle;
import glowkettle.assess.HazardReadings.Damage;
import glowkettle.assess.HazardReadings.Look;
import glowkettle.assess.HazardReadings.Wet;
import glowkettle.assess.Tier;
import glowkettle.job.assess.AssessEntry;
import glowkettle.job.assess.Assessing;
import glowkettle.job.open.OpenEntry;
import java.util.HashMap;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

@ExtendWith(RunningKettle.class)
class AccessTest {
    private final Kettle kettle;

    AccessTest(Kettle kettle) {
        this.kettle = kettle;
        kettle.clock().set(Kettle.START);
    }

    private Map<String, String> form(Played job, String... pairs) {
        Map<String, String> fields = new HashMap<>();
        fields.put("formId", Requests.formId());
        fields.put("seen", String.valueOf(job.file().state().seq()));
        for (int i = 0; i < pairs.length; i += 2) {
            fields.put(pairs[i], pairs[i + 1]);
        }
        return fields;
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "/",
                "/jobs/new",
                "/jobs/{CLOSED}",
                "/jobs/{CLOSED}/open",
                "/jobs/{CLOSED}/journal",
                "/isolation",
                "/limits",
                "/keys",
                "/calls",
                "/clocks",
                "/jobs/{CLOSED}/handback/sheet.pdf",
                "/actuator/env"
            })
    void withoutASignInEveryPageLeadsToTheSignIn(String path) {
        Answer answer = Requests.signedOut(kettle).get(Played.address(kettle, path));

        assertThat(answer.status()).isIn(302, 404);
        if (answer.status() == 302) {
            assertThat(answer.location()).endsWith("/signin");
        }
    }

    @ParameterizedTest
    @ValueSource(strings = {"/signin", "/evacuate", "/actuator/health", "/api/openapi.json"})
    void theCardForAnEmergencyNeedsNoSignIn(String path) {
        assertThat(Requests.signedOut(kettle).get(path).status()).isEqualTo(200);
    }

    @Test
    void scriptsComeFromHereOnlyAndNothingRunsInline() {
        Answer page = Requests.as(kettle, "technician").get("/");

        assertThat(page.headers().get("content-security-policy"))
                .contains("default-src 'none'", "script-src 'self'", "style-src 'self'")
                .doesNotContain("unsafe");
        assertThat(page.body())
                .doesNotContain("<script>")
                .doesNotContain(" style=\"")
                .doesNotContain("onclick");
        assertThat(page.headers()).containsEntry("x-content-type-options", "nosniff");
    }

    @Test
    void aChangeWithoutTheTokenIsForbiddenAndStoresNothing() {
        Played job = Played.assessed(kettle);
        Requests requests = Requests.as(kettle, "technician");
        long seen = job.file().state().seq();
        Answer answer =
                requests.postWithoutToken(job.path("open") + "/step-done", form(job, "way", "IN", "step", "power-off"));

        assertThat(answer.status()).isEqualTo(403);
        assertThat(answer.body()).contains("Your role does not allow this");
        assertThat(job.file().state().seq()).isEqualTo(seen);
    }

    @ParameterizedTest
    @CsvSource({
        "/jobs/987654,404",
        "/jobs/987654/open,404",
        "/jobs/{CLOSED}/solder,404",
        "/nowhere,404",
        "/jobs/x,404",
        "/jobs/{CLOSED}/handback/sheet.pdf,200"
    })
    void whatIsNotThereSaysSoInOurLook(String path, int status) {
        Answer answer = Requests.as(kettle, "technician").get(Played.address(kettle, path));

        assertThat(answer.status()).isEqualTo(status);
        if (status == 404) {
            assertThat(answer.body()).contains("To the bench").doesNotContain("Exception");
        }
    }

    @Test
    void aTraineeWorksUpToGuardedAndNeverSigns() {
        Played done = Played.readyToSign(kettle);
        Played isolated = Played.assessed(kettle)
                .write(new AssessEntry.Looked(new Look(false, false, false, false, false, true, Wet.NO, Damage.NONE)));
        Requests trainee = Requests.as(kettle, "trainee");

        assertThat(trainee.post(done.path("handback") + "/signed-off", form(done, "as", "TECHNICIAN"))
                        .status())
                .isEqualTo(422);
        assertThat(trainee.post(isolated.path("assess") + "/noted", form(isolated, "note", "wet patch"))
                        .body())
                .contains("Trainees work up to tier Guarded");
        assertThat(done.file().closed()).isFalse();
    }

    @Test
    void onlyALeadSignsAsLeadAndGoesOnWithAnIsolatedJob() {
        Played isolated = Played.assessed(kettle)
                .write(new AssessEntry.Looked(new Look(false, false, false, false, false, true, Wet.NO, Damage.NONE)));
        String path = isolated.path("assess") + "/lead-continued";

        assertThat(Requests.as(kettle, "technician")
                        .post(path, form(isolated, "reason", "I know better"))
                        .body())
                .contains("Only a lead goes on");
        assertThat(Requests.as(kettle, "lead")
                        .post(path, form(isolated, "reason", "Cold removal outdoors."))
                        .status())
                .isEqualTo(302);
        assertThat(Assessing.of(isolated.file()).halted()).isFalse();
    }

    @Test
    void aJobThatWasEverGuardedNeedsTheLeadsSignatureToo() {
        Played job = Played.readyToSign(kettle)
                .write(new AssessEntry.Looked(new Look(false, false, false, false, true, false, Wet.NO, Damage.NONE)));
        Requests technician = Requests.as(kettle, "technician");
        technician.post(job.path("handback") + "/signed-off", form(job, "as", "TECHNICIAN"));
        assertThat(job.file().closed()).isFalse();
        Requests.as(kettle, "lead").post(job.path("handback") + "/signed-off", form(job, "as", "LEAD"));
        assertThat(job.file().closed()).isTrue();
        assertThat(technician
                        .post(job.path("assess") + "/noted", form(job, "note", "later"))
                        .status())
                .isEqualTo(422);
    }

    @Test
    void repeatedWrongPasswordsAreSlowedDown() {
        Requests guesser = Requests.signedOut(kettle);
        guesser.get("/signin");
        for (int i = 0; i < 6; i++) {
            guesser.post("/signin", Map.of("username", "trainee", "password", "guess" + i));
        }
        Answer right = guesser.post("/signin", Map.of("username", "trainee", "password", "quayside"));

        assertThat(right.location()).contains("error");
        kettle.clock().set(Kettle.START.plusSeconds(3600));
        guesser.get("/signin");
        assertThat(guesser.post("/signin", Map.of("username", "trainee", "password", "quayside"))
                        .location())
                .doesNotContain("error");
    }

    /** Text is stored as it was typed, shown escaped, and never read as anything but text. */
    @ParameterizedTest
    @ValueSource(
            strings = {
                "<script>alert(1)</script>", "${T(java.lang.Runtime)}", "__${7*7}__::.x", "'; drop table job; --",
                        "=1+1",
                "\u202Eright to left", "🔋🔥 𓂀", "[[${7*7}]]", "th:text=\"x\"", "&amp;&lt;"
            })
    void hostileTextIsOnlyText(String text) {
        Played job = Played.assessed(kettle);
        Requests requests = Requests.as(kettle, "technician");
        Answer sent = requests.post(job.path("open") + "/noted", form(job, "note", text));

        assertThat(sent.status()).isEqualTo(302);
        assertThat(kettle.bean(JobReader.class).file(job.number()).state().latest(OpenEntry.Noted.class))
                .hasValueSatisfying(noted -> assertThat(noted.note()).isEqualTo(text.strip()));
        String page = requests.get(job.path("journal")).body();
        assertThat(page).doesNotContain("<script>alert").doesNotContain(">49<");
    }

    @ParameterizedTest
    @CsvSource({
        "zero, 'a\0b', type it anew",
        "a bell, 'a\u0007b', type it anew",
        "no character, 'a\uFFFEb', type it anew",
        "long, '', at most"
    })
    void whatCannotBeStoredIsNamed(String what, String text, String says) {
        Played job = Played.assessed(kettle);
        String note = what.equals("long") ? "x".repeat(100_000) : text;
        Answer answer = Requests.as(kettle, "technician").post(job.path("open") + "/noted", form(job, "note", note));

        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.body()).contains(says);
    }

    @ParameterizedTest
    @CsvSource({"formId,not-a-uuid", "seen,minus one"})
    void aFormThatNoPageOfOursSendsIsABadRequest(String field, String value) {
        Played job = Played.assessed(kettle);
        Answer answer = Requests.as(kettle, "technician")
                .post(job.path("open") + "/step-done", form(job, "way", "IN", "step", "power-off", field, value));

        assertThat(answer.status()).isEqualTo(400);
        assertThat(answer.body()).contains("This request cannot be read");
    }

    /** The key takes back the newest; the journal may have meant an older one, and the form that comes back means that. */
    @Test
    void aLeadIsAskedForTheReasonOfTheEntryThatWasMeant() {
        Played job = Played.opened(kettle)
                .write(new AssessEntry.Looked(new Look(true, false, false, false, false, false, Wet.NO, Damage.NONE)));
        long smoke = job.file().state().seq();
        job.write(new AssessEntry.Evacuated("Hiss at the counter; it was the kettle."));
        Requests lead = Requests.as(kettle, "lead");
        String path = job.path("assess") + "/taken-back";
        Answer asked = lead.post(path, form(job, "corrects", String.valueOf(smoke), "then", "journal"));
        assertThat(asked.status()).isEqualTo(422);
        assertThat(asked.body())
                .contains("name=\"corrects\" value=\"" + smoke + "\"")
                .contains("name=\"reason\"");
        Answer told = lead.post(path, form(job, "corrects", String.valueOf(smoke), "reason", "It was the kettle."));
        assertThat(told.status()).isEqualTo(302);
        assertThat(job.file().tier().result().tier()).isNotEqualTo(Tier.EVACUATE);
    }
}
