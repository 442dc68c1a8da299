package glowkettle.join;

import glowkettle.join.LeadFinder.Kind;
import glowkettle.join.LeadFinder.Measurement;
import glowkettle.join.LeadFinder.Role;
import glowkettle.library.Lead;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * A pack whose insides are known, as a meter of ten megohms reads it: what the simulated meter measures on.
 *
 * @param cellV of every cell
 */
public record LeadsInside(List<Inner> leads, double cellV, double thermistorOhm, double identityOhm) {
    private static final double METER_OHM = 1e7;
    private static final double LOAD_OHM = 1e4;
    private static final double WIRE_OHM = 0.1;
    private static final double BENCH_CELL_V = 3.82;
    private static final double BENCH_THERMISTOR_OHM = 11_400;

    /**
     * A lead.
     *
     * @param cells between minus and what it leads to
     */
    public record Inner(String id, Role role, int cells) {}

    public LeadsInside {
        leads = List.copyOf(leads);
    }

    /**
     * A sound pack at the bench with a lead for each of the device's, the other way round than they lie at the board.
     *
     * @param roles of the device's leads, one for each id
     */
    public static LeadsInside mirrored(List<String> ids, List<Lead.Role> roles, int series) {
        List<Inner> leads = new ArrayList<>();
        int tap = 0;
        for (int i = 0; i < Math.min(ids.size(), roles.size()); i++) {
            Lead.Role role = roles.reversed().get(i);
            tap += role == Lead.Role.TAP ? 1 : 0;
            leads.add(
                    switch (role) {
                        case POSITIVE -> new Inner(ids.get(i), Role.PLUS, series);
                        case NEGATIVE -> new Inner(ids.get(i), Role.MINUS, 0);
                        case TAP -> new Inner(ids.get(i), Role.TAP, tap);
                        case SIGNAL, THERMISTOR -> new Inner(ids.get(i), Role.THERMISTOR, 0);
                        case IDENTITY -> new Inner(ids.get(i), Role.IDENTITY, 0);
                    });
        }
        return new LeadsInside(leads, BENCH_CELL_V, BENCH_THERMISTOR_OHM, 0);
    }

    /** What the meter shows, red probe first; ohms where there is a voltage are shown as beyond its range; nothing of a lead that is none. */
    public Optional<BigDecimal> reads(Measurement wanted) {
        return lead(wanted.from()).flatMap(red -> lead(wanted.to()).map(black -> between(red, black, wanted.kind())));
    }

    private BigDecimal between(Inner red, Inner black, Kind kind) {
        double volts = (red.cells() - black.cells()) * cellV;
        double behind = behind(red) + behind(black);
        return switch (kind) {
            case OHMS -> shown(volts == 0 ? behind + WIRE_OHM : METER_OHM, 1);
            case VOLTS -> shown(volts * METER_OHM / (METER_OHM + behind), 2);
            case LOADED -> shown(volts * across() / (across() + behind), 2);
        };
    }

    private Optional<Inner> lead(String id) {
        return leads.stream().filter(lead -> lead.id().equals(id)).findFirst();
    }

    private double behind(Inner lead) {
        return switch (lead.role()) {
            case PLUS, MINUS, TAP -> 0;
            case THERMISTOR -> thermistorOhm;
            case IDENTITY -> identityOhm;
        };
    }

    private static double across() {
        return METER_OHM * LOAD_OHM / (METER_OHM + LOAD_OHM);
    }

    private static BigDecimal shown(double value, int decimals) {
        return BigDecimal.valueOf(value).setScale(decimals, RoundingMode.HALF_UP);
    }
}
