package glowkettle.assess;

import glowkettle.assess.HazardReadings.Look;
import glowkettle.assess.HazardReadings.Wet;
import glowkettle.finding.Figures;
import glowkettle.finding.RuleId;
import glowkettle.limits.Limit;
import java.math.BigDecimal;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** The rows of look, smell, swelling and damage. */
final class BodyRows {
    private static final RuleId PILLOW = RuleId.unmeasured("pillow");
    private static final RuleId PUSHED_OUT = RuleId.unmeasured("pushed-out");

    private final HazardReadings readings;
    private final FiredRows row;
    private final Optional<Swelling> swelling;
    private final @Nullable BigDecimal bulgeMm;
    private final boolean thicknessMeasured;

    BodyRows(HazardReadings readings, FiredRows row) {
        this.readings = readings;
        this.row = row;
        swelling = Swelling.of(readings.thickness());
        bulgeMm = Swelling.bulgeMm(readings.seam(), row.limits());
        thicknessMeasured = swelling.filter(swell -> !swell.lowerBound()).isPresent();
    }

    /** A lower bound counts as a thickness only once it raises the tier by itself. */
    boolean thicknessCounts() {
        return thicknessMeasured || swells(Limit.SWELL_GUARDED_PERCENT);
    }

    boolean anySwelling() {
        return swelling.filter(swell -> swell.reaches(row.limits().of(Limit.SWELL_ANY_PERCENT)))
                        .filter(swell -> !swell.isWithin(readings.thickness().caliperDigitMm()))
                        .isPresent()
                || row.reaches(Limit.BULGE_ANY_MM, bulgeMm)
                || Boolean.TRUE.equals(readings.seam().rocks());
    }

    void judge(boolean warm) {
        Look look = readings.look();
        row.seen(
                look.flameSmokeHissJet(),
                Tier.EVACUATE,
                "flame-smoke",
                "Flame, smoke, a hiss or a jet: hands off, everybody out.");
        swelling();
        row.seen(
                look.leakOrSolventSmell(),
                Tier.ISOLATE,
                "leak",
                "It leaks or smells of sweet solvent: electrolyte is out.");
        if (look.wet() != null) {
            row.seen(look.wet() == Wet.PACK, Tier.ISOLATE, "wet-pack", "The pack itself is wet.");
            row.seen(look.wet() == Wet.DEVICE, Tier.GUARDED, "wet-device", "The device got wet.", Condition.DRY_FIRST);
        }
        damage(look, warm);
        row.missing(!look.complete(), MissingReading.LOOK_AND_SMELL, "Look at the pack and the device, and smell.");
        row.missing(
                readings.point() != HazardReadings.Point.NEW && !readings.seam().taken(),
                readings.hand().isClosed(),
                MissingReading.SEAM,
                "Gauge the seam, or lay the device on a flat plate and try if it rocks.");
    }

    private void swelling() {
        swell(
                Limit.SWELL_ISOLATE_PERCENT,
                Tier.ISOLATE,
                "Stop: never press it flat, never puncture it, never charge it.");
        swell(
                Limit.SWELL_GUARDED_PERCENT,
                Tier.GUARDED,
                "Replace it soon; no heat, no prising with force.",
                Condition.NO_HEAT,
                Condition.NO_FORCE,
                Condition.NO_CHARGE,
                Condition.REPLACE_PACK);
        row.seen(
                Boolean.TRUE.equals(readings.look().visiblePillow()) && !thicknessMeasured,
                Tier.ISOLATE,
                PILLOW,
                "A pillow can be seen and its thickness has not been measured.");
        row.from(Limit.BULGE_ISOLATE_MM, bulgeMm, Tier.ISOLATE, "bulge", "The seam stands this far open.");
        row.from(
                Limit.BULGE_GUARDED_MM,
                bulgeMm,
                Tier.GUARDED,
                "bulge",
                "The seam stands open.",
                Condition.NO_HEAT,
                Condition.NO_FORCE,
                Condition.NO_CHARGE);
        boolean measured = bulgeMm != null || thicknessMeasured;
        row.seen(
                Boolean.TRUE.equals(readings.look().pushedOutOfPlace())
                        || readings.seam().pushedOutOfPlace(),
                measured ? Tier.GUARDED : Tier.ISOLATE,
                PUSHED_OUT,
                measured
                        ? "The pack has pushed something out of place."
                        : "The pack has pushed something out of place: stop and measure.",
                Condition.NO_HEAT,
                Condition.NO_FORCE);
    }

    private void swell(Limit limit, Tier tier, String advice, Condition... conditions) {
        swelling.filter(swell -> swell.reaches(row.limits().of(limit)))
                .ifPresent(swell -> row.against(
                        limit,
                        Figures.round(swell.percent().doubleValue(), 2),
                        tier,
                        "swelling",
                        (swell.lowerBound() ? "The pack is at least this swollen. " : "The pack is swollen. ") + advice,
                        conditions));
    }

    private void damage(Look look, boolean warm) {
        boolean fresh = look.damage().damageAgeHours() == null
                || look.damage().damageAgeHours().compareTo(row.limits().of(Limit.DAMAGE_FRESH_HOURS)) <= 0;
        boolean runaway = warm && fresh;
        row.seen(
                look.piercedTornCreased(),
                runaway ? Tier.EVACUATE : Tier.ISOLATE,
                "pierced",
                runaway
                        ? "Pierced, torn or creased, warm, and the damage is fresh or of unknown age."
                        : "Pierced, torn, or creased with layers showing.");
        boolean bent = row.reaches(Limit.STRAIN_BENT_PERCENT, look.damage().faceStrainPercent());
        boolean dented = Boolean.TRUE.equals(look.dentedBentDropped());
        boolean serious = anySwelling() || warm;
        row.seen(
                dented || bent,
                serious ? Tier.ISOLATE : Tier.GUARDED,
                bent ? "bent" : "dented",
                serious
                        ? "Dented, bent, dropped or crushed, and swollen or warm."
                        : "Dented, bent, dropped or crushed.",
                Condition.WATCH,
                Condition.NO_HEAT);
    }

    private boolean swells(Limit limit) {
        return swelling.filter(swell -> swell.reaches(row.limits().of(limit))).isPresent();
    }
}
