/**
 * A field of a form is spelled once, on the record it is read into: from its component come label, unit, range, the choices
 * it has and the way it is typed. Forms of jobs, of the house and of sums are drawn from the same
 * {@link glowkettle.app.field.Field}.
 */
@org.jspecify.annotations.NullMarked
package glowkettle.app.field;
