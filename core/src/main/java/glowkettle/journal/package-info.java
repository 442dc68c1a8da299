/**
 * The journal of a job: {@link glowkettle.journal.Entry} is what can happen, {@link glowkettle.journal.JobState} the fold
 * of what did, {@link glowkettle.journal.JobFile} what the rules make of it, and {@link glowkettle.journal.Admission} says
 * whether the next entry may be written.
 */
@org.jspecify.annotations.NullMarked
package glowkettle.journal;
