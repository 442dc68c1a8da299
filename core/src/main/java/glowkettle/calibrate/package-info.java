/**
 * Calibration by the clock: how long each phase takes ({@link glowkettle.calibrate.PhaseTimes}), when it runs
 * ({@link glowkettle.calibrate.ClockPlan}) and whether it was kept ({@link glowkettle.calibrate.SoakVerdict}).
 */
@org.jspecify.annotations.NullMarked
package glowkettle.calibrate;
