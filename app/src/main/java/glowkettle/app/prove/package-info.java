/** Prove: the checks and the gauge afterwards. */
@org.jspecify.annotations.NullMarked
package glowkettle.app.prove;
