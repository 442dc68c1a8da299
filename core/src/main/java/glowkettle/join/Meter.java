package glowkettle.join;

import glowkettle.cell.Thermistor;
import glowkettle.finding.Figures;
import glowkettle.finding.Finding;
import glowkettle.finding.Quantity;
import glowkettle.finding.Weight;
import glowkettle.join.LeadFinder.Kind;
import glowkettle.join.LeadFinder.Reading;
import glowkettle.join.LeadFinder.Role;
import glowkettle.limits.Limit;
import glowkettle.limits.ShopLimits;
import java.math.BigDecimal;
import java.util.Collections;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/**
 * What a meter shows between two leads of a pack. A thermistor or an identity resistor goes to minus: without a load the meter
 * sees nearly all of the voltage through it, with a load only its share.
 */
final class Meter {
    /** A lead that leads nowhere reads at least so much against any other. */
    private static final double OPEN_OHM = 1e6;

    /** The coldest that is believed of anything at a bench. */
    private static final double COLDEST_C = -40;

    private final List<LeadFinder.NewLead> leads;
    private final LeadFinder.Inside inside;
    private final int taps;
    private final ShopLimits limits;
    private final Thermistor thermistor;

    Meter(LeadFinder.Request request, ShopLimits limits) {
        this.leads = request.leads();
        this.inside = request.inside();
        this.taps = Collections.frequency(request.roles(), Role.TAP);
        this.limits = limits;
        this.thermistor = new Thermistor(
                Objects.requireNonNullElseGet(inside.thermistorKohm(), () -> limits.of(Limit.THERMISTOR_KOHM))
                                .doubleValue()
                        * 1000,
                Objects.requireNonNullElseGet(inside.thermistorB(), () -> limits.of(Limit.THERMISTOR_B))
                        .doubleValue());
    }

    /** What the readings leave of an assignment; null where they contradict it. */
    @Nullable
    Potentials potentials(Assignment assignment, List<Reading> readings) {
        Potentials potentials = new Potentials(
                taps + 2, new Span(thermistor.ohm(limits.number(Limit.TEMPERATURE_MOST_C)), thermistor.ohm(COLDEST_C)));
        cells(potentials);
        for (Reading reading : readings) {
            int from = lead(reading.from());
            int to = lead(reading.to());
            boolean told = assignment.isBroken(from, to)
                    ? isNothing(reading)
                    : reading.kind() != Kind.OHMS || tell(potentials, assignment, reading);
            if (!told) {
                return null;
            }
        }
        for (Reading reading : readings) {
            int from = lead(reading.from());
            int to = lead(reading.to());
            if (reading.kind() != Kind.OHMS && !assignment.isBroken(from, to)) {
                Span shown = Span.around(reading.value().doubleValue(), error(reading.value()));
                potentials.isAbove(
                        assignment.node(from),
                        assignment.node(to),
                        shown.over(share(assignment, from, to, across(reading), potentials)));
            }
        }
        return potentials.close() ? potentials : null;
    }

    /** What a meter shows where one of its probes is on a broken lead: no voltage, and no end of ohms. */
    private boolean isNothing(Reading reading) {
        return reading.kind() == Kind.OHMS
                ? reading.value().doubleValue() >= OPEN_OHM
                : Span.around(reading.value().doubleValue(), error(reading.value()))
                        .holds(0);
    }

    /** Each cell between its least and its most; where not all taps come out, at least one cell lies between two points. */
    private void cells(Potentials potentials) {
        int series = inside.cells().intValue();
        double least = limits.number(Limit.LEAD_CELL_LEAST_V);
        double most = inside.chargeLimitV().doubleValue() + limits.number(Limit.LEAD_CELL_OVER_V);
        for (int point = 0; point <= taps; point++) {
            potentials.isAbove(point + 1, point, new Span(least, most * (series - taps)));
        }
        potentials.isAbove(taps + 1, 0, new Span(least * series, most * series));
    }

    private int lead(String id) {
        for (int i = 0; i < leads.size(); i++) {
            if (leads.get(i).id().equals(id)) {
                return i;
            }
        }
        throw new IllegalArgumentException("No lead '%s'".formatted(id));
    }

    private double error(BigDecimal value) {
        return limits.number(Limit.METER_PERCENT) / 100 * value.abs().doubleValue()
                + limits.number(Limit.METER_DIGITS) * Math.pow(10, -Math.max(0, value.scale()));
    }

    private boolean tell(Potentials potentials, Assignment assignment, Reading reading) {
        int from = lead(reading.from());
        int to = lead(reading.to());
        if (assignment.node(from) != assignment.node(to)) {
            return false;
        }
        Span shown = Span.around(reading.value().doubleValue(), error(reading.value()));
        Role one = assignment.roles().get(from);
        Role other = assignment.roles().get(to);
        if (one == Role.THERMISTOR || other == Role.THERMISTOR) {
            Role beside = one == Role.THERMISTOR ? other : one;
            potentials.thermistorIs(shown.minus(resistance(beside, potentials)));
            return !potentials.thermistorOhm().isEmpty();
        }
        return shown.meets(expected(one, other, potentials));
    }

    /** Between two leads to the same point; leads themselves have a little. */
    private Span expected(Role one, Role other, Potentials potentials) {
        return resistance(one, potentials)
                .plus(resistance(other, potentials))
                .plus(new Span(0, limits.number(Limit.LEADS_ALIKE_OHM)));
    }

    /** Between a lead and its point. */
    private Span resistance(Role role, Potentials potentials) {
        return switch (role) {
            case PLUS, MINUS, TAP -> new Span(0, 0);
            case THERMISTOR -> potentials.thermistorOhm();
            case IDENTITY -> {
                double ohm = Objects.requireNonNull(inside.identityOhm()).doubleValue();
                yield new Span(ohm, ohm).wider(limits.number(Limit.IDENTITY_PERCENT) / 100, 0);
            }
        };
    }

    /** The meter, with the resistor that somebody had at hand beside it where the reading was loaded. */
    private double across(Reading reading) {
        return reading.kind() == Kind.LOADED && reading.loadKohm() != null
                ? besideTheMeter(reading.loadKohm().doubleValue())
                : across(reading.kind());
    }

    private double across(Kind kind) {
        return kind == Kind.LOADED
                ? besideTheMeter(limits.number(Limit.LEAD_LOAD_KOHM))
                : limits.number(Limit.METER_MOHM) * 1e6;
    }

    private double besideTheMeter(double loadKohm) {
        double meterOhm = limits.number(Limit.METER_MOHM) * 1e6;
        double loadOhm = loadKohm * 1e3;
        return meterOhm * loadOhm / (meterOhm + loadOhm);
    }

    /** How much of a voltage shows across so many ohms. */
    private Span share(Assignment assignment, int from, int to, double across, Potentials potentials) {
        Span behind = resistance(assignment.roles().get(from), potentials)
                .plus(resistance(assignment.roles().get(to), potentials));
        return new Span(across / (across + behind.high()), across / (across + behind.low()));
    }

    /**
     * What a meter would show between two leads.
     *
     * @param likely with cells in the middle of what is possible, and the thermistor at 25 °C until it is read
     * @param possible whatever else may be shown, the meter's own error with it
     */
    record Shown(double likely, Span possible) {}

    /** Nothing for ohms where there is a voltage. */
    @Nullable
    Shown shown(LeadFinder.Judged judged, int from, int to, Kind kind) {
        Assignment assignment = judged.assignment();
        Potentials potentials = judged.potentials();
        if (assignment.isBroken(from, to)) {
            return kind == Kind.OHMS
                    ? new Shown(Double.MAX_VALUE, new Span(OPEN_OHM, Double.POSITIVE_INFINITY))
                    : new Shown(0, new Span(0, 0).wider(0, limits.number(Limit.METER_DIGITS) / 100));
        }
        Potentials bench = potentials.isThermistorRead() ? potentials : potentials.withThermistor(thermistor.at25C());
        double share = limits.number(Limit.METER_PERCENT) / 100;
        if (kind == Kind.OHMS) {
            return assignment.node(from) == assignment.node(to)
                    ? new Shown(
                            ohms(assignment, from, to, bench).middle(),
                            ohms(assignment, from, to, potentials).wider(share, limits.number(Limit.METER_DIGITS)))
                    : null;
        }
        Span volts = potentials.above(assignment.node(from), assignment.node(to));
        return new Shown(
                volts.middle()
                        * share(assignment, from, to, across(kind), bench).middle(),
                volts.times(share(assignment, from, to, across(kind), potentials))
                        .wider(share, limits.number(Limit.METER_DIGITS) / 100));
    }

    private Span ohms(Assignment assignment, int from, int to, Potentials potentials) {
        return expected(assignment.roles().get(from), assignment.roles().get(to), potentials);
    }

    /** Of a thermistor, by {@code 1/T = 1/T0 + ln(R/R0)/B}; a bench that is hardly so cold or warm is warned of. */
    BigDecimal temperature(Potentials potentials, List<Finding> findings) {
        Span ohm = potentials.thermistorOhm();
        double celsius = thermistor.celsius(ohm.middle());
        BigDecimal shown = Figures.round(celsius, 1);
        boolean cold = celsius < limits.number(Limit.THERMISTOR_LEAST_C);
        if (!Thermistor.isBench(celsius, limits)) {
            findings.add(new Finding(
                    "leads-thermistor",
                    Weight.CARE,
                    Quantity.of(shown, "°C"),
                    limits.applied(cold ? Limit.THERMISTOR_LEAST_C : Limit.THERMISTOR_MOST_C),
                    "The thermistor reads %s: hardly the bench. Another value at 25 °C than the model's, or a warm pack."
                            .formatted(Figures.withUnit(shown, "°C"))));
        }
        return shown;
    }
}
