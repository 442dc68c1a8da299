/** Journals: {@link glowkettle.app.journal.JournalBook} writes them, {@link glowkettle.app.journal.JobReader} reads them. */
@org.jspecify.annotations.NullMarked
package glowkettle.app.journal;
