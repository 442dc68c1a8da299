/** Assess: readings, the tier they give, health before, and the isolation sheet. */
@org.jspecify.annotations.NullMarked
package glowkettle.app.assess;
