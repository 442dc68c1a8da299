package glowkettle.app.form;

import glowkettle.app.binding.Fault;
import glowkettle.app.journal.Appended;
import glowkettle.job.JobFile;
import glowkettle.job.Recorded;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;

/** What became of a form whose fields could all be read. */
public sealed interface Taken {
    /** It was stored, or done; the browser goes on to another page. */
    record On(String to) implements Taken {}

    /** Nothing is stored, for these reasons. */
    record Refused(List<Fault> faults) implements Taken {}

    /** Nothing is stored, since somebody changed the same meanwhile: what came between is shown. */
    record Stale(List<Fault> faults, List<Recorded> between) implements Taken {}

    /**
     * What became of a form that was to be written into a journal.
     *
     * @param to where the browser goes on, once it is written
     */
    static Taken of(Appended appended, Function<JobFile, String> to) {
        return switch (appended) {
            case Appended.Written written -> new On(to.apply(written.job()));
            case Appended.Refused refused ->
                refused(refused.refusal().field(), refused.refusal().reason());
            case Appended.Conflict conflict -> new Stale(List.of(), conflict.between());
        };
    }

    static Taken refused(String field, String reason) {
        return new Refused(List.of(new Fault(field, reason)));
    }

    /** Goes on when there is no fault. */
    static Taken unless(Optional<Fault> fault, String to) {
        return fault.<Taken>map(one -> new Refused(List.of(one))).orElseGet(() -> new On(to));
    }
}
