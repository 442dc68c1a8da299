/** The ferry line's people and jobs. Start at {@link glowkettle.demo.DemoJobs}. */
@org.jspecify.annotations.NullMarked
package glowkettle.demo;
