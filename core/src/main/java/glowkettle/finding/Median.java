package glowkettle.finding;

import java.math.BigDecimal;
import java.math.MathContext;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/** The middle of several figures. */
public final class Median {
    private Median() {}

    /** Of an even count, the mean of both in the middle; null of none. */
    public static @Nullable BigDecimal of(List<@Nullable BigDecimal> figures) {
        List<BigDecimal> sorted =
                figures.stream().map(Objects::requireNonNull).sorted().toList();
        int count = sorted.size();
        if (count == 0) {
            return null;
        }
        return count % 2 == 1
                ? sorted.get(count / 2)
                : sorted.get(count / 2 - 1).add(sorted.get(count / 2)).divide(BigDecimal.TWO, MathContext.DECIMAL64);
    }
}
