package glowkettle.app.journal;

import glowkettle.app.form.Taken;
import glowkettle.job.Admission;
import glowkettle.job.JobFile;
import glowkettle.job.Recorded;
import java.util.List;
import java.util.function.Function;

/** How an attempt to write ended. */
public sealed interface Appended {
    /**
     * What becomes of the form it came from.
     *
     * @param to where the browser goes on, once it is written
     */
    default Taken taken(Function<JobFile, String> to) {
        return switch (this) {
            case Written written -> new Taken.On(to.apply(written.job()));
            case Refused refused ->
                Taken.refused(refused.refusal().field(), refused.refusal().reason());
            case Conflict conflict -> new Taken.Stale(List.of(), conflict.between());
        };
    }

    /**
     * Written; the job as it is with it.
     *
     * @param isNew written now, and not before by the same form: only then is anything done outside the journal
     */
    record Written(JobFile job, boolean isNew) implements Appended {}

    /** Somebody else wrote meanwhile; nothing is stored. */
    record Conflict(List<Recorded> between) implements Appended {}

    /** Not allowed now; nothing is stored. */
    record Refused(Admission.Refusal refusal) implements Appended {}
}
