/** Makes the pictures of the documentation from a running demo. */
@org.jspecify.annotations.NullMarked
package glowkettle.app.shots;
