/**
 * Calculators by JSON: a stage brings {@link glowkettle.app.calculator.Calculators}, and every one of them answers at
 * {@code /api/<stage>/<calculator>} and is described at {@code /api/openapi.json}.
 */
@org.jspecify.annotations.NullMarked
package glowkettle.app.calculator;
