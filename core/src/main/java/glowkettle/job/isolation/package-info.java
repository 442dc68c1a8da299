/** The old pack in its container: what a job knows and allows of it. */
@NullMarked
package glowkettle.job.isolation;

import org.jspecify.annotations.NullMarked;
