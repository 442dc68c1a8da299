@org.jspecify.annotations.NullMarked
package glowkettle.calibrate.shopplan;
