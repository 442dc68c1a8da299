package glowkettle.limits;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** A limit that stands in the list and is read by no rule would pretend to decide something. */
class LimitsAreReadTest {
    private static final Set<String> WORDS = words();

    private static Set<String> words() {
        try (Stream<Path> files = Stream.of(Path.of("src/main/java"), Path.of("../app/src/main/java"))
                .flatMap(LimitsAreReadTest::walk)) {
            return files.filter(file -> file.toString().endsWith(".java"))
                    .filter(file -> !List.of("Limit.java", "Defaults.java")
                            .contains(file.getFileName().toString()))
                    .map(LimitsAreReadTest::read)
                    .flatMap(Pattern.compile("\\W+")::splitAsStream)
                    .collect(Collectors.toSet());
        }
    }

    private static Stream<Path> walk(Path root) {
        try {
            return Files.walk(root);
        } catch (IOException e) {
            throw new IllegalStateException(e);
        }
    }

    private static String read(Path file) {
        try {
            return Files.readString(file);
        } catch (IOException e) {
            throw new IllegalStateException(e);
        }
    }

    @ParameterizedTest
    @EnumSource(Limit.class)
    void everyLimitIsReadByARule(Limit limit) {
        assertThat(WORDS).as(limit.name()).contains(limit.name());
    }
}
