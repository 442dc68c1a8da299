package glowkettle.app.desk;

import glowkettle.job.JobFile;
import glowkettle.job.NextThing;
import glowkettle.job.Stage;
import glowkettle.job.free.FreeChapter;
import java.util.List;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/** The stages of a job beside its page, each with how far the job has come there. */
final class Rail {
    private Rail() {}

    /**
     * One stage.
     *
     * @param state passed, here, blocked or ahead
     * @param stands the class of its row: passed, here, or none while it is ahead
     * @param key the number that goes there
     * @param current "page" on the page of this stage
     */
    public record Stop(
            String href,
            String words,
            String state,
            @Nullable String stands,
            int key,
            @Nullable String current) {}

    /** @param shown the stage whose page is drawn, or null on a page of no stage */
    static List<Stop> of(JobFile job, NextThing next, @Nullable Stage shown) {
        List<Stage> stages = stages(job);
        return IntStream.range(0, stages.size())
                .mapToObj(at -> stop(job, next, stages.get(at), at + 1, shown))
                .toList();
    }

    /** Where nothing is glued or soldered, nothing is freed. */
    private static List<Stage> stages(JobFile job) {
        boolean freed = !job.model().bonds().isEmpty() || job.model().leads() != null;
        return job.chapters().stages().stream()
                .filter(stage -> freed || !stage.equals(FreeChapter.STAGE))
                .toList();
    }

    private static Stop stop(JobFile job, NextThing next, Stage stage, int key, @Nullable Stage shown) {
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
