package glowkettle.job;

import static glowkettle.job.Refusals.refused;
import static glowkettle.job.Refusals.taken;
import static org.assertj.core.api.Assertions.assertThat;

import glowkettle.job.free.FreeEntry;
import glowkettle.job.open.FoundThing;
import glowkettle.job.open.OpenEntry;
import glowkettle.job.open.Opening;
import glowkettle.job.wayback.JobTray;
import glowkettle.library.Fastener;
import glowkettle.library.Fastener.Reach;
import glowkettle.library.Grip;
import glowkettle.library.Operation;
import glowkettle.library.Side;
import glowkettle.open.Tray;
import java.math.BigDecimal;
import java.util.List;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** What the bench puts on the map of a device nobody described is worked on like what a model of the library shows. */
class FoundTeardownTest {
    private static Bench atTheLid() {
        return new Bench(Glued.undescribedLid()).assessed().in("off").write(new FreeEntry.SandReady());
    }

    private static OpenEntry.FoundScrew screw(int at, Reach reach) {
        return new OpenEntry.FoundScrew(
                BigDecimal.valueOf(5L + at * 7),
                BigDecimal.TEN,
                new Fastener.Make("T5", null, null, null, "black", reach),
                null);
    }

    private static OpenEntry.ScrewsFound screws(String step, int longer, int shorter) {
        return new OpenEntry.ScrewsFound(
                step,
                new OpenEntry.FoundFace(Side.FRONT, BigDecimal.valueOf(80), BigDecimal.valueOf(160)),
                IntStream.range(0, longer + shorter)
                        .mapToObj(at -> screw(at, at < longer ? Reach.LONG : Reach.SHORT))
                        .toList());
    }

    private static @Nullable String next(Bench bench) {
        return Opening.of(bench.file())
                .nextStep()
                .map(step -> step.operation().id())
                .orElse(null);
    }

    @Test
    void tenScrewsOfTwoKindsComeOutBeforeTheLidAndGoBackEachIntoItsOwnHole() {
        Bench bench = atTheLid().write(screws("lid", 6, 4));

        assertThat(next(bench)).isEqualTo("lid-screws");
        refused(bench, new OpenEntry.StepDone("lid"), "waits for");
        refused(bench, new OpenEntry.StepDone("lid-screws"), "Still in: S1");
        bench.write(new OpenEntry.FastenersOut(
                IntStream.rangeClosed(1, 10).mapToObj(nth -> "S" + nth).toList(), List.of()));
        assertThat(next(bench)).isEqualTo("lid");
        Tray.State tray = JobTray.of(bench.file()).tray().result();
        assertThat(tray.left()).isEqualTo(10);
        assertThat(tray.piles()).extracting(Tray.Pile::kind).containsExactly("T5, long, black", "T5, short, black");
    }

    @ParameterizedTest
    @EnumSource(FoundThing.class)
    void whatElseIsFoundIsAStepOfItsOwnInFrontOfTheOneAtHand(FoundThing thing) {
        Bench bench = atTheLid().write(new OpenEntry.StepFound("lid", thing, "charging coil", null));

        Operation found = Opening.of(bench.file()).nextStep().orElseThrow().operation();
        assertThat(found.label()).contains("charging coil");
        assertThat(found.goesBack()).isTrue();
        assertThat(found.care().function()).isEqualTo(thing == FoundThing.PLUG ? "charging coil" : null);
        bench.write(new OpenEntry.StepDone(found.id()));
        assertThat(next(bench)).isEqualTo("lid");
    }

    @ParameterizedTest
    @CsvSource({
        "plug,  1, 'not the step at hand'",
        "lid,   0, 'accepted are 1 to 60'",
        "lid,  61, 'accepted are 1 to 60'",
        "lid,  12, 'lies off a face of 80 mm by 160 mm'"
    })
    void onlyTheStepAtHandIsChartedAndOnlyOnItsFace(String step, int count, String why) {
        refused(atTheLid(), screws(step, count, 0), why);
    }

    @Test
    void aFaceKeepsItsSizeAndOnlyAPlugLetsGo() {
        Bench bench = atTheLid().write(screws("lid", 1, 0));

        refused(
                bench,
                new OpenEntry.ScrewsFound(
                        "lid-screws",
                        new OpenEntry.FoundFace(Side.FRONT, BigDecimal.valueOf(81), BigDecimal.valueOf(160)),
                        List.of(screw(0, Reach.LONG))),
                "drawn 80 mm by 160 mm before");
        taken(bench, screws("lid-screws", 1, 0));
        refused(
                bench,
                new OpenEntry.StepFound("lid-screws", FoundThing.TAPE, "foil", Grip.Release.SLIDE),
                "Only a plug lets go so");
    }

    @Test
    void aModelOfTheLibraryIsNotCharted() {
        refused(new Bench().assessed(), screws("off", 1, 0), "This device is described");
    }
}
