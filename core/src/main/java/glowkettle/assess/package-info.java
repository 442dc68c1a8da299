/**
 * How worn the pack is, and whether it may be worked on. Start at {@link glowkettle.assess.HazardTier} for the tier and
 * at {@link glowkettle.assess.Health} for wear.
 */
@org.jspecify.annotations.NullMarked
package glowkettle.assess;
