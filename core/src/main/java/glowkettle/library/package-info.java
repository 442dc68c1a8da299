/** What the shop knows of a device model: its teardown graph, faces, fasteners and pack. Start at {@link glowkettle.library.DeviceModel}. */
@org.jspecify.annotations.NullMarked
package glowkettle.library;
