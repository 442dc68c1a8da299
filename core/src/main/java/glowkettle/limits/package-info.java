/**
 * The numbers the rules work with. {@link glowkettle.limits.ShopLimits} is one version of them; rules take it as an
 * argument and hold no number of their own. Defaults and ranges: {@code shop-limits.csv}; tables beside it.
 */
@org.jspecify.annotations.NullMarked
package glowkettle.limits;
