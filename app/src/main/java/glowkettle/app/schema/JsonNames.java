package glowkettle.app.schema;

import glowkettle.app.binding.Part;
import java.time.Duration;
import java.util.Arrays;
import java.util.Locale;

/** How records are named in JSON: a duration says that it is minutes, one of several sealed outcomes says which. */
public final class JsonNames {
    private JsonNames() {}

    public static String of(Part part) {
        return part.component().getType() == Duration.class ? part.name() + "Minutes" : part.name();
    }

    public static boolean isOutcome(Class<?> type) {
        return Arrays.stream(type.getInterfaces()).anyMatch(Class::isSealed);
    }

    public static String outcome(Class<?> type) {
        return type.getSimpleName().replaceAll("(?<=[a-z])(?=[A-Z])", "-").toLowerCase(Locale.ROOT);
    }
}
