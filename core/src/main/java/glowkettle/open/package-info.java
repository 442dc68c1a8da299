/**
 * From a closed device to a disconnected pack and back. Start at {@link glowkettle.open.Teardown} for the order of work,
 * {@link glowkettle.open.WayBack} for the way back and {@link glowkettle.open.Tray} for the fasteners.
 */
@org.jspecify.annotations.NullMarked
package glowkettle.open;
