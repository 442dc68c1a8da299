package glowkettle.app.assess;

import glowkettle.app.desk.Readout;
import glowkettle.app.shop.BenchInstruments;
import glowkettle.instruments.Calipers;
import glowkettle.instruments.InstrumentSilent;
import glowkettle.job.JobFile;
import glowkettle.job.Stage;
import java.math.BigDecimal;
import java.util.Map;
import org.springframework.stereotype.Component;

/** Thickness of a pack at its middle and corners. */
@Component
class CalipersReadout implements Readout {
    private final BenchInstruments instruments;

    CalipersReadout(BenchInstruments instruments) {
        this.instruments = instruments;
    }

    @Override
    public String instrument() {
        return "calipers";
    }

    @Override
    public String kind() {
        return "thickness-taken";
    }

    @Override
    public Map<String, String[]> read(JobFile job, Stage stage, Map<String, String[]> asked) throws InstrumentSilent {
        Calipers.Five five = instruments.calipers(job);
        return Map.of(
                "thickness.middleThicknessMm",
                new String[] {five.middleMm().toPlainString()},
                "thickness.cornerThicknessMm[]",
                five.cornersMm().stream().map(BigDecimal::toPlainString).toArray(String[]::new));
    }
}
