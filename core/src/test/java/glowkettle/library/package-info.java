@org.jspecify.annotations.NullMarked
package glowkettle.library;
