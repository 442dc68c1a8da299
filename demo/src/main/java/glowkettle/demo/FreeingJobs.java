package glowkettle.demo;

import glowkettle.arrive.Symptom;
import glowkettle.free.Solvent;
import glowkettle.heat.Refit;
import glowkettle.heat.Setting;
import glowkettle.job.assess.AssessEntry;
import glowkettle.job.free.FreeEntry;
import glowkettle.job.open.OpenEntry;
import glowkettle.library.Fastener;
import java.math.BigDecimal;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** Glued, soldered and woven in: each job at the point where it gets interesting. */
final class FreeingJobs {
    private static final String PETREL = "petrel-5";
    private static final String GUILLEMOT = "guillemot-6";
    private static final String PLOVER = "plover-4";
    private static final String AVOCET = "avocet";
    private static final String CURLEW = "curlew";
    private static final String FULMAR = "fulmar-13";
    private static final String SHEARWATER = "shearwater-15";
    private static final String CORMORANT = "cormorant-17";

    private FreeingJobs() {}

    /** Opens a job some days ago, promised for some days from now. */
    interface Opening {
        Play promised(int daysAgo, @Nullable Integer inDays, String model, String owner, Symptom... symptoms);
    }

    static void play(Opening opening, Instant now) {
        // Forgotten on the mat and caught: its peak stays with the job, and the strips wait until it is cool.
        opening.promised(0, 4, PETREL, "Lookout, ferry Kittiwake", Symptom.SHORT_RUNTIME)
                .assessed()
                .write(new AssessEntry.ChargeSeen(new BigDecimal("21")))
                .tornDownTo("soften-front")
                .write(new FreeEntry.SandReady())
                .at(now.minus(Duration.ofMinutes(7)))
                .write(new FreeEntry.HeatStarted(
                        "soften-front",
                        new Setting(Setting.Source.MAT, new BigDecimal("80"), Setting.Face.BELOW, null),
                        new BigDecimal("21"),
                        null))
                .at(now.minus(Duration.ofMinutes(2)))
                .write(new FreeEntry.HeatStopped("soften-front"))
                .write(new FreeEntry.HeatRead(
                        "soften-front", Refit.Spot.CELL, new BigDecimal("53.5"), new BigDecimal("55")));
        opening.promised(1, 2, PETREL, "Chief steward, ferry Kittiwake", Symptom.LIFTING)
                .assessed()
                .tornDownTo("free-pack")
                .write(new FreeEntry.StripDrawn("free-pack", BigDecimal.ONE, true, null));
        opening.promised(0, 3, PETREL, "Second mate, ferry Skua", Symptom.SHORT_RUNTIME)
                .as(DemoJob.HEATING)
                .assessed()
                .write(new AssessEntry.ChargeSeen(new BigDecimal("22")))
                .tornDownTo("soften-front")
                .write(new FreeEntry.SandReady())
                .at(now.minus(Duration.ofSeconds(160)))
                .write(new FreeEntry.HeatStarted(
                        "soften-front",
                        new Setting(Setting.Source.MAT, new BigDecimal("80"), Setting.Face.BELOW, null),
                        new BigDecimal("21"),
                        null));
        opening.promised(0, 3, GUILLEMOT, "Boatswain, ferry Fulmar", Symptom.SUDDEN_SHUT_DOWN)
                .as(DemoJob.GLUED_IN)
                .assessed()
                .write(new AssessEntry.ChargeSeen(new BigDecimal("24")))
                .tornDownTo("free-pack");
        opening.promised(1, 4, PLOVER, "Car deck, ferry Skua", Symptom.SHORT_RUNTIME)
                .as(DemoJob.SOLVENT_WET)
                .assessed()
                .tornDownTo("free-pack")
                .write(new FreeEntry.SandReady())
                .at(now.minus(Duration.ofMinutes(5)))
                .write(new FreeEntry.SolventApplied(
                        "free-pack", Solvent.Kind.ISOPROPYL, Solvent.Lies.UNDER_A_PART, new BigDecimal("21.5")));
        opening.promised(0, 5, AVOCET, "Bridge, ferry Kittiwake", Symptom.WILL_NOT_CHARGE)
                .assessed()
                .tornDownTo("clip");
        opening.promised(1, 6, CURLEW, "Deck crew, ferry Fulmar", Symptom.SHORT_RUNTIME)
                .assessed()
                .tornDownTo("shell");
        opening.promised(0, 4, FULMAR, "Chart table, ferry Skua", Symptom.NO_CLICK)
                .as(DemoJob.OTHER_SCREW)
                .assessed()
                .tornDownTo("case-screws")
                .write(new OpenEntry.FoundInstead(
                        "C6", new Fastener.Make("Y1", new BigDecimal("2.0"), new BigDecimal("8"), "flat")));
        opening.promised(1, 3, SHEARWATER, "Bridge, ferry Fulmar", Symptom.SHORT_RUNTIME)
                .assessed()
                .tornDownTo("pack-screws");
        opening.promised(0, 6, CORMORANT, "Engine room, ferry Kittiwake", Symptom.ONLY_PLUGGED_IN)
                .assessed()
                .write(new OpenEntry.TargetsChosen(List.of("coin-out", "radio-out")));
    }
}
