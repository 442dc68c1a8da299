/** Jobs played up to a point, for tests that begin in the middle. */
@org.jspecify.annotations.NullMarked
package glowkettle.app.demo;
