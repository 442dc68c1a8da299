package glowkettle.app.join;

import glowkettle.app.desk.Readout;
import glowkettle.app.shop.BenchInstruments;
import glowkettle.finding.Result;
import glowkettle.instruments.InstrumentSilent;
import glowkettle.instruments.SpotWelder;
import glowkettle.job.JobFile;
import glowkettle.job.Stage;
import glowkettle.job.join.Welding;
import glowkettle.join.WeldLadder;
import java.math.BigDecimal;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Component;

/** Trial welds at the level the ladder wants next, each pulled off again. */
@Component
class PullReadout implements Readout {
    private final BenchInstruments instruments;

    PullReadout(BenchInstruments instruments) {
        this.instruments = instruments;
    }

    @Override
    public String instrument() {
        return "welder";
    }

    @Override
    public String kind() {
        return "weld-tried";
    }

    @Override
    public Map<String, String[]> read(JobFile job, Stage stage, Map<String, String[]> asked) throws InstrumentSilent {
        Optional<WeldLadder.Request> stack = Welding.of(job).asked();
        Optional<BigDecimal> level =
                Welding.of(job).ladder().map(Result::result).map(WeldLadder::nextLevel);
        return stack.isEmpty() || level.isEmpty() ? Map.of() : pulled(job, stack.get(), level.get());
    }

    private Map<String, String[]> pulled(JobFile job, WeldLadder.Request stack, BigDecimal level)
            throws InstrumentSilent {
        SpotWelder.Trials trials = instruments.pulls(job, stack, level);
        Map<String, String[]> typed = new LinkedHashMap<>();
        typed.put("trial.level", new String[] {level.toPlainString()});
        typed.put(
                "trial.pullsN[]",
                trials.pullsN().stream().map(BigDecimal::toPlainString).toArray(String[]::new));
        typed.put("trial.burntThrough", new String[] {String.valueOf(trials.burntThrough())});
        return typed;
    }
}
