/** The ferry line's equipment room: a shop with people, containers and some thirty jobs, written through the journal. */
@org.jspecify.annotations.NullMarked
package glowkettle.app.demo;
