package glowkettle.app.binding;

import static org.assertj.core.api.Assertions.assertThat;

import glowkettle.app.support.Kettle;
import glowkettle.app.support.RunningKettle;
import java.io.IOException;
import java.net.Socket;
import java.net.URI;
import java.nio.charset.StandardCharsets;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** What never reaches the application is answered by its container, in the same shape. */
@ExtendWith(RunningKettle.class)
class ContainerErrorsTest {
    private final URI address;

    ContainerErrorsTest(Kettle kettle) {
        address = URI.create(kettle.address());
    }

    @ParameterizedTest
    @ValueSource(strings = {"/api/%", "/api/%zz", "/api/assess/%00"})
    void anAddressThatCannotBeReadIsAProblemUnderTheInterface(String path) throws IOException {
        assertThat(answer(path))
                .startsWith("HTTP/1.1 400")
                .containsIgnoringCase("content-type: application/problem+json")
                .contains("\"status\":400")
                .doesNotContain("Tomcat", "<html");
    }

    @ParameterizedTest
    @ValueSource(strings = {"/%", "/jobs/%zz"})
    void elsewhereItIsASentence(String path) throws IOException {
        assertThat(answer(path)).startsWith("HTTP/1.1 400").doesNotContain("Tomcat", "Exception");
    }

    /** By hand, since no client sends such an address. */
    private String answer(String path) throws IOException {
        try (Socket socket = new Socket(address.getHost(), address.getPort())) {
            socket.getOutputStream()
                    .write("GET %s HTTP/1.1\r\nHost: localhost\r\nConnection: close\r\n\r\n"
                            .formatted(path)
                            .getBytes(StandardCharsets.US_ASCII));
            return new String(socket.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        }
    }
}
