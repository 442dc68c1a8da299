package glowkettle.instruments;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;

/**
 * A welder with a pull gauge beside it: {@code WELD:PULL? (@level)} makes one trial weld on scrap and answers the force in N at
 * which it let go; {@code BURNT} when it burnt through.
 */
public final class SpotWelder {
    public static final String BURNT = "BURNT";

    private final Instrument instrument;

    public SpotWelder(Instrument instrument) {
        this.instrument = instrument;
    }

    public static String query(int level) {
        return "WELD:PULL? (@%s)".formatted(level);
    }

    /** Trial welds at one level. */
    public record Trials(List<BigDecimal> pullsN, boolean burntThrough) {}

    /** So many trials, fewer where one burns through: nobody goes on then. */
    public Trials pull(int level, int welds) throws InstrumentSilent {
        List<BigDecimal> pulls = new ArrayList<>();
        while (pulls.size() < welds) {
            String answer = instrument.ask(query(level));
            if (answer.equals(BURNT)) {
                return new Trials(List.copyOf(pulls), true);
            }
            pulls.add(Instrument.figure(answer));
        }
        return new Trials(List.copyOf(pulls), false);
    }
}
