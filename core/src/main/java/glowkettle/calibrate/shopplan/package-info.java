/**
 * The plan of the whole shop: when each step of each job begins, at which place and in whose hands. {@code ShopPlan} is asked;
 * {@code Shop} is its clock and people on the grid, {@code Insertion} places one job exactly beside what is placed, {@code Rounds}
 * improves many, {@code Orders} proves few, {@code PlanCheck} holds every answer against the rules by itself. Source: handbook,
 * Calibrate, "The plan of the whole shop, said exactly".
 */
@NullMarked
package glowkettle.calibrate.shopplan;

import org.jspecify.annotations.NullMarked;
