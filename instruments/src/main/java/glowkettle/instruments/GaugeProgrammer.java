package glowkettle.instruments;

import java.math.BigDecimal;
import java.util.List;

/**
 * Reads and writes what a gauge says of its cell. {@code GAUG:DATA?} answers design and full charge capacity in mAh, cycles,
 * serial, date of manufacture and of first use. {@code GAUG:DATA} with the same six, and their checksum, writes all of them or
 * none, and answers {@code OK}; a gauge that got less than the whole line keeps what it had.
 */
public final class GaugeProgrammer {
    public static final String QUERY = "GAUG:DATA?";
    public static final String COMMAND = "GAUG:DATA";

    private static final int FIELDS = 6;
    private static final int CHECKSUM_MODULUS = 65_521;

    private final Instrument instrument;

    public GaugeProgrammer(Instrument instrument) {
        this.instrument = instrument;
    }

    /** What stands in the gauge; texts without commas. */
    public record Data(
            BigDecimal designMah,
            BigDecimal fullMah,
            BigDecimal cycles,
            String serial,
            String manufactured,
            String firstUse) {
        String line() {
            return String.join(
                    ",",
                    designMah.toPlainString(),
                    fullMah.toPlainString(),
                    cycles.toPlainString(),
                    serial,
                    manufactured,
                    firstUse);
        }
    }

    public Data read() throws InstrumentSilent {
        String answer = instrument.ask(QUERY);
        List<String> fields = List.of(answer.split(",", -1));
        if (fields.size() != FIELDS) {
            throw new InstrumentSilent("The gauge answered '%s'; six fields belong to it".formatted(answer));
        }
        return new Data(
                Instrument.figure(fields.get(0)),
                Instrument.figure(fields.get(1)),
                Instrument.figure(fields.get(2)),
                fields.get(3),
                fields.get(4),
                fields.get(5));
    }

    /**
     * @throws InstrumentSilent when nobody can say whether it was taken: read it before anything else is done
     */
    public void write(Data data) throws InstrumentSilent {
        String answer = instrument.ask(COMMAND + " " + data.line() + "*" + checksum(data.line()));
        if (!answer.equals("OK")) {
            throw new InstrumentSilent("The gauge answered '%s' when it was written".formatted(answer));
        }
    }

    static int checksum(String line) {
        int sum = 1;
        int sums = 0;
        for (char letter : line.toCharArray()) {
            sum = (sum + letter) % CHECKSUM_MODULUS;
            sums = (sums + sum) % CHECKSUM_MODULUS;
        }
        return sums ^ sum;
    }
}
