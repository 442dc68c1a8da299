package glowkettle.finding;

import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;

/** What an input means, in the words shown beside its entry field and in the API's description. */
@Target(ElementType.RECORD_COMPONENT)
@Retention(RetentionPolicy.RUNTIME)
public @interface Says {
    String value();

    /** Longest text accepted, in characters; for text only. */
    int longest() default 200;

    /** It lies ahead, as a promise does, so that a weekday is the next one; for moments only. */
    boolean ahead() default false;
}
