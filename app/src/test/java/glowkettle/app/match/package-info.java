@org.jspecify.annotations.NullMarked
package glowkettle.app.match;
