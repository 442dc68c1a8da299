package glowkettle.app.calculator;

import glowkettle.finding.Result;
import glowkettle.limits.ShopLimits;
import java.lang.reflect.Type;
import java.util.function.BiFunction;

/**
 * A rule of the core as it is asked from outside.
 *
 * @param summary one line for the description
 * @param takes the record a body is read into
 * @param answers the type of the result, for the description
 */
public record Calculator<T extends Record>(
        String stage,
        String name,
        String summary,
        Class<T> takes,
        Type answers,
        BiFunction<T, ShopLimits, ? extends Result<?>> rule) {
    public String path() {
        return "/api/" + stage + "/" + name;
    }
}
