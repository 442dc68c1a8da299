package glowkettle.instruments;

import java.math.BigDecimal;
import java.util.List;

/** Holds a shell under pressure: {@code MEAS:PRES?} answers the gauge in kPa over the air. */
public final class PressureTester {
    public static final String QUERY = "MEAS:PRES?";

    private final Instrument instrument;

    public PressureTester(Instrument instrument) {
        this.instrument = instrument;
    }

    public BigDecimal kpa() throws InstrumentSilent {
        List<BigDecimal> figures = instrument.askFigures(QUERY);
        return figures.getFirst();
    }
}
