package glowkettle.job;

/**
 * A stage of a job. Each chapter names its own.
 *
 * @param words as it is read
 * @param path in addresses and lists
 */
public record Stage(String words, String path) {}
