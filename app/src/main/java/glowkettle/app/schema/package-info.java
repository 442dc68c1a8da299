/** The shape of JSON that is read into records and written from them: names, ranges, JSON Schema. */
@org.jspecify.annotations.NullMarked
package glowkettle.app.schema;
