/** The device models the shop knows, one JSON file each. */
@org.jspecify.annotations.NullMarked
package glowkettle.app.library;
