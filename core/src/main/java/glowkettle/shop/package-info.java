/** The shop itself: when somebody is there. Start at {@link glowkettle.shop.OpeningHours}. */
@org.jspecify.annotations.NullMarked
package glowkettle.shop;
