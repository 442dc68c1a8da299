package glowkettle.instruments;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.OutputStreamWriter;
import java.io.Writer;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.net.ServerSocket;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Supplier;

/**
 * Simulated instruments on a loopback port: a gauge reader, calipers and a pressure tester. Each query has one line of answer, which the
 * bench that is simulated sets; unknown queries answer {@code ERR}.
 */
public final class SimulatedBench implements AutoCloseable {
    private final ServerSocket server;
    private final Map<String, Supplier<String>> answers = new ConcurrentHashMap<>();

    public SimulatedBench() throws IOException {
        server = new ServerSocket(0, 50, InetAddress.getLoopbackAddress());
        show("*IDN?", "SIMULATED,BENCH,0,1");
        Thread.ofVirtual().name("simulated-bench").start(this::serve);
    }

    public InetSocketAddress address() {
        return new InetSocketAddress(InetAddress.getLoopbackAddress(), server.getLocalPort());
    }

    /** What the instrument shows from now on. */
    public void show(String query, String answer) {
        show(query, () -> answer);
    }

    /** What the instrument shows whenever it is asked from now on. */
    public void show(String query, Supplier<String> answer) {
        answers.put(query, answer);
    }

    private void serve() {
        while (!server.isClosed()) {
            try {
                Socket socket = server.accept();
                Thread.ofVirtual().start(() -> answer(socket));
            } catch (IOException e) {
                return;
            }
        }
    }

    private void answer(Socket socket) {
        try (socket;
                BufferedReader reader =
                        new BufferedReader(new InputStreamReader(socket.getInputStream(), StandardCharsets.US_ASCII));
                Writer writer = new OutputStreamWriter(socket.getOutputStream(), StandardCharsets.US_ASCII)) {
            String query = reader.readLine();
            while (query != null) {
                writer.write(answers.getOrDefault(query.strip(), () -> "ERR unknown query")
                                .get() + "\n");
                writer.flush();
                query = reader.readLine();
            }
        } catch (IOException ignored) {
            // The other side went away; the next question opens a new connection.
        }
    }

    @Override
    public void close() throws IOException {
        server.close();
    }
}
