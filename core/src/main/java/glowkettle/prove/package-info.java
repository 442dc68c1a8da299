/**
 * Function checks from what was disturbed, and what a log of a bench test tells. Start at {@link glowkettle.prove.CheckList} and
 * {@link glowkettle.prove.LogResults}.
 */
@org.jspecify.annotations.NullMarked
package glowkettle.prove;
