package glowkettle.job;

/**
 * Where a job stands and the one thing to do next.
 *
 * @param blocked true when only somebody else or something else can move it on
 */
public record NextThing(Stage stage, String what, boolean blocked) {
    /** Something that whoever stands there can do. */
    public static NextThing of(Stage stage, String what) {
        return new NextThing(stage, what, false);
    }

    static NextThing of(JobFile job) {
        return job.closed()
                ? of(job.chapters().stages().getLast(), "Signed and closed")
                : job.chapters()
                        .next(job)
                        .orElseThrow(() -> new IllegalStateException("Nothing is next in job " + job.number()));
    }
}
