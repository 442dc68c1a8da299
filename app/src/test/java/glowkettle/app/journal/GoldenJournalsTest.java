package glowkettle.app.journal;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import glowkettle.app.demo.Played;
import glowkettle.app.library.ModelLibrary;
import glowkettle.app.support.Kettle;
import glowkettle.app.support.RunningKettle;
import glowkettle.assess.HazardReadings.Look;
import glowkettle.job.Admission;
import glowkettle.job.Entry;
import glowkettle.job.JobFile;
import glowkettle.job.JobState;
import glowkettle.job.Kind;
import glowkettle.job.Recorded;
import glowkettle.job.Role;
import glowkettle.job.Spark;
import glowkettle.job.arrive.Arriving;
import glowkettle.job.assess.AssessEntry;
import glowkettle.job.order.OrderOfWork;
import glowkettle.limits.ShopLimits;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * Journals as released versions wrote them, and a body of every kind: they are read and folded forever. Lines are only ever
 * added here.
 */
@ExtendWith(RunningKettle.class)
class GoldenJournalsTest {
    private static final Path FOLDER = Path.of("src/test/resources/journals");
    private static final JsonMapper PLAIN = new JsonMapper();
    private static final Look PILLOW = new Look(null, true, null, null, null, null, null, Look.NONE.damage());

    private final Kettle kettle;
    private final EntryJson json;

    GoldenJournalsTest(Kettle kettle) {
        this.kettle = kettle;
        this.json = kettle.bean(EntryJson.class);
    }

    private static List<JsonNode> lines() throws IOException {
        List<JsonNode> lines = new ArrayList<>();
        try (Stream<Path> files = Files.list(FOLDER)) {
            for (Path file : files.sorted().toList()) {
                Files.readAllLines(file).forEach(line -> lines.add(PLAIN.readTree(line)));
            }
        }
        return lines;
    }

    @Test
    void everyBodyIsReadAndWrittenAsItWas() throws IOException {
        for (JsonNode line : lines()) {
            String body = line.get("body").toString();
            Entry read = json.read(line.get("kind").stringValue(), body);
            JsonNode again = PLAIN.readTree(json.write(read));
            JsonNode way = line.get("body").get("way");
            // Which way a step went is told by its kind now.
            boolean step = line.get("kind").stringValue().equals("step-done") && way != null;
            assertThat(OrderOfWork.CHAPTERS.id(read))
                    .isEqualTo(
                            step && way.stringValue().equals("BACK")
                                    ? "step-back"
                                    : line.get("kind").stringValue());
            line.get("body").properties().stream()
                    .filter(part -> !(step && part.getKey().equals("way")))
                    .forEach(part -> assertThat(same(part.getValue(), again.get(part.getKey())))
                            .as("%s of %s", part.getKey(), body)
                            .isTrue());
        }
    }

    /** No kind that heats, loads, charges or joins is taken of an isolated pack, wherever it stands, whatever it says. */
    @Test
    void nothingThatKindlesIsTakenWhileThePackIsIsolated() throws IOException {
        Played played = Played.assessed(kettle);
        played.write(new AssessEntry.Looked(PILLOW));
        JobFile job = played.file();
        Set<String> kindling = new TreeSet<>();
        for (JsonNode line : lines()) {
            Entry entry =
                    json.read(line.get("kind").stringValue(), line.get("body").toString());
            if (OrderOfWork.CHAPTERS
                            .kind(OrderOfWork.CHAPTERS.id(entry))
                            .orElseThrow()
                            .sparkOf(entry)
                    != Spark.HARMLESS) {
                kindling.add(line.get("kind").stringValue());
                for (Role role : Role.values()) {
                    assertThat(Admission.refuse(job, entry, new Admission.Author("somebody", role), job.now()))
                            .as("%s as %s", line, role)
                            .isPresent();
                }
            }
        }
        assertThat(kindling).contains("heat-started", "cycle-event", "pack-charge-begun", "first-charge-begun");
    }

    /** Components that came later may stand beside what was written; what was written stays. */
    private static boolean same(JsonNode was, @Nullable JsonNode is) {
        if (is == null) {
            return was.isNull();
        }
        if (was.isNumber()) {
            return was.decimalValue().compareTo(is.decimalValue()) == 0;
        }
        if (was.isObject()) {
            return was.properties().stream().allMatch(part -> same(part.getValue(), is.get(part.getKey())));
        }
        if (was.isArray()) {
            // Of a set nobody promised the order.
            return was.size() == is.size()
                    && was.valueStream().allMatch(one -> is.valueStream().anyMatch(other -> same(one, other)));
        }
        return was.equals(is);
    }

    @Test
    void everyKindHasALine() throws IOException {
        assertThat(lines().stream().map(line -> line.get("kind").stringValue()).distinct())
                .containsExactlyInAnyOrderElementsOf(
                        OrderOfWork.CHAPTERS.kinds().stream().map(Kind::id).toList());
    }

    private Map<Long, List<Recorded>> journals() throws IOException {
        Map<Long, List<Recorded>> journals = new TreeMap<>();
        for (JsonNode line : lines()) {
            if (line.has("job")) {
                journals.computeIfAbsent(line.get("job").longValue(), job -> new ArrayList<>())
                        .add(recorded(line));
            }
        }
        assertThat(journals).hasSizeGreaterThan(10);
        return journals;
    }

    private JobFile file(long job, List<Recorded> journal) {
        JobState state = JobState.fold(journal);
        return new JobFile(
                job,
                OrderOfWork.CHAPTERS,
                state,
                kettle.bean(ModelLibrary.class).model(Arriving.of(state).modelId()),
                ShopLimits.defaults(),
                journal.getLast().at());
    }

    @Test
    void everyJournalIsFoldedAndJudged() throws IOException {
        journals().forEach((job, journal) -> {
            JobFile file = file(job, journal);
            assertThat(file.next().what()).as("job %s", job).isNotBlank();
            assertThat(file.worstTier()).isNotNull();
        });
    }

    /** Admission takes it for granted: whatever changes a tier is told, or changes the model. */
    @Test
    void whatTellsNothingOfAPackLeavesItsTierAsItWas() throws IOException {
        AtomicInteger told = new AtomicInteger();
        journals().forEach((job, journal) -> {
            for (int i = 1; i < journal.size(); i++) {
                JobFile before = file(job, journal.subList(0, i));
                JobFile after = file(job, journal.subList(0, i + 1));
                Recorded newest = journal.get(i);
                boolean silent = newest.corrects() == null
                        && OrderOfWork.CHAPTERS
                                .tells(newest.entry(), after.model(), after.limits())
                                .isEmpty()
                        && before.model().equals(after.model());
                if (silent) {
                    assertThat(after.oldPackTier())
                            .isEqualTo(before.later(after.now()).oldPackTier());
                    told.incrementAndGet();
                }
            }
        });
        assertThat(told).hasValueGreaterThan(50);
    }

    private Recorded recorded(JsonNode line) {
        JsonNode corrects = line.get("corrects");
        return new Recorded(
                line.get("seq").longValue(),
                Instant.parse(line.get("at").stringValue().replace("+00:00", "Z")),
                line.get("by").stringValue(),
                json.read(line.get("kind").stringValue(), line.get("body").toString()),
                corrects.isNull() ? null : corrects.longValue());
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "noted | {\"step\":null,\"remark\":\"x\"} | noted",
                "noted | {\"step\":null} | note is missing",
                "step-done | {\"way\":\"IN\",\"step\":null} | step is missing",
                "step-done | {\"way\":\"UP\",\"step\":\"off\"} | No step goes 'UP'",
                "step-redone | {} | No entry is of the kind",
                "watched | {\"surfaceC\":21} | ambientC is missing"
            })
    void aBodyThatIsNotWholeIsNotRead(String kind, String body, String says) {
        assertThatThrownBy(() -> json.read(kind, body))
                .isInstanceOf(IllegalStateException.class)
                .hasMessageContaining(says);
    }
}
