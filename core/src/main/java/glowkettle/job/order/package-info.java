/** The stages in the order of work. */
@NullMarked
package glowkettle.job.order;

import org.jspecify.annotations.NullMarked;
