/** Starts the application. Each stage of a job has its package below; what all of them share lies in {@code web} and {@code journal}. */
@org.jspecify.annotations.NullMarked
package glowkettle.app;
