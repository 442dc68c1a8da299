/** What open pages are told without asking. */
@org.jspecify.annotations.NullMarked
package glowkettle.app.live;
