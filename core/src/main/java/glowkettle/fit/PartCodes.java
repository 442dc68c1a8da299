package glowkettle.fit;

import glowkettle.fit.PackComparison.Line;
import glowkettle.library.PackData;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * The same code on both labels is the strongest evidence that a pack fits: what else its label leaves open is asked only where it
 * can hurt. Another code is no refusal; the figures decide. Source: handbook, Fit, Part codes.
 */
record PartCodes(PackData device, PackLabel offered) {
    private boolean isSame() {
        String read = bare(offered.printed().partCode());
        return !read.isEmpty()
                && device.partCodes().stream().map(PartCodes::bare).anyMatch(read::equals);
    }

    /** Spaces, dashes and case differ from print to print and mean nothing. */
    private static String bare(@Nullable String code) {
        return code == null ? "" : code.toUpperCase(Locale.ROOT).replaceAll("[^\\p{L}\\p{N}]", "");
    }

    /** Empty where one of the two has no code. */
    Optional<Line> line() {
        String read = offered.printed().partCode();
        return read == null || device.partCodes().isEmpty()
                ? Optional.empty()
                : Optional.of(new Line(
                        "part code",
                        Verdict.FITS,
                        String.join(", ", device.partCodes()),
                        read,
                        isSame()
                                ? "The same code: the strongest evidence that it fits."
                                : "Another code is no fault by itself; the figures decide.",
                        List.of()));
    }

    /** What is open and cannot hurt is answered by the same code; a voltage never is. */
    List<Line> settle(List<Line> lines) {
        return isSame() ? lines.stream().map(PartCodes::settled).toList() : lines;
    }

    private static Line settled(Line line) {
        boolean open = line.verdict() == Verdict.ASK && !line.name().equals(PackComparison.VOLTAGE);
        return open
                ? new Line(
                        line.name(),
                        Verdict.FITS,
                        line.takes(),
                        line.offers(),
                        "By its part code; nobody has looked.",
                        line.sums())
                : line;
    }
}
