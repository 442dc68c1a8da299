package glowkettle.finding;

import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;

/**
 * A part that has a name only in code: forms, bodies and files spell its components in its place, as if the record around it
 * had them itself.
 */
@Target(ElementType.RECORD_COMPONENT)
@Retention(RetentionPolicy.RUNTIME)
public @interface Flat {
    /** Stands before every name of the part: {@code bay} makes {@code bayThicknessMm}. */
    String prefix() default "";

    /** Stands before all its words: "Bay" makes "Bay thickness". */
    String words() default "";
}
