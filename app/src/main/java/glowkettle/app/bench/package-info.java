/** The bench: what every job needs next, and every running clock. */
@org.jspecify.annotations.NullMarked
package glowkettle.app.bench;
