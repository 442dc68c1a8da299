/** The shop limits in their versions. Start at {@link glowkettle.app.limits.LimitsBook}. */
@org.jspecify.annotations.NullMarked
package glowkettle.app.limits;
