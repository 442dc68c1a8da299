package glowkettle.app.security;

import static org.assertj.core.api.Assertions.assertThat;

import glowkettle.app.demo.Played;
import glowkettle.app.library.ModelFile;
import glowkettle.app.library.ModelLibrary;
import glowkettle.app.photo.Bombs;
import glowkettle.app.support.Kettle;
import glowkettle.app.support.Requests;
import glowkettle.app.support.RunningKettle;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** What a telephone without an account, or a form by hand, can send to make a shop stand still. */
@ExtendWith(RunningKettle.class)
class BombsTest {
    private static final int AT_ONCE = 4;
    private static final int LOOKS = 40;
    /** How much longer the card may take while pictures are drawn, at the median: the machine has two hands. */
    private static final double MOST_TIMES = 8;

    private final Kettle kettle;
    private final Requests technician;

    BombsTest(Kettle kettle) {
        this.kettle = kettle;
        this.technician = Requests.as(kettle, "technician");
    }

    private String telephone(long job) {
        String page = technician
                .post("/jobs/%s/arrive/photos/phone".formatted(job), Map.of())
                .body();
        var link =
                java.util.regex.Pattern.compile("/phone/[A-Za-z0-9_-]{20,64}").matcher(page);
        assertThat(link.find()).isTrue();
        return link.group();
    }

    @Test
    void theEvacuationCardAnswersWhileATelephoneSendsBombs() throws Exception {
        Played job = Played.opened(kettle);
        String link = telephone(job.number());
        byte[] dots = Bombs.pngOf(7_700, 7_700, 8, 2);
        byte[] text = Bombs.pngWithText(Bombs.pngOf(40, 30, 8, 2), 300 << 20);
        Requests stranger = Requests.signedOut(kettle);
        List<Long> idle = looks(stranger, LOOKS);
        List<Long> meanwhile = new ArrayList<>();
        List<Integer> answers = new ArrayList<>();
        try (ExecutorService telephones = Executors.newVirtualThreadPerTaskExecutor()) {
            List<Future<Integer>> sent = IntStream.range(0, AT_ONCE)
                    .mapToObj(i -> telephones.submit(() -> upload(link, i % 2 == 0 ? dots : text)))
                    .toList();
            while (sent.stream().anyMatch(one -> !one.isDone()) || meanwhile.size() < LOOKS) {
                meanwhile.addAll(looks(stranger, 1));
            }
            for (Future<Integer> one : sent) {
                answers.add(one.get());
            }
        }
        System.out.printf(
                "/evacuate: idle median %s µs, with %s bombs median %s µs, slowest %s µs, %s looks%n",
                median(idle), AT_ONCE, median(meanwhile), java.util.Collections.max(meanwhile), meanwhile.size());
        assertThat(answers).isSubsetOf(302, 422);
        assertThat((double) median(meanwhile) / median(idle)).isLessThan(MOST_TIMES);
    }

    private int upload(String link, byte[] file) {
        Requests telephone = Requests.signedOut(kettle);
        telephone.get(link);
        return telephone.upload(link, Map.of("formId", Requests.formId()), file).status();
    }

    private static List<Long> looks(Requests stranger, int count) {
        List<Long> micros = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            long begun = System.nanoTime();
            assertThat(stranger.get("/evacuate").status()).isEqualTo(200);
            micros.add((System.nanoTime() - begun) / 1_000);
        }
        return micros;
    }

    private static long median(List<Long> micros) {
        return micros.stream().sorted().toList().get(micros.size() / 2);
    }

    @Test
    void aPhotoThatIsNoneComesBackWithItsFormAndAFormWithoutAFileToo() {
        Played job = Played.opened(kettle);
        String path = job.path("arrive") + "/photos";
        assertThat(technician.post(path, Map.of("formId", Requests.formId())).status())
                .isEqualTo(422);
        assertThat(technician
                        .upload(
                                path,
                                Map.of("formId", Requests.formId()),
                                "no picture".getBytes(StandardCharsets.UTF_8))
                        .body())
                .contains("JPEG and PNG are taken");
        assertThat(technician
                        .post(job.path("arrive") + "/hold/csv", Map.of("volumeMl", "8"))
                        .status())
                .isEqualTo(422);
        assertThat(Requests.as(kettle, "lead").post("/library/file", Map.of()).status())
                .isEqualTo(422);
        assertThat(technician.get("/error").status()).isEqualTo(404);
    }

    /** Each part of the name was once put behind the whole of what came before it. */
    @Test
    void aFieldOfSixtyThousandPartsIsNobodysField() {
        Played job = Played.opened(kettle);
        String name = "a.".repeat(60_000) + "a";
        Map<String, String> fields = Map.of(
                name,
                "x",
                "note",
                "Cable glued.",
                "seen",
                String.valueOf(job.file().state().seq()),
                "formId",
                Requests.formId());
        assertThat(technician.post(job.path("open") + "/noted", fields).status())
                .isEqualTo(302);
    }

    @Test
    void aModelOfMoreStepsThanADeviceHasIsRefusedAndSoIsOneThatHidesAPage() {
        Requests lead = Requests.as(kettle, "lead");
        String known = ModelFile.write(kettle.bean(ModelLibrary.class).model("gannet-14"));
        String step =
                "{\"id\":\"more-%s\",\"kind\":\"LIFT_PART\",\"label\":\"More\",\"minutes\":1,\"inside\":false,\"after\":[]},";
        String steps = IntStream.range(0, 4_000).mapToObj(step::formatted).collect(Collectors.joining());
        String many = known.replaceFirst("(\"operations\"\\s*:\\s*\\[)", "$1" + steps)
                .replace("\"gannet-14\"", "\"gannet-many\"");
        var refused = lead.upload("/library/file", Map.of(), many.getBytes(StandardCharsets.UTF_8));
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.body()).contains("at most 200 are taken");

        String hides = known.replace("\"gannet-14\"", "\"schema\"");
        assertThat(lead.upload("/library/file", Map.of(), hides.getBytes(StandardCharsets.UTF_8))
                        .body())
                .contains("none of [file, schema]");
        assertThat(lead.get("/library/schema").headers().get("content-type")).contains("json");
    }

    @Test
    void twentyPeopleWhoSendTheSameFormWriteOneEntry() throws Exception {
        String form = Requests.formId();
        Map<String, String> fields = Map.of(
                "modelId",
                "gannet-14",
                "owner",
                "Purser, ferry Skua",
                "openedBefore",
                "NO",
                "symptoms[]",
                "SHORT_RUNTIME",
                "formId",
                form);
        List<String> places = new ArrayList<>();
        try (ExecutorService people = Executors.newVirtualThreadPerTaskExecutor()) {
            List<Future<Requests.Answer>> sent = IntStream.range(0, 20)
                    .mapToObj(i -> people.submit(() -> technician.post("/jobs/new", fields)))
                    .toList();
            for (Future<Requests.Answer> one : sent) {
                assertThat(one.get().status()).as(one.get().body()).isEqualTo(302);
                places.add(one.get().location());
            }
        }
        assertThat(places.stream().distinct()).hasSize(1);
    }
}
