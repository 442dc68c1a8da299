/**
 * Bench instruments, spoken to in SCPI text over a TCP socket, so that a real one can stand in the place of a simulated
 * one. Start at {@link glowkettle.instruments.Instrument}.
 */
@org.jspecify.annotations.NullMarked
package glowkettle.instruments;
