@org.jspecify.annotations.NullMarked
package glowkettle.fit;
