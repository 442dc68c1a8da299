@org.jspecify.annotations.NullMarked
package glowkettle.limits;
