package glowkettle.instruments;

import java.io.BufferedInputStream;
import java.io.IOException;
import java.io.OutputStreamWriter;
import java.io.Writer;
import java.math.BigDecimal;
import java.net.InetSocketAddress;
import java.net.Socket;
import java.net.SocketTimeoutException;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.Arrays;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** A bench instrument at an address: one line asks, one line answers. */
public final class Instrument {
    private final InetSocketAddress address;
    private final Duration patience;
    private final @Nullable String token;

    public Instrument(InetSocketAddress address, Duration patience) {
        this(address, patience, null);
    }

    /**
     * @param token said before every question to a bench that listens to nobody else
     */
    Instrument(InetSocketAddress address, Duration patience, @Nullable String token) {
        this.address = address;
        this.patience = patience;
        this.token = token;
    }

    /** The answer to a query such as {@code MEAS:GAUG?}. Its own connection each time, so that a lost link harms no other. */
    public String ask(String query) throws InstrumentSilent {
        try (Socket socket = new Socket()) {
            socket.connect(address, (int) patience.toMillis());
            socket.setSoTimeout((int) patience.toMillis());
            Writer writer = new OutputStreamWriter(socket.getOutputStream(), StandardCharsets.US_ASCII);
            writer.write((token == null ? "" : token + "\n") + query + "\n");
            writer.flush();
            String answer = BoundedLine.read(
                    new BufferedInputStream(socket.getInputStream()), System.nanoTime() + patience.toNanos());
            if (answer == null || answer.startsWith("ERR")) {
                throw new InstrumentSilent("The instrument at %s does not know '%s'".formatted(address, query));
            }
            return answer;
        } catch (SocketTimeoutException e) {
            throw new InstrumentSilent("The instrument at %s said nothing within %s".formatted(address, patience), e);
        } catch (IOException e) {
            throw new InstrumentSilent(
                    "The instrument at %s cannot be reached: type the reading in".formatted(address), e);
        }
    }

    /** The answer to a query that is answered with figures, set apart by commas. */
    List<BigDecimal> askFigures(String query) throws InstrumentSilent {
        String answer = ask(query);
        try {
            return Arrays.stream(answer.split(","))
                    .map(String::strip)
                    .map(BigDecimal::new)
                    .toList();
        } catch (NumberFormatException e) {
            throw new InstrumentSilent(
                    "The instrument answered '%s', which is not a row of figures".formatted(answer), e);
        }
    }

    static BigDecimal figure(String answer) throws InstrumentSilent {
        try {
            return new BigDecimal(answer.strip());
        } catch (NumberFormatException e) {
            throw new InstrumentSilent("The instrument answered '%s', which is no figure".formatted(answer), e);
        }
    }
}
