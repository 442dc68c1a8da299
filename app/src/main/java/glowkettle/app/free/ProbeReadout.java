package glowkettle.app.free;

import glowkettle.app.desk.Readout;
import glowkettle.app.shop.BenchInstruments;
import glowkettle.heat.Refit;
import glowkettle.instruments.InstrumentSilent;
import glowkettle.job.JobFile;
import glowkettle.job.Stage;
import java.time.InstantSource;
import java.util.Map;
import org.springframework.stereotype.Component;

/** The probe under a pack that is being heated. */
@Component
class ProbeReadout implements Readout {
    private final BenchInstruments instruments;
    private final InstantSource clock;

    ProbeReadout(BenchInstruments instruments, InstantSource clock) {
        this.instruments = instruments;
        this.clock = clock;
    }

    @Override
    public String instrument() {
        return "probe";
    }

    @Override
    public String kind() {
        return "heat-read";
    }

    @Override
    public Map<String, String[]> read(JobFile job, Stage stage, Map<String, String[]> asked) throws InstrumentSilent {
        return Map.of(
                "spot", new String[] {Refit.Spot.CELL.name()},
                "temperatureC",
                        new String[] {instruments.probeC(job, clock.instant()).toPlainString()});
    }
}
