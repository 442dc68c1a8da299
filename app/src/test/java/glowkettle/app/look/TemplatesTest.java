package glowkettle.app.look;

import static org.assertj.core.api.Assertions.assertThat;

import glowkettle.app.form.Questions;
import glowkettle.job.order.OrderOfWork;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** Templates as they are written. */
class TemplatesTest {
    private static final Path TEMPLATES = Path.of("src/main/resources/templates");
    private static final int LONGEST_LINE = 160;
    private static final Pattern TAG = Pattern.compile("<[a-z:]+\\b(?:\"[^\"]*\"|[^<>\"])*>");
    private static final Pattern FIELD = Pattern.compile("fields\\.(?:of|nth)\\(filled, '([a-z-]+)', '([A-Za-z.]+)'");

    private static Map<Path, String> templates() throws IOException {
        try (Stream<Path> files = Files.walk(TEMPLATES)) {
            return files.filter(file -> file.toString().endsWith(".html"))
                    .collect(Collectors.toMap(TEMPLATES::relativize, TemplatesTest::text));
        }
    }

    private static String text(Path file) {
        try {
            return Files.readString(file);
        } catch (IOException e) {
            throw new java.io.UncheckedIOException(e);
        }
    }

    @Test
    void linesCanBeRead() throws IOException {
        List<String> tooLong = new ArrayList<>();
        templates().forEach((file, text) -> {
            List<String> lines = text.lines().toList();
            for (int i = 0; i < lines.size(); i++) {
                if (lines.get(i).length() > LONGEST_LINE) {
                    tooLong.add(file + ":" + (i + 1));
                }
            }
        });
        assertThat(tooLong).isEmpty();
    }

    /** Of one tag the fragment is put in before its condition is asked, which is then never asked. */
    @Test
    void noFragmentIsPutInUnderAConditionOfItsOwnTag() throws IOException {
        List<String> ignored = new ArrayList<>();
        templates().forEach((file, text) -> {
            Matcher tag = TAG.matcher(text);
            while (tag.find()) {
                boolean inserts =
                        tag.group().contains("th:replace=") || tag.group().contains("th:insert=");
                if (inserts && tag.group().matches("(?s).*th:(if|unless|each)=.*")) {
                    ignored.add(file + ": " + tag.group());
                }
            }
        });
        assertThat(ignored).isEmpty();
    }

    @Test
    void everyFieldOfAnEntryIsOneOfItsRecord() throws IOException {
        List<String> unknown = new ArrayList<>();
        List<String> known = new ArrayList<>();
        templates().forEach((file, text) -> {
            Matcher field = FIELD.matcher(text);
            while (field.find()) {
                String path = field.group(2);
                OrderOfWork.CHAPTERS
                        .kind(field.group(1))
                        .ifPresent(kind -> (Questions.of(kind.type(), path).isPresent() ? known : unknown)
                                .add(file + ": " + kind.id() + "." + path));
            }
        });
        assertThat(unknown).isEmpty();
        assertThat(known).hasSizeGreaterThan(100);
    }
}
