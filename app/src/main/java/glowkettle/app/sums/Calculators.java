package glowkettle.app.sums;

import java.util.List;

/** The calculators of one stage. */
public interface Calculators {
    List<Calculator<?, ?>> calculators();
}
