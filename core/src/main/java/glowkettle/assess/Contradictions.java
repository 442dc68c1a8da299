package glowkettle.assess;

import glowkettle.assess.HazardReadings.Cell;
import glowkettle.assess.HazardReadings.Thickness;
import glowkettle.assess.HazardReadings.Voltage;
import glowkettle.assess.HazardReadings.Warmth;
import glowkettle.cell.Chemistry;
import glowkettle.finding.Figures;
import glowkettle.limits.Limit;
import glowkettle.limits.ShopLimits;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import org.jspecify.annotations.Nullable;

/**
 * Readings that cannot be true, alone or together. What is out of its bound is judged as the bound; of two that contradict
 * each other, each is judged as if it alone were true. Either way they are asked for again, by name. Source: handbook, How
 * every number is shown.
 */
final class Contradictions {
    private final ShopLimits limits;
    private final List<Again> again = new ArrayList<>();
    private final List<Pair> pairs = new ArrayList<>();
    private HazardReadings bounded;

    /** Something to take again, under the id of a missing reading. */
    record Again(MissingReading reading, String sentence) {}

    /** Two readings of which at most one is true. */
    private record Pair(
            UnaryOperator<HazardReadings> withoutFirst,
            UnaryOperator<HazardReadings> withoutSecond,
            UnaryOperator<HazardReadings> withoutBoth) {
        Pair(UnaryOperator<HazardReadings> withoutFirst, UnaryOperator<HazardReadings> withoutSecond) {
            this(withoutFirst, withoutSecond, readings -> withoutFirst.apply(withoutSecond.apply(readings)));
        }
    }

    private Contradictions(HazardReadings readings, ShopLimits limits) {
        this.limits = limits;
        this.bounded = readings;
    }

    static Contradictions in(HazardReadings readings, ShopLimits limits) {
        Contradictions found = new Contradictions(readings, limits);
        found.bound();
        found.rest();
        found.cells();
        found.thickness();
        found.chargeLimit();
        return found;
    }

    List<Again> again() {
        return again;
    }

    /** What stands whichever of the contradicting readings is true. */
    HazardReadings certain() {
        HazardReadings certain = bounded;
        for (Pair pair : pairs) {
            certain = pair.withoutBoth().apply(certain);
        }
        return certain;
    }

    /** Every way in which one of each two is true; a single one where nothing contradicts. */
    List<HazardReadings> alternatives() {
        List<HazardReadings> alternatives = List.of(bounded);
        for (Pair pair : pairs) {
            alternatives = alternatives.stream()
                    .flatMap(readings -> java.util.stream.Stream.of(
                            pair.withoutFirst().apply(readings),
                            pair.withoutSecond().apply(readings)))
                    .toList();
        }
        return alternatives;
    }

    private void bound() {
        BigDecimal mostC = limits.of(Limit.TEMPERATURE_MOST_C);
        Warmth warmth = bounded.warmth();
        BigDecimal surfaceC = warmth.surfaceC();
        if (surfaceC != null && over(surfaceC, mostC)) {
            ask(
                    MissingReading.SURFACE,
                    "Take the surface again: %s is over what is believed, %s."
                            .formatted(Figures.withUnit(surfaceC, "°C"), limits.applied(Limit.TEMPERATURE_MOST_C)));
            bounded = bounded.with(warmth.withSurface(mostC));
        }
        Cell cell = bounded.cell();
        BigDecimal cellC = cell.cellC();
        if (cellC != null && over(cellC, mostC)) {
            ask(
                    MissingReading.CELL,
                    "Take the cell's temperature again: %s is over what is believed, %s."
                            .formatted(Figures.withUnit(cellC, "°C"), limits.applied(Limit.TEMPERATURE_MOST_C)));
            bounded = bounded.with(cell.withRead(mostC));
        }
        BigDecimal mostV = limits.of(Limit.CELL_MOST_V);
        Voltage voltage = bounded.voltage();
        BigDecimal read = over(voltage.restedCellV(), mostV) ? voltage.restedCellV() : voltage.highestRestedCellV();
        if (read != null && over(read, mostV)) {
            ask(
                    MissingReading.RESTED_VOLTAGE,
                    "Read the voltage again: %s per cell is over what a cell can hold, %s. Is it the whole pack's?"
                            .formatted(Figures.withUnit(read, "V"), limits.applied(Limit.CELL_MOST_V)));
            bounded = bounded.with(
                    voltage.with(least(voltage.restedCellV(), mostV), least(voltage.highestRestedCellV(), mostV)));
        }
        if (tooMany(bounded.thickness().points().count(), Limit.THICKNESS_POINTS)) {
            ask(
                    MissingReading.THICKNESS,
                    "Measure the thickness again: %s points were given, at most %s are."
                            .formatted(bounded.thickness().points().count(), limits.of(Limit.THICKNESS_POINTS)));
        }
        if (tooMany(bounded.seam().seamMm().size(), Limit.SEAM_POINTS)) {
            ask(
                    MissingReading.SEAM,
                    "Gauge the seam again: %s points were given, at most %s are."
                            .formatted(bounded.seam().seamMm().size(), limits.of(Limit.SEAM_POINTS)));
        }
    }

    private void rest() {
        Warmth warmth = bounded.warmth();
        if (!Boolean.TRUE.equals(warmth.atRest())) {
            return;
        }
        BigDecimal sinceHeat = warmth.minutesSinceHeat();
        if (sinceHeat != null && within(sinceHeat)) {
            ask(
                    MissingReading.REST,
                    "At rest, and heated %s ago: one of the two is wrong; say again which."
                            .formatted(Figures.withUnit(sinceHeat, "min")));
            pairs.add(atRestOr(readings -> readings.with(readings.warmth().withoutMinutesSinceHeat())));
        }
        BigDecimal sinceCurrent = warmth.minutesSinceCurrent();
        if (sinceCurrent != null && within(sinceCurrent)) {
            ask(
                    MissingReading.REST,
                    "At rest, and under current %s ago: one of the two is wrong; say again which."
                            .formatted(Figures.withUnit(sinceCurrent, "min")));
            pairs.add(atRestOr(readings -> readings.with(readings.warmth().withoutMinutesSinceCurrent())));
        }
    }

    /** Either the times are true, and it is not at rest, or it is at rest: no row of warmth stands without knowing which. */
    private static Pair atRestOr(UnaryOperator<HazardReadings> withoutTimes) {
        UnaryOperator<HazardReadings> notAtRest =
                readings -> readings.with(readings.warmth().notAtRest());
        return new Pair(notAtRest, withoutTimes, notAtRest);
    }

    private void cells() {
        Voltage voltage = bounded.voltage();
        if (voltage.restedCellV() == null
                || voltage.highestRestedCellV() == null
                || voltage.highestRestedCellV().compareTo(voltage.restedCellV()) >= 0) {
            return;
        }
        ask(
                MissingReading.RESTED_VOLTAGE,
                "Read the cells again: the highest, %s, lies under the lowest, %s."
                        .formatted(
                                Figures.withUnit(voltage.highestRestedCellV(), "V"),
                                Figures.withUnit(voltage.restedCellV(), "V")));
        pairs.add(new Pair(
                readings -> readings.with(
                        readings.voltage().with(null, readings.voltage().highestRestedCellV())),
                readings ->
                        readings.with(readings.voltage().with(readings.voltage().restedCellV(), null))));
    }

    private void thickness() {
        Thickness thickness = bounded.thickness();
        BigDecimal nominal = thickness.nominalThicknessMm();
        if (nominal == null) {
            return;
        }
        BigDecimal known = thickness.modelThicknessMm();
        if (known != null && !plausible(nominal, known)) {
            ask(
                    MissingReading.THICKNESS,
                    "Look at the nominal thickness again: %s typed, %s by the model or the size code."
                            .formatted(Figures.withUnit(nominal, "mm"), Figures.withUnit(known, "mm")));
            pairs.add(new Pair(
                    readings -> readings.with(readings.thickness().withNominal(known)),
                    readings -> readings.with(readings.thickness().withNominal(nominal)),
                    readings -> readings.with(readings.thickness().withNominal(null))));
            return;
        }
        Optional<BigDecimal> thickest = thickness.points().max(Comparator.naturalOrder());
        boolean thin = thickest.filter(
                        most -> most.compareTo(nominal.multiply(limits.of(Limit.NOMINAL_LEAST_SHARE))) < 0)
                .isPresent();
        if (thin) {
            ask(
                    MissingReading.THICKNESS,
                    "Measure again: the pack, %s, is far thinner than its nominal %s."
                            .formatted(Figures.withUnit(thickest.get(), "mm"), Figures.withUnit(nominal, "mm")));
            pairs.add(new Pair(
                    readings -> readings.with(readings.thickness().withoutPoints()),
                    readings -> readings.with(readings.thickness().withNominal(null))));
        }
    }

    private boolean plausible(BigDecimal nominal, BigDecimal known) {
        return nominal.compareTo(known.multiply(limits.of(Limit.NOMINAL_LEAST_SHARE))) >= 0
                && nominal.compareTo(known.multiply(limits.of(Limit.NOMINAL_MOST_SHARE))) <= 0;
    }

    /** No cell is charged to it, so that nothing is over it or under it. */
    private void chargeLimit() {
        BigDecimal limit = bounded.voltage().chargeLimitV();
        if (limit != null && Chemistry.ofLimit(limit, limits).isEmpty()) {
            ask(
                    MissingReading.CHARGE_LIMIT,
                    "Read the charge limit again: no cell is charged to %s.".formatted(Figures.withUnit(limit, "V")));
            bounded = bounded.with(bounded.voltage().withoutLimit());
        }
    }

    private void ask(MissingReading reading, String sentence) {
        again.add(new Again(reading, sentence));
    }

    private boolean within(@Nullable BigDecimal minutesSince) {
        return minutesSince != null && minutesSince.compareTo(limits.of(Limit.REST_MINUTES)) < 0;
    }

    private boolean tooMany(long count, Limit most) {
        return BigDecimal.valueOf(count).compareTo(limits.of(most)) > 0;
    }

    private static boolean over(@Nullable BigDecimal value, BigDecimal most) {
        return value != null && value.compareTo(most) > 0;
    }

    private static @Nullable BigDecimal least(@Nullable BigDecimal value, BigDecimal most) {
        return value == null ? null : value.min(most);
    }
}
