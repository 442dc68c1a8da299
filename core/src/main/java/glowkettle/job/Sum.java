package glowkettle.job;

/** Names a sum that is made once for a job as it stands. */
public final class Sum<T> {}
