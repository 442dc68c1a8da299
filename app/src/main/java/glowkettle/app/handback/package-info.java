/** Hand back: owner's sheet, disposal, sign-off. */
@org.jspecify.annotations.NullMarked
package glowkettle.app.handback;
