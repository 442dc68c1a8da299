/** What a job knows and allows at this stage: its entries, its rules and its chapter. */
@NullMarked
package glowkettle.job.join;

import org.jspecify.annotations.NullMarked;
