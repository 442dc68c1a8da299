@org.jspecify.annotations.NullMarked
package glowkettle.shop;
