package glowkettle.app.free;

import glowkettle.free.Solvent;
import glowkettle.library.Bond;
import glowkettle.limits.ShopLimits;
import java.util.Arrays;
import java.util.List;

/** What a bond takes of each solvent, and how long it dries once it is lifted. */
public record Dose(Solvent.Kind kind, Solvent solvent) {
    static List<Dose> of(Bond bond, ShopLimits limits) {
        return Arrays.stream(Solvent.Kind.values())
                .map(kind -> new Dose(
                        kind,
                        Solvent.of(
                                        new Solvent.Use(
                                                kind,
                                                Solvent.Lies.UNDER_A_PART,
                                                bond.area().areaMm2(),
                                                bond.area().exposedMm2()),
                                        limits)
                                .result()))
                .toList();
    }
}
