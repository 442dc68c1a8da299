package glowkettle.app.join;

import glowkettle.app.desk.Readout;
import glowkettle.app.shop.BenchInstruments;
import glowkettle.instruments.InstrumentSilent;
import glowkettle.job.JobFile;
import glowkettle.job.Stage;
import glowkettle.job.join.Joining;
import glowkettle.join.LeadFinder;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Component;

/** The meter with its probes where the finder wants them. */
@Component
class MeterReadout implements Readout {
    private final BenchInstruments instruments;

    MeterReadout(BenchInstruments instruments) {
        this.instruments = instruments;
    }

    @Override
    public String instrument() {
        return "meter";
    }

    @Override
    public String kind() {
        return "lead-metered";
    }

    @Override
    public Map<String, String[]> read(JobFile job, Stage stage, Map<String, String[]> asked) throws InstrumentSilent {
        Optional<LeadFinder.Measurement> wanted = Joining.of(job).wanted();
        Optional<List<LeadFinder.NewLead>> leads = Joining.of(job).listed().map(listed -> listed.leads());
        if (wanted.isEmpty() || leads.isEmpty()) {
            return Map.of();
        }
        LeadFinder.Measurement pair = wanted.get();
        return Map.of(
                "reading.from", new String[] {pair.from()},
                "reading.to", new String[] {pair.to()},
                "reading.kind", new String[] {pair.kind().name()},
                "reading.value",
                        new String[] {
                            instruments.metered(job, leads.get(), pair).toPlainString()
                        });
    }
}
