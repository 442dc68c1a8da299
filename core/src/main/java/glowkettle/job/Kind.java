package glowkettle.job;

import glowkettle.job.Admission.Author;
import glowkettle.job.Admission.Refusal;
import glowkettle.library.DeviceModel;
import glowkettle.limits.ShopLimits;
import java.time.Instant;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.function.Function;

/**
 * A kind of entry with everything that is decided of it: a row of its chapter's table. Nothing is decided by being left out:
 * a row is no kind before it is said what an entry reads like, what it tells of a pack, and when it is refused.
 *
 * @param id what it is stored under, and what forms are sent to. Text of its own: it stays when a class is named anew, so that
 *     whatever was ever written is read
 * @param spark of an entry of this kind, by what it says
 * @param firmness of an entry of this kind, by what it says
 * @param words an entry as people read it
 * @param tells what an entry tells of a pack of the job
 * @param admission why an entry may not be written now, after what holds for every entry
 */
public record Kind<E extends Entry>(
        String id,
        Class<E> type,
        Traits traits,
        Function<E, Spark> spark,
        Function<E, Firmness> firmness,
        Words<E> words,
        Tells<E> tells,
        Admits<E> admission) {
    /** An entry as people read it, beside the job it stands in. */
    @FunctionalInterface
    public interface Words<E> {
        String of(E entry, JobFile job);
    }

    /** What an entry tells of a pack of the job; empty where it tells nothing. */
    @FunctionalInterface
    public interface Tells<E> {
        Optional<Told> of(E entry, DeviceModel model, ShopLimits limits);
    }

    /** Why an entry may not be written now; empty where it may. */
    @FunctionalInterface
    public interface Admits<E> {
        Optional<Refusal> of(JobFile job, E entry, Author author, Instant now);
    }

    /** A kind whose spark and firmness do not depend on what an entry says. */
    public static <E extends Entry> Named<E> of(
            String id, Class<E> type, Traits traits, Spark spark, Firmness firmness) {
        return by(id, type, traits, entry -> spark, entry -> firmness);
    }

    /** A kind whose spark or firmness follows from what an entry says. */
    public static <E extends Entry> Named<E> by(
            String id, Class<E> type, Traits traits, Function<E, Spark> spark, Function<E, Firmness> firmness) {
        return new Named<>(id, type, traits, spark, firmness);
    }

    /** A row of which is still to be said what its entries read like. */
    public record Named<E extends Entry>(
            String id, Class<E> type, Traits traits, Function<E, Spark> spark, Function<E, Firmness> firmness) {
        public Worded<E> says(String words) {
            return says((entry, job) -> words);
        }

        public Worded<E> says(Function<E, String> words) {
            return says((entry, job) -> words.apply(entry));
        }

        public Worded<E> says(Words<E> words) {
            return new Worded<>(this, words);
        }
    }

    /** A row of which is still to be said what its entries tell of a pack. */
    public record Worded<E extends Entry>(Named<E> row, Words<E> words) {
        public Telling<E> tellsNothing() {
            return tells((entry, model, limits) -> Optional.empty());
        }

        public Telling<E> tells(Function<E, Told> told) {
            return tells((entry, model, limits) -> Optional.of(told.apply(entry)));
        }

        public Telling<E> tells(Tells<E> tells) {
            return new Telling<>(this, tells);
        }
    }

    /** A row of which is still to be said when its entries are refused. */
    public record Telling<E extends Entry>(Worded<E> row, Tells<E> tells) {
        /** Nothing is asked of it beside what is asked of every entry. */
        public Kind<E> admitsAny() {
            return admits((job, entry, author, now) -> Optional.empty());
        }

        public Kind<E> admits(BiFunction<JobFile, E, Optional<Refusal>> admission) {
            return admits((job, entry, author, now) -> admission.apply(job, entry));
        }

        public Kind<E> admits(Admits<E> admission) {
            Named<E> named = row.row();
            return new Kind<>(
                    named.id(),
                    named.type(),
                    named.traits(),
                    named.spark(),
                    named.firmness(),
                    row.words(),
                    tells,
                    admission);
        }
    }

    public Spark sparkOf(Entry entry) {
        return spark.apply(type.cast(entry));
    }

    Firmness firmnessOf(Entry entry) {
        return firmness.apply(type.cast(entry));
    }

    String wordsOf(Entry entry, JobFile job) {
        return words.of(type.cast(entry), job);
    }

    Optional<Told> toldBy(Entry entry, DeviceModel model, ShopLimits limits) {
        return tells.of(type.cast(entry), model, limits);
    }

    Optional<Refusal> refusalOf(JobFile job, Entry entry, Author author, Instant now) {
        return admission.of(job, type.cast(entry), author, now);
    }
}
