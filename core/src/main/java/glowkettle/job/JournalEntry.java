package glowkettle.job;

/** What concerns other entries, at whichever stage. */
public sealed interface JournalEntry extends Entry permits TakenBack {}
