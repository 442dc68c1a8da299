package glowkettle.finding;

import java.util.List;

/** The sums behind a result, one line each, with the values put in. */
public record Working(List<String> lines) {
    public Working {
        lines = List.copyOf(lines);
    }

    public static Working of(String... lines) {
        return new Working(List.of(lines));
    }
}
