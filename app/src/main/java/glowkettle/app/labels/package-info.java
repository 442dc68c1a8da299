/** Labels for small label printers: the ticket of a job, and the label of its old pack. */
@org.jspecify.annotations.NullMarked
package glowkettle.app.labels;
