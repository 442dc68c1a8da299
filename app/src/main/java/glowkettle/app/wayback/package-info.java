/** The way back: steps mirrored and corrected, fasteners returned. */
@org.jspecify.annotations.NullMarked
package glowkettle.app.wayback;
