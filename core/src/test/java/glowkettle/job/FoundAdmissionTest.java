package glowkettle.job;

import static glowkettle.job.Refusals.refused;
import static org.assertj.core.api.Assertions.assertThat;

import glowkettle.assess.RunDown;
import glowkettle.free.LeadOrder;
import glowkettle.heat.Adhesive;
import glowkettle.heat.Setting;
import glowkettle.job.assess.AssessEntry;
import glowkettle.job.fit.FitEntry;
import glowkettle.job.free.FreeEntry;
import glowkettle.job.free.Freeing;
import glowkettle.job.free.Lid;
import glowkettle.job.join.JoinChapter;
import glowkettle.job.open.OpenEntry;
import glowkettle.job.open.Opening;
import glowkettle.library.Lead;
import glowkettle.library.Mounting;
import java.math.BigDecimal;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** A device nobody described: the bench says what holds it before anything is pulled at, heated or cut. */
class FoundAdmissionTest {
    private static final FreeEntry.LeadsFound THREE =
            new FreeEntry.LeadsFound(true, null, null, null, new BigDecimal("35"), null);

    private static Bench at(Mounting mounting) {
        return new Bench(Glued.undescribed(mounting))
                .assessed()
                .in("off")
                .write(new OpenEntry.ConditionsConfirmed())
                .write(new FreeEntry.SandReady());
    }

    private static FreeEntry.BedFound bed(Adhesive adhesive, String strips, String packMm) {
        return new FreeEntry.BedFound(
                "free",
                adhesive,
                strips == null ? null : new BigDecimal(strips),
                new BigDecimal(packMm),
                new BigDecimal("90"),
                new BigDecimal("40"));
    }

    @Test
    void solderedLeadsComeOffByTheOrderOfWhatWasFound() {
        Bench bench = at(Mounting.SOLDERED);
        refused(bench, new OpenEntry.StepDone("plug"), "Say what holds it here first");
        refused(bench, new FreeEntry.NotGlued("plug"), "is not the step at hand");
        bench.write(THREE);
        JobFile job = bench.file();
        assertThat(Freeing.of(job).leadsAtHand().orElseThrow().leads())
                .extracting(Lead::role)
                .containsExactly(Lead.Role.NEGATIVE, Lead.Role.THERMISTOR, Lead.Role.POSITIVE);
        assertThat(new JoinChapter().isOnTheWayOf(job)).isTrue();
        refused(bench, THREE, "No leads are at hand");
        bench.write(new FreeEntry.LeadsNoted(Stream.of("minus", "thermistor", "plus")
                        .map(lead -> new FreeEntry.LeadNote(lead, lead, null))
                        .toList()))
                .write(new FreeEntry.LeadSchoolChosen(LeadOrder.School.CUT));
        refused(bench, new FreeEntry.ConductorFreed("plus"), "The next one is minus");
        refused(bench, new OpenEntry.StepDone("plug"), "minus still holds the pack");
    }

    @ParameterizedTest
    @EnumSource(
            value = Mounting.class,
            names = {"GLUED_BACK", "GLUED_FRONT", "SCREWED_IN"})
    void nothingIsTriedAtABedOfWhichNobodySaidWhatHoldsIt(Mounting mounting) {
        Bench bench = at(mounting).in("plug");
        refused(bench, new OpenEntry.StepDone("free"), "Say what holds it here first");
        refused(bench, bed(Adhesive.STRETCH_STRIPS, null, "4"), "how many strips");
        refused(bench, bed(Adhesive.SEAM_FOAM, null, "4"), "glue of a seam");
        bench.write(bed(Adhesive.STRETCH_STRIPS, "2", "4"));
        refused(bench, new OpenEntry.StepDone("free"), "2 of 2 strips are not recorded");
    }

    @Test
    void itIsSaidOfTheStepThatHandsStandBefore() {
        Bench bench = at(Mounting.GLUED_BACK).in("plug");
        refused(bench, THREE, "No leads are at hand");
        refused(bench, new FreeEntry.NotGlued("off"), "'off' is not the step at hand");
        refused(bench, rim("free", Adhesive.SEAM_FOAM), "'free' is not the step at hand");
        refused(at(Mounting.GLUED_BACK), bed(Adhesive.PACK_TAPE, null, "4"), "'free' is not the step at hand");
        Bench lid = new Bench(Glued.undescribedLid()).assessed().in("off").write(new FreeEntry.SandReady());
        refused(lid, rim("lid", Adhesive.PACK_TAPE), "holds no rim");
        refused(lid, bed(Adhesive.PACK_TAPE, null, "4"), "'free' is not the step at hand");
        lid.write(rim("lid", Adhesive.SEAM_FOAM));
        assertThat(lid.file().model().anatomy().bondOf("lid")).isPresent();
    }

    private static FreeEntry.RimFound rim(String step, Adhesive adhesive) {
        BigDecimal edgeMm = new BigDecimal("70");
        return new FreeEntry.RimFound(
                step, adhesive, Lid.GLASS, new BigDecimal("0.8"), null, edgeMm, edgeMm, new BigDecimal("2"));
    }

    @Test
    void whatIsNotGluedComesOutAsItIs() {
        Bench bench = at(Mounting.SCREWED_IN).in("plug").write(new FreeEntry.NotGlued("free"));
        assertThat(bench.refusal(new OpenEntry.StepDone("free"))).isEmpty();
        assertThat(Freeing.of(bench.in("free").file()).prisedOff()).isFalse();
    }

    @Test
    void noHeatGoesOnAFaceBehindWhichNobodyHasLooked() {
        Bench bench = at(Mounting.GLUED_BACK)
                .write(new AssessEntry.ChargeSeen(new BigDecimal("20")))
                .in("plug")
                .write(bed(Adhesive.PACK_TAPE, null, "4.4"));
        assertThat(Stream.of(Setting.Face.values())
                        .filter(face -> refusedForItsFace(bench, face))
                        .toList())
                .containsExactly(Setting.Face.BELOW);
    }

    private static boolean refusedForItsFace(Bench bench, Setting.Face face) {
        Setting setting = new Setting(Setting.Source.AIR_LOW, new BigDecimal("60"), face, null);
        return bench.refusal(new FreeEntry.HeatStarted("free", setting, new BigDecimal("21"), null)).stream()
                .anyMatch(refusal -> refusal.contains("Nobody knows what lies behind that face"));
    }

    @Test
    void aGluedOneIsRunDownWithoutHoursThatNobodyKnows() {
        Bench bench = new Bench(Glued.undescribed(Mounting.GLUED_BACK)).assessed();
        assertThat(Opening.of(bench.file()).runDownUndecided()).isTrue();
        bench.write(new AssessEntry.RunDownChosen(RunDown.School.RUN_DOWN_FIRST, null, new BigDecimal("80")));
        assertThat(bench.file().next().what()).contains("Run it down");
    }

    /** What a pack of its family would hold decides nothing about this one. */
    @Test
    void aRefusalQuotesNothingOfTheFamilysPack() {
        Bench bench = new Bench(Glued.undescribed(Mounting.GLUED_BACK))
                .assessed()
                .write(new AssessEntry.RunDownChosen(
                        RunDown.School.RUN_DOWN_FIRST, new BigDecimal("9"), new BigDecimal("80")));
        refused(bench, new AssessEntry.ChargeSeen(new BigDecimal("12")), "no device empties its pack so fast");
        refused(bench, new FitEntry.PackOffered(Bench.label("7.4", "8.4")), "Read the old pack's label");
    }

    @Test
    void theLibrarysOwnBondsStand() {
        Bench bench = new Bench(Glued.tape())
                .assessed()
                .in("off")
                .write(new OpenEntry.ConditionsConfirmed())
                .write(new FreeEntry.SandReady())
                .in("plug");
        refused(bench, bed(Adhesive.STRETCH_STRIPS, "2", "4"), "is not the step at hand");
        assertThat(List.of(bench.file().model().anatomy().bonds().getFirst().place()))
                .containsExactly("under the pack");
    }
}
