/** What a lead sets: the shop limits, the shop itself, its containers and its people. */
@org.jspecify.annotations.NullMarked
package glowkettle.app.settings;
