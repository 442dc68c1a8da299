/** Sign-in and roles. Everything is closed unless listed in {@link glowkettle.app.security.SecurityConfiguration}. */
@org.jspecify.annotations.NullMarked
package glowkettle.app.security;
