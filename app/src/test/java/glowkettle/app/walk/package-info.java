/** Jobs taken from the counter to hand-back in a browser, on the real database. */
@org.jspecify.annotations.NullMarked
package glowkettle.app.walk;
