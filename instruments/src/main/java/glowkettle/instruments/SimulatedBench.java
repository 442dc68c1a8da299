package glowkettle.instruments;

import java.io.BufferedInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStreamWriter;
import java.io.Writer;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.net.ServerSocket;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.security.SecureRandom;
import java.time.Duration;
import java.util.HexFormat;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.atomic.AtomicReference;
import java.util.function.Supplier;
import java.util.function.UnaryOperator;
import org.jspecify.annotations.Nullable;

/**
 * Simulated instruments on a loopback port: a gauge reader and programmer, calipers, a probe, a pressure tester, a meter, and a
 * welder with a pull gauge. Each query has one line
 * of answer, which the bench that is simulated sets; unknown queries answer {@code ERR}. Any process of this machine reaches
 * the port, so a connection begins with a token that only {@link #instrument} knows; without it nothing is answered.
 */
public final class SimulatedBench implements AutoCloseable {
    private static final int TOKEN_BYTES = 24;
    /** A connection that says nothing for so long is closed. */
    private static final Duration PATIENCE = Duration.ofSeconds(10);

    private final ServerSocket server;
    private final String token;
    private final Map<String, Supplier<String>> answers = new ConcurrentHashMap<>();
    private final Map<String, UnaryOperator<String>> commands = new ConcurrentHashMap<>();
    private final AtomicReference<@Nullable Lost> lost = new AtomicReference<>();

    public SimulatedBench() throws IOException {
        byte[] secret = new byte[TOKEN_BYTES];
        new SecureRandom().nextBytes(secret);
        token = HexFormat.of().formatHex(secret);
        server = new ServerSocket(0, 50, InetAddress.getLoopbackAddress());
        show("*IDN?", "SIMULATED,BENCH,0,1");
        Thread.ofPlatform().daemon().name("simulated-bench").start(this::serve);
    }

    InetSocketAddress address() {
        return new InetSocketAddress(InetAddress.getLoopbackAddress(), server.getLocalPort());
    }

    /** The way to the bench, with its token. */
    public Instrument instrument(Duration patience) {
        return new Instrument(address(), patience, token);
    }

    /** What the instrument shows from now on. */
    public void show(String query, String answer) {
        show(query, () -> answer);
    }

    /** What becomes of what follows a command, and what is answered to it. */
    public void obey(String command, UnaryOperator<String> obeyed) {
        commands.put(command, obeyed);
    }

    /** A gauge on the bench from now on. */
    public void lay(SimulatedGauge gauge) {
        show(GaugeProgrammer.QUERY, gauge::read);
        obey(GaugeProgrammer.COMMAND, gauge::write);
    }

    /**
     * For practice: the link is lost once, at this command or query.
     *
     * @param obeyed whether the instrument still does what it was told, and only its answer is lost
     */
    public void loseLinkOnce(String command, boolean obeyed) {
        lost.set(new Lost(command, obeyed));
    }

    private record Lost(String command, boolean obeyed) {}

    /** What the instrument shows whenever it is asked from now on. */
    public void show(String query, Supplier<String> answer) {
        answers.put(query, answer);
    }

    private void serve() {
        while (!server.isClosed()) {
            try {
                Socket socket = server.accept();
                Thread.ofPlatform().daemon().start(() -> answer(socket));
            } catch (IOException e) {
                return;
            }
        }
    }

    private void answer(Socket socket) {
        try (socket;
                InputStream in = new BufferedInputStream(socket.getInputStream());
                Writer writer = new OutputStreamWriter(socket.getOutputStream(), StandardCharsets.US_ASCII)) {
            socket.setSoTimeout((int) PATIENCE.toMillis());
            if (!token.equals(line(in))) {
                return;
            }
            for (String query = line(in); query != null; query = line(in)) {
                Lost breaking = lost.get();
                if (breaking != null && query.startsWith(breaking.command()) && lost.compareAndSet(breaking, null)) {
                    if (breaking.obeyed()) {
                        answer(query);
                    }
                    return;
                }
                writer.write(answer(query) + "\n");
                writer.flush();
            }
        } catch (IOException ignored) {
            // The other side went away; the next question opens a new connection.
        }
    }

    private String answer(String query) {
        Supplier<String> shown = answers.get(query);
        if (shown != null) {
            return shown.get();
        }
        int space = query.indexOf(' ');
        UnaryOperator<String> obeyed = space < 0 ? null : commands.get(query.substring(0, space));
        return obeyed == null ? "ERR unknown query" : obeyed.apply(query.substring(space + 1));
    }

    private static @Nullable String line(InputStream in) throws IOException {
        return BoundedLine.read(in, System.nanoTime() + PATIENCE.toNanos());
    }

    @Override
    public void close() throws IOException {
        server.close();
    }
}
