package glowkettle.app.desk;

import glowkettle.job.JobFile;
import glowkettle.job.NextThing;
import glowkettle.job.Stage;
import java.util.List;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/** The stages of a job beside its page, each with how far the job has come there. */
final class Rail {
    private static final int DIGITS = 10;

    private Rail() {}

    /**
     * One stage.
     *
     * @param state passed, here, blocked or ahead
     * @param stands the class of its row: passed, here, or none while it is ahead
     * @param key the digit that goes there, 0 for the tenth; null beyond
     * @param current "page" on the page of this stage
     */
    public record Stop(
            String href,
            String words,
            String state,
            @Nullable String stands,
            @Nullable Integer key,
            @Nullable String current) {}

    /** @param shown the stage whose page is drawn, or null on a page of no stage */
    static List<Stop> of(JobFile job, NextThing next, @Nullable Stage shown) {
        List<Stage> stages = job.chapters().stagesOf(job);
        return IntStream.range(0, stages.size())
                .mapToObj(at -> stop(job, next, stages.get(at), key(at), shown))
                .toList();
    }

    private static @Nullable Integer key(int at) {
        return at < DIGITS ? (at + 1) % DIGITS : null;
    }

    private static Stop stop(JobFile job, NextThing next, Stage stage, @Nullable Integer key, @Nullable Stage shown) {
        boolean passed = job.closed() || job.chapters().comesBefore(stage, next.stage());
        boolean here = !passed && stage.equals(next.stage());
        return new Stop(
                "/jobs/" + job.number() + '/' + stage.path(),
                stage.words(),
                passed ? "passed" : !here ? "ahead" : next.blocked() ? "blocked" : "here",
                passed ? "passed" : here ? "here" : null,
                key,
                stage.equals(shown) ? "page" : null);
    }
}
