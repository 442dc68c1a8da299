/**
 * How every rule answers: a {@link glowkettle.finding.Result} with its {@link glowkettle.finding.Finding findings} and its
 * {@link glowkettle.finding.Working working}. {@link glowkettle.finding.Within} states what a rule accepts.
 */
@org.jspecify.annotations.NullMarked
package glowkettle.finding;
