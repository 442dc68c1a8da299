/** Open: ribbon, current step, face map and tray. */
@org.jspecify.annotations.NullMarked
package glowkettle.app.open;
