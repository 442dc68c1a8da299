package glowkettle.job;

import java.util.function.Function;

/**
 * A kind of entry with everything that is decided of it.
 *
 * @param id what it is stored under, and what forms are sent to. Text of its own: it stays when a class is named anew, so that
 *     whatever was ever written is read
 * @param spark of an entry of this kind, by what it says
 * @param firmness of an entry of this kind, by what it says
 */
public record Kind<E extends Entry>(
        String id, Class<E> type, Traits traits, Function<E, Spark> spark, Function<E, Firmness> firmness) {
    /** A kind whose spark and firmness do not depend on what an entry says. */
    public static <E extends Entry> Kind<E> of(
            String id, Class<E> type, Traits traits, Spark spark, Firmness firmness) {
        return new Kind<>(id, type, traits, entry -> spark, entry -> firmness);
    }

    public Spark sparkOf(Entry entry) {
        return spark.apply(type.cast(entry));
    }

    Firmness firmnessOf(Entry entry) {
        return firmness.apply(type.cast(entry));
    }
}
