package glowkettle.instruments;

import java.math.BigDecimal;
import java.util.List;

/** Reads a pack's gauge: {@code MEAS:GAUG?} answers full charge mAh, design mAh, cycles, °C, then the cells' volts. */
public final class GaugeReader {
    public static final String QUERY = "MEAS:GAUG?";

    private static final int FIXED_FIELDS = 4;

    private final Instrument instrument;

    public GaugeReader(Instrument instrument) {
        this.instrument = instrument;
    }

    /** What the gauge says. */
    public record ReadOut(
            BigDecimal fullChargeCapacityMah,
            BigDecimal designCapacityMah,
            BigDecimal cycles,
            BigDecimal temperatureC,
            List<BigDecimal> cellV) {}

    public ReadOut read() throws InstrumentSilent {
        List<BigDecimal> figures = instrument.askFigures(QUERY);
        if (figures.size() <= FIXED_FIELDS) {
            throw new InstrumentSilent("The gauge answered %s, which has no cell voltage".formatted(figures));
        }
        return new ReadOut(
                figures.get(0),
                figures.get(1),
                figures.get(2),
                figures.get(3),
                List.copyOf(figures.subList(FIXED_FIELDS, figures.size())));
    }
}
