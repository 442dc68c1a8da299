@org.jspecify.annotations.NullMarked
package glowkettle.open;
