package glowkettle.app.assess;

import glowkettle.app.desk.Readout;
import glowkettle.app.shop.BenchInstruments;
import glowkettle.instruments.GaugeReader;
import glowkettle.instruments.InstrumentSilent;
import glowkettle.job.JobFile;
import glowkettle.job.Moment;
import glowkettle.job.Stage;
import glowkettle.job.prove.ProveChapter;
import java.math.BigDecimal;
import java.util.Map;
import org.springframework.stereotype.Component;

/** A pack's gauge, before the work or after it. */
@Component
class GaugeReadout implements Readout {
    private final BenchInstruments instruments;

    GaugeReadout(BenchInstruments instruments) {
        this.instruments = instruments;
    }

    @Override
    public String instrument() {
        return "gauge";
    }

    @Override
    public String kind() {
        return "gauge-read";
    }

    @Override
    public Map<String, String[]> read(JobFile job, Stage stage, Map<String, String[]> asked) throws InstrumentSilent {
        Moment moment = stage.equals(ProveChapter.STAGE) ? Moment.AFTER : Moment.BEFORE;
        GaugeReader.ReadOut read = instruments.gauge(job, moment);
        return Map.of(
                "reading.fullChargeCapacityMah", text(read.fullChargeCapacityMah()),
                "reading.designCapacityMah", text(read.designCapacityMah()),
                "reading.cycles", text(read.cycles()),
                "reading.temperatureC", text(read.temperatureC()),
                "reading.cellV[]",
                        read.cellV().stream().map(BigDecimal::toPlainString).toArray(String[]::new));
    }

    private static String[] text(BigDecimal value) {
        return new String[] {value.toPlainString()};
    }
}
