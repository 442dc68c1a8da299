package glowkettle.app.journal;

/** No journal has this number. */
public final class UnknownJob extends RuntimeException {
    public UnknownJob(long number) {
        super("There is no job " + number);
    }
}
