package glowkettle.job;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** What a job says to an entry, with the spaces between figures and units as they are typed. */
final class Refusals {
    private Refusals() {}

    static void refused(Optional<String> reason, String why) {
        assertThat(reason).hasValueSatisfying(words -> assertThat(typed(words)).contains(typed(why)));
    }

    static void refused(Bench bench, Entry entry, String why) {
        refused(bench.refusal(entry), why);
    }

    static void refused(Bench bench, Entry entry, Role by, String why) {
        refused(bench.refusal(entry, by), why);
    }

    static void taken(Bench bench, Entry entry) {
        assertThat(bench.refusal(entry)).isEmpty();
    }

    /** Refused for a reason, or taken where there is none. */
    static void held(Bench bench, Entry entry, @Nullable String why) {
        if (why == null) {
            taken(bench, entry);
        } else {
            refused(bench, entry, why);
        }
    }

    private static String typed(String words) {
        return words.replace('\u00a0', ' ');
    }
}
