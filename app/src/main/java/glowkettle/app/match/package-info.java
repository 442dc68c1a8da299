/** Match: packs built of cells. */
@NullMarked
package glowkettle.app.match;

import org.jspecify.annotations.NullMarked;
