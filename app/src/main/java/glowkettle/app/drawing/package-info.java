/**
 * One family of drawings: the same axes, pens and letters for whatever is plotted over time, each with its table. A stage
 * says what is drawn, in the units of its sums; {@link glowkettle.app.drawing.Plot} is what the template draws.
 */
@org.jspecify.annotations.NullMarked
package glowkettle.app.drawing;
