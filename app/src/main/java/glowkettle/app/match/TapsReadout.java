package glowkettle.app.match;

import glowkettle.app.desk.Readout;
import glowkettle.app.shop.BenchInstruments;
import glowkettle.instruments.InstrumentSilent;
import glowkettle.job.JobFile;
import glowkettle.job.Stage;
import glowkettle.job.match.CellTable;
import glowkettle.job.match.MatchEntry;
import glowkettle.job.match.Matching;
import glowkettle.match.Screening;
import java.math.BigDecimal;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.SplittableRandom;
import org.springframework.stereotype.Component;

/** The groups of the pack that was built, tap by tap. A simulated pack reads as its cells did, but for some millivolts. */
@Component
class TapsReadout implements Readout {
    private static final double APART_V = 0.006;
    private static final double RESTED_V = 3.6;

    private final BenchInstruments instruments;

    TapsReadout(BenchInstruments instruments) {
        this.instruments = instruments;
    }

    @Override
    public String instrument() {
        return "taps";
    }

    @Override
    public String kind() {
        return "built-groups-metered";
    }

    @Override
    public Map<String, String[]> read(JobFile job, Stage stage, Map<String, String[]> asked) throws InstrumentSilent {
        List<Double> groups = Matching.of(job)
                .matched()
                .map(matched -> simulated(job, matched))
                .orElse(List.of());
        if (groups.isEmpty()) {
            return Map.of();
        }
        List<BigDecimal> read = instruments.taps(groups);
        Map<String, String[]> typed = new LinkedHashMap<>();
        typed.put(
                "voltages.groupV[]",
                read.subList(0, groups.size()).stream()
                        .map(BigDecimal::toPlainString)
                        .toArray(String[]::new));
        typed.put("voltages.packV", new String[] {read.getLast().toPlainString()});
        return typed;
    }

    private static List<Double> simulated(JobFile job, MatchEntry.Matched matched) {
        SplittableRandom random = new SplittableRandom(job.number() * 71);
        CellTable table = CellTable.of(job);
        return matched.groups().stream()
                .map(group -> group.ids().stream()
                                .flatMap(id -> table.cell(id).stream())
                                .map(Screening.Cell::restedV)
                                .filter(Objects::nonNull)
                                .mapToDouble(BigDecimal::doubleValue)
                                .average()
                                .orElse(RESTED_V)
                        + random.nextDouble(APART_V))
                .toList();
    }
}
