/** The shop: its hours, its people, its demo data. */
@org.jspecify.annotations.NullMarked
package glowkettle.app.shop;
