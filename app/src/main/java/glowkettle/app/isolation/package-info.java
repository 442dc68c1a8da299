/** The isolation store: containers and what they hold. */
@org.jspecify.annotations.NullMarked
package glowkettle.app.isolation;
