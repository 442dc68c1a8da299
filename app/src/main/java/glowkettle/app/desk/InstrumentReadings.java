package glowkettle.app.desk;

import glowkettle.app.binding.Fault;
import glowkettle.app.binding.FilledForm;
import glowkettle.app.journal.JournalBook;
import glowkettle.app.shop.BenchInstruments;
import glowkettle.heat.Refit;
import glowkettle.instruments.Calipers;
import glowkettle.instruments.GaugeReader;
import glowkettle.instruments.InstrumentSilent;
import glowkettle.job.JobFile;
import glowkettle.job.Moment;
import glowkettle.job.Stage;
import glowkettle.job.prove.ProveChapter;
import java.math.BigDecimal;
import java.time.InstantSource;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;
import org.springframework.web.server.ResponseStatusException;

/** Fills a form from an instrument; somebody looks at the figures before they are kept. */
@Component
class InstrumentReadings {
    private final JournalBook journal;
    private final BenchInstruments instruments;
    private final InstantSource clock;

    InstrumentReadings(JournalBook journal, BenchInstruments instruments, InstantSource clock) {
        this.clock = clock;
        this.journal = journal;
        this.instruments = instruments;
    }

    FilledForm read(long number, String instrument, Stage stage) {
        JobFile job = journal.file(number);
        Moment moment = stage.equals(ProveChapter.STAGE) ? Moment.AFTER : Moment.BEFORE;
        String kind = kind(instrument);
        Map<String, String[]> typed = new LinkedHashMap<>();
        try {
            switch (instrument) {
                case "gauge" -> gauge(instruments.gauge(job, moment), typed);
                case "calipers" -> calipers(instruments.calipers(job), typed);
                case "probe" -> {
                    typed.put("spot", new String[] {Refit.Spot.CELL.name()});
                    put(typed, "temperatureC", instruments.probeC(job, clock.instant()));
                }
                default -> throw new ResponseStatusException(HttpStatus.NOT_FOUND);
            }
            return new FilledForm(kind, typed, List.of(), List.of());
        } catch (InstrumentSilent silent) {
            return new FilledForm(kind, typed, List.of(new Fault("", String.valueOf(silent.getMessage()))), List.of());
        }
    }

    private static String kind(String instrument) {
        return switch (instrument) {
            case "gauge" -> "gauge-read";
            case "probe" -> "heat-read";
            default -> "thickness-taken";
        };
    }

    private static void gauge(GaugeReader.ReadOut read, Map<String, String[]> typed) {
        put(typed, "reading.fullChargeCapacityMah", read.fullChargeCapacityMah());
        put(typed, "reading.designCapacityMah", read.designCapacityMah());
        put(typed, "reading.cycles", read.cycles());
        put(typed, "reading.temperatureC", read.temperatureC());
        typed.put("reading.cellV[]", texts(read.cellV()));
    }

    private static void calipers(Calipers.Five five, Map<String, String[]> typed) {
        put(typed, "thickness.middleThicknessMm", five.middleMm());
        typed.put("thickness.cornerThicknessMm[]", texts(five.cornersMm()));
    }

    private static void put(Map<String, String[]> typed, String field, BigDecimal value) {
        typed.put(field, new String[] {value.toPlainString()});
    }

    private static String[] texts(List<BigDecimal> values) {
        return values.stream().map(BigDecimal::toPlainString).toArray(String[]::new);
    }
}
