package glowkettle.instruments;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.net.ServerSocket;
import java.time.Duration;
import org.junit.jupiter.api.Test;

class SimulatedBenchTest {
    private static final Duration PATIENCE = Duration.ofSeconds(5);

    @Test
    void readsAGaugeOverTheSocket() throws Exception {
        try (SimulatedBench bench = new SimulatedBench()) {
            bench.show(GaugeReader.QUERY, "3120,5000,412,24.5,3.81,3.80,3.82");

            GaugeReader.ReadOut read = new GaugeReader(bench.instrument(PATIENCE)).read();

            assertThat(read.fullChargeCapacityMah()).isEqualByComparingTo("3120");
            assertThat(read.cellV()).hasSize(3);
        }
    }

    @Test
    void saysSoWhenTheGaugeAnswersNonsenseOrNothing() throws Exception {
        try (SimulatedBench bench = new SimulatedBench()) {
            GaugeReader reader = new GaugeReader(bench.instrument(PATIENCE));
            assertThatThrownBy(reader::read)
                    .isInstanceOf(InstrumentSilent.class)
                    .hasMessageContaining("does not know");

            bench.show(GaugeReader.QUERY, "NaN,5000,412,24,3.8");
            assertThatThrownBy(reader::read).hasMessageContaining("not a row of figures");

            bench.show(GaugeReader.QUERY, "3120,5000,412,24");
            assertThatThrownBy(reader::read).hasMessageContaining("no cell voltage");
        }
    }

    @Test
    void answersNobodyWhoDoesNotHaveItsToken() throws Exception {
        try (SimulatedBench bench = new SimulatedBench()) {
            Instrument stranger = new Instrument(bench.address(), PATIENCE);
            assertThatThrownBy(() -> stranger.ask("*IDN?")).isInstanceOf(InstrumentSilent.class);
            assertThat(bench.instrument(PATIENCE).ask("*IDN?")).startsWith("SIMULATED");
        }
    }

    @Test
    void aLineThatNeverEndsIsLetGo() throws Exception {
        try (ServerSocket endless = new ServerSocket(0, 1, InetAddress.getLoopbackAddress())) {
            Thread talker = Thread.ofPlatform().daemon().start(() -> {
                try (var link = endless.accept();
                        var out = link.getOutputStream()) {
                    byte[] figures = "1,".repeat(1_000).getBytes(java.nio.charset.StandardCharsets.US_ASCII);
                    while (true) {
                        out.write(figures);
                    }
                } catch (IOException hungUp) {
                    // The reader has had enough.
                }
            });
            Instrument instrument = new Instrument((InetSocketAddress) endless.getLocalSocketAddress(), PATIENCE);
            assertThatThrownBy(() -> instrument.ask("MEAS:GAUG?"))
                    .isInstanceOf(InstrumentSilent.class)
                    .hasStackTraceContaining("more than %s bytes".formatted(BoundedLine.MOST_BYTES));
            talker.join(PATIENCE);
            assertThat(talker.isAlive()).isFalse();
        }
    }

    @Test
    void givesUpOnALostLink() throws IOException {
        InetSocketAddress gone;
        try (ServerSocket socket = new ServerSocket(0, 1, InetAddress.getLoopbackAddress())) {
            gone = (InetSocketAddress) socket.getLocalSocketAddress();
        }
        assertThatThrownBy(() -> new Instrument(gone, PATIENCE).ask("*IDN?"))
                .isInstanceOf(InstrumentSilent.class)
                .hasMessageContaining("cannot be reached");
    }
}
