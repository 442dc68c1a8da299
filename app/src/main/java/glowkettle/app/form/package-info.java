/**
 * Forms of the whole house. A field is spelled once, on the record it is read into: from its component come label, unit,
 * range, the choices it has and the way it is typed. What is sent comes back as one {@link glowkettle.app.form.FormPost}: it
 * is read, then written or drawn again filled in.
 */
@org.jspecify.annotations.NullMarked
package glowkettle.app.form;
