/** The device at the counter: what its owner says of it. */
@org.jspecify.annotations.NullMarked
package glowkettle.arrive;
