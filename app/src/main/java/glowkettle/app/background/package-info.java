/** Work that takes longer than a request. Contribute it as {@link glowkettle.app.background.LongWork}. */
@org.jspecify.annotations.NullMarked
package glowkettle.app.background;
