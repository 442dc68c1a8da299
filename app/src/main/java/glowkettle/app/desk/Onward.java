package glowkettle.app.desk;

import glowkettle.app.form.Taken;
import glowkettle.app.journal.Appended;
import glowkettle.job.JobFile;
import java.util.List;
import java.util.function.Function;

/** Where a browser goes on from a form that was to be written into a journal. */
public final class Onward {
    private Onward() {}

    /** @param to the page it goes on to, once it is written */
    public static Taken of(Appended appended, Function<JobFile, String> to) {
        return switch (appended) {
            case Appended.Written written -> new Taken.On(to.apply(written.job()));
            case Appended.Refused refused ->
                Taken.refused(refused.refusal().field(), refused.refusal().reason());
            case Appended.Conflict conflict -> new Taken.Stale(List.of(), conflict.between());
        };
    }
}
