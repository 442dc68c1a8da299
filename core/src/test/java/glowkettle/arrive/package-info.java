@org.jspecify.annotations.NullMarked
package glowkettle.arrive;
