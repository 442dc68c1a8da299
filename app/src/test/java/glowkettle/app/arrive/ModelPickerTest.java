package glowkettle.app.arrive;

import static org.assertj.core.api.Assertions.assertThat;

import glowkettle.app.journal.JobReader;
import glowkettle.app.support.Kettle;
import glowkettle.app.support.Requests;
import glowkettle.app.support.RunningKettle;
import glowkettle.job.arrive.Arriving;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What is typed finds a model, or is the code that stands on the device. */
@ExtendWith(RunningKettle.class)
class ModelPickerTest {
    private final Kettle kettle;
    private final Requests technician;

    ModelPickerTest(Kettle kettle) {
        kettle.clock().set(Kettle.START);
        this.kettle = kettle;
        this.technician = Requests.as(kettle, "technician");
    }

    private Requests.Answer sent(String typed, String tapped) {
        return technician.post(
                "/jobs/new",
                Map.of(
                        "formId",
                        Requests.formId(),
                        "modelCode",
                        typed,
                        "modelId",
                        tapped,
                        "owner",
                        "Harbour office",
                        "openedBefore",
                        "NO"));
    }

    /** A word that was searched for is no code; a code that nobody knows was read from the underside. */
    @ParameterizedTest
    @CsvSource({
        "ganet, '', gannet-14,",
        "flq-2214, '', gannet-14, flq-2214",
        "gan, gannet-14, gannet-14,",
        "XQ-77, gannet-14, gannet-14, XQ-77",
        "FLQ-2214, gannet-14, gannet-14, FLQ-2214",
        "laptop, family-screwed-in, family-screwed-in, laptop"
    })
    void oneModelIsMeantAndItsCodeIsKept(
            String typed, String tapped, String id, @org.jspecify.annotations.Nullable String code) {
        Requests.Answer answer = sent(typed, tapped);

        assertThat(answer.status()).isEqualTo(302);
        long number = Long.parseLong(answer.location().replaceAll(".*/jobs/", ""));
        Arriving arriving = Arriving.of(kettle.bean(JobReader.class).file(number));
        assertThat(arriving.modelId()).isEqualTo(id);
        assertThat(arriving.modelCode()).isEqualTo(code);
    }

    @Test
    void whereSeveralMayBeMeantOneIsTapped() {
        assertThat(sent("laptop", "").body()).contains("may be one of").contains("tap the one it is");
        assertThat(sent("zzz", "").body()).contains("No model is called or coded");
    }

    @Test
    void whatIsFoundWhileTypingIsNoMoreThanFitsUnderTheField() {
        String found = technician.get("/jobs/new/models?modelCode=e").body();

        assertThat(found.split("name=\"modelId\"", -1)).hasSizeBetween(2, 9);
        assertThat(technician.get("/jobs/new/models?modelCode=%3Cb%3Ex").body())
                .contains("&lt;b&gt;x")
                .doesNotContain("<b>x");
    }
}
