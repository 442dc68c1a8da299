@org.jspecify.annotations.NullMarked
package glowkettle.isolation;
