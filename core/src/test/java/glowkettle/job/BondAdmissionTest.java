package glowkettle.job;

import static glowkettle.job.Refusals.refused;
import static glowkettle.job.Refusals.taken;

import glowkettle.assess.Tier;
import glowkettle.free.Effort;
import glowkettle.free.Loosening;
import glowkettle.free.Solvent;
import glowkettle.heat.Setting;
import glowkettle.job.assess.AssessEntry;
import glowkettle.job.free.FreeEntry;
import glowkettle.job.isolation.IsolationEntry;
import glowkettle.job.open.OpenEntry;
import java.math.BigDecimal;
import java.time.Duration;
import java.util.List;
import org.junit.jupiter.api.Test;

/** A bond is loosened where the hands are, by what its state allows. */
class BondAdmissionTest {
    private static BigDecimal figure(String text) {
        return new BigDecimal(text);
    }

    private static Bench atTheStrips() {
        return new Bench(Glued.strips())
                .assessed()
                .write(new AssessEntry.ChargeSeen(figure("24")))
                .in("off")
                .write(new OpenEntry.ConditionsConfirmed())
                .in("plug");
    }

    @Test
    void stripsAreDrawnWhenSandIsReadyAtTheBondAtHandAndNeverWhileItHeats() {
        FreeEntry.StripDrawn first = new FreeEntry.StripDrawn("free", BigDecimal.ONE, true, null);
        refused(atTheStrips(), first, "sand in reach");
        Bench bench = atTheStrips().write(new FreeEntry.SandReady());
        refused(bench, new FreeEntry.StripDrawn("other", BigDecimal.ONE, true, null), "is not the bond at hand");
        refused(bench, new FreeEntry.Prised("other", Loosening.CARD, Effort.SOME), "is not the bond at hand");
        taken(bench, first);
    }

    private static FreeEntry.HeatStarted heat(Setting.Source source, String temperatureC) {
        return new FreeEntry.HeatStarted(
                "free", new Setting(source, figure(temperatureC), Setting.Face.BELOW, null), figure("21"), null);
    }

    @Test
    void noHeatIsTakenWithoutAWindowAndNothingIsDoneMeanwhile() {
        refused(FreeAdmissionTest.atTheTape(), heat(Setting.Source.MAT, "90.1"), "is outside of what is searched");
        refused(FreeAdmissionTest.atTheTape(), heat(Setting.Source.MAT, "49.9"), "is outside of what is searched");
        refused(
                FreeAdmissionTest.atTheTape(),
                heat(Setting.Source.MAT, "85"),
                "leaves no window a hand can meet: the bond is ready after");
        Bench hot = FreeAdmissionTest.atTheTape().write(heat(Setting.Source.MAT, "55"));
        refused(hot, heat(Setting.Source.MAT, "55"), "It is being heated");
        refused(hot, new FreeEntry.Prised("free", Loosening.CARD, Effort.SOME), "It is being heated");
        refused(
                hot,
                new FreeEntry.SolventApplied("free", Solvent.Kind.ISOPROPYL, Solvent.Lies.UNDER_A_PART, figure("22")),
                "It is being heated");
        refused(
                hot,
                new IsolationEntry.PackStored("1", "Bucket 1", Tier.CLEAR, BigDecimal.TEN, true),
                "It is being heated");
    }

    @Test
    void aSolventGoesToTheBondAtHandAndWhatIsWetIsNotPutAway() {
        FreeEntry.SolventApplied elsewhere =
                new FreeEntry.SolventApplied("other", Solvent.Kind.ISOPROPYL, Solvent.Lies.UNDER_A_PART, figure("22"));
        FreeEntry.SolventApplied here =
                new FreeEntry.SolventApplied("free", Solvent.Kind.ISOPROPYL, Solvent.Lies.UNDER_A_PART, figure("22"));
        refused(FreeAdmissionTest.atTheTape(), elsewhere, "is not the bond at hand");
        refused(
                FreeAdmissionTest.atTheTape().write(here),
                new IsolationEntry.PackStored("1", "Bucket 1", Tier.CLEAR, BigDecimal.TEN, true),
                "It stands open, outdoors or under extraction, until it is dry");
        refused(new Bench().assessed(), new FreeEntry.LeadsNoted(List.of()), "No leads are at hand");
    }

    @Test
    void stripsWaitUntilTheHeatHasLeftTheCell() {
        Bench bench = FreeAdmissionTest.atTheTape()
                .write(heat(Setting.Source.MAT, "55"))
                .later(Duration.ofSeconds(150))
                .write(new FreeEntry.HeatStopped("free"));
        FreeEntry.StripDrawn first = new FreeEntry.StripDrawn("free", BigDecimal.ONE, true, null);

        refused(bench, first, "strips are drawn at");
        bench.later(Duration.ofHours(5));
        refused(bench, first, "Strip 1: it has 0");
    }
}
