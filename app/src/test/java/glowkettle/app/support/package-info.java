/** The application running once for every test, with a clock that tests set, and a browser at its door. */
@org.jspecify.annotations.NullMarked
package glowkettle.app.support;
