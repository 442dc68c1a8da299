/** Function checks from what was disturbed. Start at {@link glowkettle.prove.CheckList}. */
@org.jspecify.annotations.NullMarked
package glowkettle.prove;
