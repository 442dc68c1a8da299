package glowkettle.app.form;

import glowkettle.app.binding.Fault;
import glowkettle.job.Recorded;
import java.util.List;
import java.util.Optional;

/** What became of a form whose fields could all be read. */
public sealed interface Taken {
    /** It was stored, or done; the browser goes on to another page. */
    record On(String to) implements Taken {}

    /** Nothing is stored, for these reasons. */
    record Refused(List<Fault> faults) implements Taken {}

    /** Nothing is stored, since somebody changed the same meanwhile: what came between is shown. */
    record Stale(List<Fault> faults, List<Recorded> between) implements Taken {}

    static Taken refused(String field, String reason) {
        return new Refused(List.of(new Fault(field, reason)));
    }

    /** Goes on when there is no fault. */
    static Taken unless(Optional<Fault> fault, String to) {
        return fault.<Taken>map(one -> new Refused(List.of(one))).orElseGet(() -> new On(to));
    }
}
