package glowkettle.job.calibrate;

import glowkettle.calibrate.SoakVerdict;
import glowkettle.job.Call;
import glowkettle.job.Chapter;
import glowkettle.job.JobFile;
import glowkettle.job.Kind;
import glowkettle.job.NextThing;
import glowkettle.job.Stage;
import glowkettle.job.assess.Assessing;
import glowkettle.job.open.Opening;
import glowkettle.shop.OpeningHours;
import java.util.List;
import java.util.Optional;

/** The soak cycle. */
public final class CalibrateChapter implements Chapter<CalibrateEntry> {
    public static final Stage STAGE = new Stage("Calibrate", "calibrate");

    @Override
    public Stage stage() {
        return STAGE;
    }

    @Override
    public Class<CalibrateEntry> entries() {
        return CalibrateEntry.class;
    }

    @Override
    public List<Kind<? extends CalibrateEntry>> kinds() {
        return CalibrateKinds.ALL;
    }

    @Override
    public Optional<NextThing> next(JobFile job) {
        SoakCycle soak = SoakCycle.of(job);
        if (soak.leftOut() || Opening.of(job).goesBackAsItCame()) {
            return Optional.empty();
        }
        SoakVerdict.Verdict verdict = soak.verdict().result();
        return switch (verdict.standing()) {
            case UNDER_WAY, REPEAT -> Optional.of(NextThing.of(STAGE, cycleStep(job, verdict)));
            case VALID, VALID_WITH_REMARKS -> Optional.empty();
        };
    }

    @Override
    public Optional<NextThing> offFirst(JobFile job) {
        return Assessing.of(job).halted() && SoakCycle.of(job).isOnItsCharger()
                ? Optional.of(NextThing.of(STAGE, "Unplug it"))
                : Optional.empty();
    }

    @Override
    public List<Call> calls(JobFile job, OpeningHours hours) {
        return SoakCalls.of(job, hours);
    }

    private static String cycleStep(JobFile job, SoakVerdict.Verdict verdict) {
        if (verdict.repeatFrom() != null) {
            return "Not kept: begin the soak cycle again";
        }
        var cycle = SoakCycle.of(job).progress();
        boolean soaks = SoakCycle.of(job).school().soaks();
        if (cycle.chargeStarted() == null) {
            return soaks ? "Plug in: charge and soak" : "Plug in: charge to 100 % in one go";
        }
        if (cycle.runDownStarted() == null) {
            return soaks ? "Unplug after the soak and start the run-down" : "Unplug when full, and use it";
        }
        if (cycle.shutDownSeen() == null) {
            return soaks ? "Look whether it has shut itself down" : "Look whether it is down to 10 %";
        }
        return cycle.lastChargeStarted() == null ? "Plug in for the last charge" : "Unplug when full: done";
    }
}
