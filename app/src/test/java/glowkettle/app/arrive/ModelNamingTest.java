package glowkettle.app.arrive;

import static org.assertj.core.api.Assertions.assertThat;

import glowkettle.app.library.ModelFile;
import glowkettle.app.open.FoundChart;
import glowkettle.job.Entry;
import glowkettle.job.JobFile;
import glowkettle.job.JobState;
import glowkettle.job.Recorded;
import glowkettle.job.open.FoundThing;
import glowkettle.job.open.OpenEntry;
import glowkettle.job.open.Opening;
import glowkettle.job.order.OrderOfWork;
import glowkettle.library.DeviceModel;
import glowkettle.library.Fastener;
import glowkettle.library.ModelCheck;
import glowkettle.library.Operation;
import glowkettle.limits.ShopLimits;
import glowkettle.open.Teardown;
import glowkettle.open.WayBack;
import java.io.IOException;
import java.io.InputStream;
import java.math.BigDecimal;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Objects;
import java.util.Set;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** What a bench found of a device nobody described makes a model that the library takes, and that the next job goes by. */
class ModelNamingTest {
    private static final Instant NOON = Instant.parse("2026-12-01T12:00:00Z");

    private static DeviceModel family(String id) throws IOException {
        try (InputStream file = ModelNamingTest.class.getResourceAsStream("/library/" + id + ".json")) {
            String json = new String(Objects.requireNonNull(file).readAllBytes(), StandardCharsets.UTF_8);
            return ModelFile.read(json).orElseThrow();
        }
    }

    /** At each step somebody finds two screws and a plug, then does it. */
    private static JobFile worked(DeviceModel family) {
        List<Recorded> journal = new ArrayList<>();
        Set<String> looked = new HashSet<>();
        JobFile job = file(family, journal);
        while (Opening.of(job).nextStep().isPresent()) {
            Operation step = Opening.of(job).nextStep().orElseThrow().operation();
            FoundChart chart = FoundChart.of(job, step);
            if (chart != null && family.anatomy().operation(step.id()).isPresent() && looked.add(step.id())) {
                write(journal, new OpenEntry.StepFound(step.id(), FoundThing.PLUG, "part " + journal.size(), null));
                write(journal, screws(chart));
            }
            job = file(family, journal);
            write(journal, done(job));
            job = file(family, journal);
        }
        return job;
    }

    private static Entry done(JobFile job) {
        Operation next = Opening.of(job).nextStep().orElseThrow().operation();
        List<String> screws = job.model().anatomy().fastenersOf(next.id()).stream()
                .map(Fastener::id)
                .toList();
        return screws.isEmpty() ? new OpenEntry.StepDone(next.id()) : new OpenEntry.FastenersOut(screws, List.of());
    }

    private static OpenEntry.ScrewsFound screws(FoundChart chart) {
        Fastener.Make make = new Fastener.Make("PH00", null, null, null, "silver", Fastener.Reach.SHORT);
        return new OpenEntry.ScrewsFound(
                chart.step(),
                new OpenEntry.FoundFace(
                        chart.face().side(),
                        chart.face().widthMm(),
                        chart.face().heightMm()),
                List.of(
                        new OpenEntry.FoundScrew(BigDecimal.ONE, BigDecimal.ONE, make, null),
                        new OpenEntry.FoundScrew(BigDecimal.TEN, BigDecimal.TEN, make, true)));
    }

    private static void write(List<Recorded> journal, Entry entry) {
        journal.add(new Recorded(journal.size() + 1, NOON, "technician", entry, null));
    }

    private static JobFile file(DeviceModel family, List<Recorded> journal) {
        return new JobFile(7, OrderOfWork.CHAPTERS, JobState.fold(journal), family, ShopLimits.defaults(), NOON);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "family-cell-pack",
                "family-docked",
                "family-glued-back",
                "family-glued-front",
                "family-screwed-in",
                "family-soldered"
            })
    void whatWasFoundPassesTheCheckGoesOutAsAFileAndIsPlannedThereAndBack(String id) throws IOException {
        JobFile job = worked(family(id));

        DeviceModel named = ModelNaming.named(job, "Ruff 12", List.of("RU-12"));

        assertThat(ModelCheck.faults(named)).isEmpty();
        assertThat(named.anatomy().fasteners()).isNotEmpty();
        assertThat(ModelFile.read(ModelFile.write(named)).orElseThrow()).isEqualTo(named);
        List<String> order = Teardown.plan(
                        new Teardown.Request(
                                named.anatomy().operations(), named.anatomy().targets(), null),
                        ShopLimits.defaults())
                .result()
                .order();
        assertThat(order).containsExactlyInAnyOrderElementsOf(Opening.of(job).stepsIn());
        assertThat(WayBack.plan(new WayBack.Request(named.anatomy().operations(), order), ShopLimits.defaults())
                        .result()
                        .costMinutes())
                .isPositive();
    }
}
