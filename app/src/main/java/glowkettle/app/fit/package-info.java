/** Fit: the new pack held against the bay, line by line. */
@org.jspecify.annotations.NullMarked
package glowkettle.app.fit;
