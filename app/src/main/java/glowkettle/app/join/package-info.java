/** Join: leads, splices, wires, strips, welds, and a controller that moves to a new cell. */
@org.jspecify.annotations.NullMarked
package glowkettle.app.join;
