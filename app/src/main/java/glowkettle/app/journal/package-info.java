/** Writes and reads journals. Start at {@link glowkettle.app.journal.JournalBook}. */
@org.jspecify.annotations.NullMarked
package glowkettle.app.journal;
