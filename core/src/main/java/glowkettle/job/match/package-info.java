/** A pack that is built of cells: what it was, which cells there are, which go together, and what hands do one after the other. */
@NullMarked
package glowkettle.job.match;

import org.jspecify.annotations.NullMarked;
