@org.jspecify.annotations.NullMarked
package glowkettle.job;
