@org.jspecify.annotations.NullMarked
package glowkettle.assess;
