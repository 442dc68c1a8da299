/** What belongs to the request that is being answered. */
@org.jspecify.annotations.NullMarked
package glowkettle.app.request;
