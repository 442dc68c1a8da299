/** What every page shares: the frame around it, errors, figures in templates, and the forms that write in a journal. */
@org.jspecify.annotations.NullMarked
package glowkettle.app.desk;
