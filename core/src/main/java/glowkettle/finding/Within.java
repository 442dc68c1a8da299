package glowkettle.finding;

import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;

/**
 * The range a typed figure must lie in, ends included, with its unit. Read by whatever takes figures in from outside: it
 * refuses, names the field and quotes this range, and shows the same range beside the entry field and in the API's
 * description.
 */
@Target(ElementType.RECORD_COMPONENT)
@Retention(RetentionPolicy.RUNTIME)
public @interface Within {
    String min();

    String max();

    String unit() default "";

    /** A count: half of one cannot be true. */
    boolean whole() default false;
}
