package glowkettle.app.binding;

import java.util.List;
import org.jspecify.annotations.Nullable;

/** A record read from outside, or every fault that kept it from being one. */
public record Bound<R>(@Nullable R value, List<Fault> faults) {
    public Bound {
        faults = List.copyOf(faults);
    }

    public boolean isGood() {
        return faults.isEmpty();
    }

    public R get() {
        if (value == null) {
            throw new IllegalStateException("Not bound: " + faults);
        }
        return value;
    }
}
