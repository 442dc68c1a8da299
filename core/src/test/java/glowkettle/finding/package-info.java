@org.jspecify.annotations.NullMarked
package glowkettle.finding;
