/** Calibrate: the soak cycle by the clock. */
@org.jspecify.annotations.NullMarked
package glowkettle.app.calibrate;
