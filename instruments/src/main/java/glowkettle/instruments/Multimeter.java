package glowkettle.instruments;

import java.math.BigDecimal;
import java.util.List;

/**
 * A meter with two probes: {@code MEAS:VOLT?}, {@code MEAS:RES?} and {@code MEAS:LOAD?} with the two places in parentheses
 * answer one figure, in V or Ω; the last with a load of ten kiloohms between the probes.
 */
public final class Multimeter {
    private final Instrument instrument;

    public Multimeter(Instrument instrument) {
        this.instrument = instrument;
    }

    /** What it measures. */
    public enum Function {
        VOLTS("MEAS:VOLT?"),
        OHMS("MEAS:RES?"),
        LOADED("MEAS:LOAD?");

        private final String query;

        Function(String query) {
            this.query = query;
        }

        /** Red probe first. */
        public String query(String red, String black) {
            return "%s (@%s,%s)".formatted(query, red, black);
        }
    }

    public BigDecimal read(Function function, String red, String black) throws InstrumentSilent {
        List<BigDecimal> figures = instrument.askFigures(function.query(red, black));
        if (figures.size() != 1) {
            throw new InstrumentSilent(
                    "The meter answered %s figures; one belongs to a pair".formatted(figures.size()));
        }
        return figures.getFirst();
    }
}
