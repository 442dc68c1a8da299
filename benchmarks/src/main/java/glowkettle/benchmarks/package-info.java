/** How fast the planner and the pages are, each as a ratio to something measured in the same run. */
@org.jspecify.annotations.NullMarked
package glowkettle.benchmarks;
