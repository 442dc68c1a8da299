/** How a stage keeps a list of the shop. Start at {@link glowkettle.app.lists.ListWriter}. */
@org.jspecify.annotations.NullMarked
package glowkettle.app.lists;
