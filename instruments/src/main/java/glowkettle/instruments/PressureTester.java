package glowkettle.instruments;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;

/**
 * Holds a shell under pressure and samples it by its own clock, so that whoever asks late misses nothing: {@code FETC:LOG?}
 * answers how many samples it took since it was asked last, and each as seconds since it began, and kPa over the air.
 */
public final class PressureTester {
    public static final String QUERY = "FETC:LOG?";
    /** What fits in an answer; the rest comes with the next. */
    public static final int MOST_SAMPLES = 40;

    private final Instrument instrument;

    public PressureTester(Instrument instrument) {
        this.instrument = instrument;
    }

    /** A sample by the tester's clock. */
    public record Sample(BigDecimal seconds, BigDecimal kpa) {}

    /** Those since it was asked last, in order; empty where it took none. */
    public List<Sample> samples() throws InstrumentSilent {
        List<BigDecimal> figures = instrument.askFigures(QUERY);
        int count = figures.getFirst().intValue();
        if (figures.size() != 1 + 2 * count) {
            throw new InstrumentSilent("The tester announced %s samples and sent %s figures"
                    .formatted(figures.getFirst(), figures.size() - 1));
        }
        List<Sample> samples = new ArrayList<>();
        for (int i = 1; i < figures.size(); i += 2) {
            samples.add(new Sample(figures.get(i), figures.get(i + 1)));
        }
        return samples;
    }
}
