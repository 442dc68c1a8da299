/** Frees the pack: heat, adhesive, solvent and leads on one page. */
@org.jspecify.annotations.NullMarked
package glowkettle.app.free;
