/** Packs built of cells: which cells are fit, which go together, and what may be put in parallel. */
@NullMarked
package glowkettle.match;

import org.jspecify.annotations.NullMarked;
