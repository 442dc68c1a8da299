package glowkettle.job.match;

import java.math.BigDecimal;
import org.jspecify.annotations.Nullable;

/** Says that welds were made: the welder's level is tested again after so many, wherever they went. */
public interface WeldsMade {
    /** How many; null where none were. */
    @Nullable
    BigDecimal welds();
}
