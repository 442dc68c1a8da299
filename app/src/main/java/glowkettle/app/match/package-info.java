/** Match: packs built of cells. */
@org.jspecify.annotations.NullMarked
package glowkettle.app.match;
