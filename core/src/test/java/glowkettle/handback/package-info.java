@org.jspecify.annotations.NullMarked
package glowkettle.handback;
