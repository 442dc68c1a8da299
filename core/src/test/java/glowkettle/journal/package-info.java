@org.jspecify.annotations.NullMarked
package glowkettle.journal;
