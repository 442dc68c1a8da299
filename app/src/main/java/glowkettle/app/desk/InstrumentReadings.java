package glowkettle.app.desk;

import glowkettle.app.binding.Fault;
import glowkettle.app.binding.FilledForm;
import glowkettle.app.journal.JobReader;
import glowkettle.instruments.InstrumentSilent;
import glowkettle.job.Stage;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;
import org.springframework.web.server.ResponseStatusException;

/** Fills a form from an instrument; what it does not say is missing, and said so. */
@Component
class InstrumentReadings {
    private final JobReader jobs;
    private final Map<String, Readout> readouts;

    InstrumentReadings(JobReader jobs, List<Readout> readouts) {
        this.jobs = jobs;
        this.readouts = readouts.stream().collect(Collectors.toMap(Readout::instrument, Function.identity()));
    }

    FilledForm read(long number, String instrument, Stage stage, Map<String, String[]> asked) {
        Readout readout = readouts.get(instrument);
        if (readout == null) {
            throw new ResponseStatusException(HttpStatus.NOT_FOUND);
        }
        try {
            return new FilledForm(readout.kind(), readout.read(jobs.file(number), stage, asked), List.of(), List.of());
        } catch (InstrumentSilent silent) {
            return new FilledForm(
                    readout.kind(), asked, List.of(new Fault("", String.valueOf(silent.getMessage()))), List.of());
        }
    }
}
