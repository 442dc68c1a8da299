package glowkettle.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class DocumentsTest {
    private static final Path HOME = Path.of("..");
    private static final Path DECISIONS = HOME.resolve("docs/decisions");
    private static final Pattern LINK = Pattern.compile("\\]\\(([^)#:]+)(?:#[^)]*)?\\)");

    @Test
    void everyDecisionStandsInTheIndexOnce() throws IOException {
        List<String> listed = links(DECISIONS.resolve("README.md"));
        try (Stream<Path> files = Files.list(DECISIONS)) {
            assertThat(listed)
                    .containsExactlyElementsOf(
                            files.map(file -> file.getFileName().toString())
                                    .filter(name -> !name.equals("README.md"))
                                    .sorted()
                                    .toList());
        }
    }

    @ParameterizedTest
    @ValueSource(strings = {"README.md", "CONTRIBUTING.md", "CHANGELOG.md", "docs/decisions/README.md"})
    void whatADocumentLinksToIsThere(String document) throws IOException {
        Path folder = HOME.resolve(document).getParent();
        assertThat(links(HOME.resolve(document)))
                .isNotEmpty()
                .allSatisfy(link -> assertThat(folder.resolve(link)).exists());
    }

    private static List<String> links(Path document) throws IOException {
        return LINK.matcher(Files.readString(document))
                .results()
                .map((MatchResult found) -> found.group(1))
                .toList();
    }
}
