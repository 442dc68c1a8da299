/**
 * Takes figures in from outside. One {@link glowkettle.app.binding.Binder} reads forms and JSON into the core's records by
 * their own ranges, gathers every fault, and names the field with what it would accept.
 */
@org.jspecify.annotations.NullMarked
package glowkettle.app.binding;
