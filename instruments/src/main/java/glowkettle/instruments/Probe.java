package glowkettle.instruments;

import java.math.BigDecimal;
import java.util.List;

/** Reads a thermocouple taped to a pack: {@code MEAS:TEMP?} answers one figure in °C. */
public final class Probe {
    public static final String QUERY = "MEAS:TEMP?";

    private final Instrument instrument;

    public Probe(Instrument instrument) {
        this.instrument = instrument;
    }

    public BigDecimal readC() throws InstrumentSilent {
        List<BigDecimal> figures = instrument.askFigures(QUERY);
        if (figures.size() != 1) {
            throw new InstrumentSilent(
                    "The probe answered %s figures; one belongs to a place".formatted(figures.size()));
        }
        return figures.getFirst();
    }
}
