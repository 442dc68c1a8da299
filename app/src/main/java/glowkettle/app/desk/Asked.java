package glowkettle.app.desk;

import java.util.function.Supplier;
import org.thymeleaf.context.LazyContextVariable;

/** A template that draws it asks for it; an answer that only says where to go does not. */
final class Asked<T> extends LazyContextVariable<T> {
    private final Supplier<T> value;

    private Asked(Supplier<T> value) {
        this.value = value;
    }

    static <T> Asked<T> of(Supplier<T> value) {
        return new Asked<>(value);
    }

    @Override
    protected T loadValue() {
        return value.get();
    }
}
