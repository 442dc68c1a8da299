/**
 * Heat through a stack of layers: when a bond can be worked, and how long the cell bears it. Start at
 * {@link glowkettle.heat.HeatWindow}; {@link glowkettle.heat.SettingSearch} looks for a setting that leaves a window, and
 * {@link glowkettle.heat.Refit} corrects a curve by readings.
 */
@org.jspecify.annotations.NullMarked
package glowkettle.heat;
