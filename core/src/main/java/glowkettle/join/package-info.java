/**
 * Which lead is which, and how it is joined: splices, wires, strips, welds, and a controller that moves to a new cell. Start
 * at {@link glowkettle.join.LeadFinder}.
 */
@NullMarked
package glowkettle.join;

import org.jspecify.annotations.NullMarked;
