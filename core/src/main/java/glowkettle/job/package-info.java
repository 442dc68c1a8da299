/**
 * The journal of a job: {@link glowkettle.job.Entry} is what can happen, {@link glowkettle.job.JobState} the fold
 * of what did, {@link glowkettle.job.JobFile} what the rules make of it, and {@link glowkettle.job.Admission} says
 * whether the next entry may be written.
 */
@org.jspecify.annotations.NullMarked
package glowkettle.job;
