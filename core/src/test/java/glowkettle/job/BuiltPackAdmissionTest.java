package glowkettle.job;

import static glowkettle.job.CellPack.*;
import static glowkettle.job.Refusals.refused;
import static glowkettle.job.Refusals.taken;
import static org.assertj.core.api.Assertions.assertThat;

import glowkettle.assess.HazardReadings.Damage;
import glowkettle.assess.HazardReadings.Look;
import glowkettle.assess.HazardReadings.Thickness;
import glowkettle.assess.HazardReadings.Warmth;
import glowkettle.assess.HazardReadings.Wet;
import glowkettle.assess.Tier;
import glowkettle.job.assess.AssessEntry;
import glowkettle.job.fit.FitEntry;
import glowkettle.job.match.Building;
import glowkettle.job.match.MatchAct;
import glowkettle.job.match.MatchChapter;
import glowkettle.job.match.MatchEntry;
import java.time.Duration;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A pack that was built is read, looked at and charged under somebody's eyes before it goes in. */
class BuiltPackAdmissionTest {
    private static final Look LEAKS = new Look(false, false, false, false, false, true, Wet.NO, Damage.NONE);

    @Test
    void itIsChargedWhenItsGroupsAreAlikeAndSomebodyFeelsIt() {
        Bench bench = built();
        refused(bench, CHARGE, "metered and alike");
        bench.write(read("7.25", "3.600", "3.621"));
        assertThat(MatchAct.of(bench.file())).isEqualTo(MatchAct.APART);
        refused(bench, CHARGE, "metered and alike");
        bench.write(read("7.40", "3.600", "3.601"));
        refused(bench, CHARGE, "metered and alike");
        bench.write(read("7.20", "3.600", "3.601")).write(CHARGE);
        refused(bench, CHARGE, "charging already");
        bench.write(new MatchEntry.PackChargeEnded());
        assertThat(MatchAct.of(bench.file())).isEqualTo(MatchAct.CHARGE);
        charged(bench);
        assertThat(MatchAct.of(bench.file())).isEqualTo(MatchAct.PROVEN);
        assertThat(Building.of(bench.file()).ownersLines()).hasSize(3);
    }

    /** A charge the product knows of predicts its own warmth. */
    @Test
    void theWarmthOfItsOwnChargeGuardsNobody() {
        Bench bench = charging().later(Duration.ofMinutes(5)).write(felt("24"));
        assertThat(bench.file().newPackTier().orElseThrow().result().tier()).isEqualTo(Tier.CLEAR);
    }

    @ParameterizedTest
    @CsvSource({"45, STAY", "45.1, HOT", "48, HOT"})
    void aHotFirstChargeGoesOffAndIsNoCharge(String surfaceC, MatchAct act) {
        Bench bench = charging()
                .later(Duration.ofSeconds(20))
                .write(new MatchEntry.BuiltPackFelt(
                        new Warmth(n(surfaceC), n("37"), false, null, null, null, null, null)));
        assertThat(MatchAct.of(bench.file())).isEqualTo(act);
        if (act == MatchAct.HOT) {
            assertThat(bench.file().next().what()).isEqualTo("Charger off, and out of the room's way");
            assertThat(new MatchChapter().calls(bench.file(), Hours.ALWAYS))
                    .anyMatch(call -> call.danger() == Danger.ON && call.what().contains("charger off"));
        }
        bench.write(new MatchEntry.PackChargeEnded());
        assertThat(Building.of(bench.file()).isProven()).isFalse();
    }

    @ParameterizedTest
    @CsvSource({
        "5 5 5 5, 23 25 24.5 24, true",
        "5 5 5, 25 24.5 24, true",
        "1 1 1 1, 25 24.5 24 23.5, false",
        "5 5 5, 24 23.5 24, false",
        "11 5 5, 25 24.5 24, false",
        "5 5 12, 25 24.5 24, false"
    })
    void aChargeCountsWhenItLastedAndItsReadingsStand(String minutes, String surfacesC, boolean counts) {
        Bench bench = charging();
        String[] spans = minutes.split(" ");
        String[] surfaces = surfacesC.split(" ");
        for (int i = 0; i < spans.length; i++) {
            bench.later(Duration.ofMinutes(Long.parseLong(spans[i]))).write(felt(surfaces[i]));
        }
        bench.write(new MatchEntry.PackChargeEnded());
        assertThat(Building.of(bench.file()).isProven()).isEqualTo(counts);
    }

    @Test
    void theChargerIsSetBeforeItStartsAndNeverHigherThanThePackTakes() {
        Bench bench = built().write(read("7.20", "3.600", "3.601"));
        refused(bench, new MatchEntry.PackChargeBegun(null, n("1")), "what the charger is set to");
        refused(bench, new MatchEntry.PackChargeBegun(n("8.5"), n("1")), "would overcharge it");
        refused(bench, new MatchEntry.PackChargeBegun(n("8.4"), n("1.57")), "too much for a first charge");
        Bench low = built().write(read("5.90", "2.950", "2.951"));
        refused(low, new MatchEntry.PackChargeBegun(n("8.4"), n("0.53")), "at most 0.52");
    }

    /** Nobody charges a built pack that nobody looked at. */
    @Test
    void aBuiltPackIsLookedAtBeforeItIsCharged() {
        MatchEntry.BuiltGroupsMetered metered = read("7.20", "3.600", "3.601");
        refused(
                built(),
                new MatchEntry.BuiltGroupsMetered(Look.NONE, metered.thickness(), metered.voltages()),
                "Answer at least one");
    }

    /** It was looked at when it was built; the first label is its own, a second one is another pack's. */
    @Test
    void whatWasBuiltIsFittedWithoutASecondLook() {
        Bench bench = proven().write(new FitEntry.PackOffered(Bench.label("7.4", "8.4")));
        assertThat(bench.file().newPackTier()).isPresent();
        taken(bench, new FitEntry.PackChosen());
        bench.write(new FitEntry.PackOffered(Bench.label("7.2", "8.4")));
        refused(bench, new FitEntry.PackChosen(), "Look at the new pack first");
    }

    /** A label cannot wash off what a built pack was isolated for. */
    @Test
    void aLabelDoesNotClearAPackThatGotWarm() {
        Bench bench = built().write(read("7.20", "3.600", "3.601")).write(CHARGE);
        bench.write(felt("62")).unasked(new FitEntry.PackOffered(Bench.label("7.4", "8.4")));
        assertThat(bench.file().newPackTier().orElseThrow().result().tier()).isEqualTo(Tier.EVACUATE);
    }

    @Test
    void aPackThatGetsWarmInItsFirstChargeIsIsolated() {
        Bench bench = built().write(read("7.20", "3.600", "3.601")).write(CHARGE);
        bench.write(felt("62"));
        assertThat(bench.file().worstTier()).isEqualTo(Tier.EVACUATE);
        taken(bench, new MatchEntry.PackChargeEnded());
    }

    @Test
    void nothingElseGoesInWhileAPackIsBeingBuilt() {
        Bench bench = alike().write(new FitEntry.PackOffered(Bench.label("7.4", "8.4")))
                .seen();
        refused(bench, new FitEntry.PackChosen(), "is not proven");
        assertThat(bench.file().next().stage()).isEqualTo(MatchChapter.STAGE);
    }

    private static Bench isolated(Bench bench) {
        return bench.write(new AssessEntry.Looked(LEAKS));
    }

    @Test
    void whatIsNotBuiltIsNeitherReadNorFelt() {
        refused(alike(), read("7.20", "3.600", "3.601"), "The pack is not built yet");
        refused(alike(), felt("22"), "The pack is not built yet");
        refused(built(), read("7.20", "3.600"), "1 readings of 2 groups");
        refused(isolated(built()), read("7.20", "3.600", "3.601"), "Isolate");
        refused(
                built(),
                new MatchEntry.BuiltGroupsMetered(
                        Look.GOOD,
                        new Thickness(null, List.of(), n("40")),
                        read("7.20", "3.600", "3.601").voltages()),
                "Missing: measure the new pack's thickness");
        refused(
                built(),
                new MatchEntry.BuiltPackFelt(new Warmth(null, n("21"), false, null, null, null, null, null)),
                "Missing: how warm the pack is");
        taken(built(), felt("22"));
    }

    @Test
    void onlyASoundPackThatCooledIsChargedAgain() {
        Bench bench = charging()
                .later(Duration.ofMinutes(1))
                .write(new MatchEntry.BuiltPackFelt(
                        new Warmth(n("45.5"), n("37"), false, null, null, null, null, null)))
                .write(new MatchEntry.PackChargeEnded());
        refused(bench, new MatchEntry.PackChargeEnded(), "No first charge is running");
        refused(bench, CHARGE, "");
        bench.later(Duration.ofMinutes(40)).write(felt("22"));
        taken(bench, CHARGE);
        refused(isolated(built().write(read("7.20", "3.600", "3.601"))), CHARGE, "Isolate");
        taken(isolated(charging()), new MatchEntry.PackChargeEnded());
    }

    /** Fewer than 0.3 V apart it is no isolated pack, and yet none that a charger goes on. */
    @Test
    void aPackThatIsNotAsANewOneIsIsNotCharged() {
        Bench bench = built().write(read("7.20", "3.600", "3.601"));
        bench.write(felt("36"));
        assertThat(bench.file().newPackTier().orElseThrow().result().tier()).isEqualTo(Tier.GUARDED);
        refused(bench, CHARGE, "The new pack is Guarded");
    }

    @Test
    void theChargerMayBeSetToExactlyWhatThePackTakes() {
        Bench bench = built().write(read("7.20", "3.600", "3.601"));
        refused(bench, new MatchEntry.PackChargeBegun(n("8.4"), null), "what the charger is set to");
        assertThat(bench.fieldOf(new MatchEntry.PackChargeBegun(n("8.4"), null)))
                .contains("chargerA");
        assertThat(bench.fieldOf(new MatchEntry.PackChargeBegun(null, n("1")))).contains("chargerV");
        taken(bench, new MatchEntry.PackChargeBegun(n("8.4"), n("1.56")));
        refused(bench, new MatchEntry.PackChargeBegun(n("8.4"), n("1.561")), "too much for a first charge");
    }

    /** What was measured or charged before its strips came off was another pack. */
    @Test
    void whatIsTakenApartIsMeteredAndChargedAnew() {
        Bench bench = proven().write(new MatchEntry.StripsOff(n("1")));
        assertThat(Building.of(bench.file()).isBuilt()).isFalse();
        while (!Building.of(bench.file()).isBuilt()) {
            bench.write(done(next(bench), MatchEntry.JoinedBy.TAGS));
        }
        assertThat(MatchAct.of(bench.file())).isEqualTo(MatchAct.METER);
        refused(bench, CHARGE, "metered and alike");
        refused(charging(), new MatchEntry.StripsOff(n("1")), "charger off first");
    }
}
