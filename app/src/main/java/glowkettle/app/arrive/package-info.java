/** Arrive: the counter form, and what it said afterwards. */
@org.jspecify.annotations.NullMarked
package glowkettle.app.arrive;
