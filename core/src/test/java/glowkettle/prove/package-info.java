@org.jspecify.annotations.NullMarked
package glowkettle.prove;
