/** Is it the right pack, and is its label honest? Start at {@link glowkettle.fit.PackComparison}. */
@org.jspecify.annotations.NullMarked
package glowkettle.fit;
