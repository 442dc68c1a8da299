/** Open formats that leave the product: CSV, PDF, and codes for cameras. */
@org.jspecify.annotations.NullMarked
package glowkettle.app.format;
