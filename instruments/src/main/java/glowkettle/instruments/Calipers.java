package glowkettle.instruments;

import java.math.BigDecimal;
import java.util.List;

/** Reads calipers with a plug: {@code MEAS:THIC?} answers the middle and four corners of a pack in mm. */
public final class Calipers {
    public static final String QUERY = "MEAS:THIC?";
    public static final int CORNERS = 4;

    private final Instrument instrument;

    public Calipers(Instrument instrument) {
        this.instrument = instrument;
    }

    /** Thickness at the middle and at the corners, clockwise from the top left. */
    public record Five(BigDecimal middleMm, List<BigDecimal> cornersMm) {}

    public Five read() throws InstrumentSilent {
        List<BigDecimal> figures = instrument.askFigures(QUERY);
        if (figures.size() != 1 + CORNERS) {
            throw new InstrumentSilent(
                    "The calipers answered %s figures; five belong to a pack".formatted(figures.size()));
        }
        return new Five(figures.getFirst(), List.copyOf(figures.subList(1, figures.size())));
    }
}
