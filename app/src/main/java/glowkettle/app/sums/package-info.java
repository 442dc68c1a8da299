/**
 * Every calculator, by JSON and on a page of its own: a stage brings {@link glowkettle.app.sums.Calculators}, and each of
 * them answers at {@code /api/<stage>/<calculator>}, is described at {@code /api/openapi.json}, and stands at
 * {@code /sums/<stage>/<calculator>}, made from its record.
 */
@org.jspecify.annotations.NullMarked
package glowkettle.app.sums;
