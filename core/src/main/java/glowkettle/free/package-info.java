/**
 * Frees a disconnected pack from what holds it: {@link glowkettle.free.Ladder} ranks the ways for a bond,
 * {@link glowkettle.free.Bending} says what a bend did, {@link glowkettle.free.Solvent} doses and times the solvent,
 * {@link glowkettle.free.IgnitionLock} keeps sparks and heat away until it is dry, and
 * {@link glowkettle.free.LeadOrder} orders the conductors.
 */
@org.jspecify.annotations.NullMarked
package glowkettle.free;
