/** A general solver beside the product's own search. */
@org.jspecify.annotations.NullMarked
package glowkettle.benchmarks.solver;
