/** What a job knows and allows of its photos. */
@NullMarked
package glowkettle.job.photo;

import org.jspecify.annotations.NullMarked;
