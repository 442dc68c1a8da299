/** The cell as the rules see it: chemistry, rested open-circuit curve, and how long it charges and runs. */
@org.jspecify.annotations.NullMarked
package glowkettle.cell;
