/** Where isolated and removed packs go. Start at {@link glowkettle.isolation.ContainerChoice}. */
@org.jspecify.annotations.NullMarked
package glowkettle.isolation;
