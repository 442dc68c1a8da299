package glowkettle.join;

import glowkettle.finding.Finding;
import glowkettle.finding.Result;
import glowkettle.finding.Says;
import glowkettle.finding.Weight;
import glowkettle.finding.Within;
import glowkettle.finding.Worded;
import glowkettle.finding.Working;
import glowkettle.limits.ShopLimits;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.function.Predicate;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * Which lead of a new pack is which, whatever colours they have: every assignment of roles that no reading contradicts, and the
 * one measurement that splits the rest best. Source: handbook, Join.
 *
 * @param left assignments that no reading contradicts; doubled leads change places in none of them
 * @param leads what each lead may still be
 * @param next what to measure; null when nothing would tell more, and while readings contradict each other
 * @param measureAgain readings each of which, if it were wrong, would explain a contradiction; the likeliest first
 * @param temperatureC of the thermistor, once it is known and measured
 * @param brokenLead the one lead that, broken, explains what contradicts otherwise
 */
public record LeadFinder(
        Status status,
        int left,
        List<Found> leads,
        @Nullable Measurement next,
        List<Measurement> measureAgain,
        @Nullable BigDecimal temperatureC,
        List<Joined> table,
        @Nullable String brokenLead) {
    static final int LEAST_LEADS = 2;
    static final int MOST_LEADS = 6;

    /** How far the readings have come. */
    public enum Status implements Worded {
        OPEN("measure on"),
        UNIQUE("found"),
        CONTRADICTION("readings contradict each other"),
        /** By how the leads look, where swapping the two that are left hurts nothing. */
        LIKELY("likely, not measured"),
        CANNOT_BE_TOLD("cannot be told apart by these readings");

        private final String words;

        Status(String words) {
            this.words = words;
        }

        @Override
        public String words() {
            return words;
        }
    }

    /** What a lead may be. A role that stands twice among those that can occur is a doubled lead. */
    public enum Role implements Worded {
        PLUS,
        MINUS,
        TAP,
        THERMISTOR,
        IDENTITY;

        @Override
        public String words() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    /** What the meter does. */
    public enum Kind implements Worded {
        VOLTS("volts"),
        OHMS("ohms"),
        LOADED("volts with the load between them");

        private final String words;

        Kind(String words) {
            this.words = words;
        }

        @Override
        public String words() {
            return words;
        }
    }

    /** A lead of the new pack. */
    public record NewLead(
            @Says(value = "Lead", longest = 20) String id,

            @Says(value = "Colour", longest = 30) @Nullable String colour,

            @Says("Thicker than the others") @Nullable Boolean thick) {
        public NewLead(String id, @Nullable String colour) {
            this(id, colour, null);
        }
    }

    /** One reading, the red probe on the first lead. */
    public record Reading(
            @Says(value = "Red probe", longest = 20) String from,

            @Says(value = "Black probe", longest = 20) String to,

            @Says("Kind") Kind kind,

            @Says("Reading, V or Ω") @Within(min = "-150", max = "10000000")
            BigDecimal value,

            @Says("Resistor between them, where it was loaded") @Within(min = "1", max = "100", unit = "kΩ") @Nullable
            BigDecimal loadKohm) {
        public Reading(String from, String to, Kind kind, BigDecimal value) {
            this(from, to, kind, value, null);
        }

        /** Between these two leads, whichever probe is on which. */
        public boolean isBetween(String one, String other) {
            return from.equals(one) && to.equals(other) || from.equals(other) && to.equals(one);
        }

        public Measurement measurement() {
            return new Measurement(from, to, kind);
        }
    }

    /** A pad of the board, or the old lead that went there. */
    public record Pad(
            @Says(value = "Pad", longest = 30) String pad,

            @Says(value = "Colour of the old lead", longest = 30) @Nullable
            String colour,

            @Says("Role") Role role) {}

    /** What is inside the pack, as far as it is known. */
    public record Inside(
            @Says("Cells in series") @Within(min = "1", max = "30", whole = true)
            BigDecimal cells,

            @Says("Charge limit per cell") @Within(min = "3.5", max = "4.6", unit = "V")
            BigDecimal chargeLimitV,

            @Says("Thermistor at 25 °C") @Within(min = "0.1", max = "1000", unit = "kΩ") @Nullable
            BigDecimal thermistorKohm,

            @Says("Thermistor, B") @Within(min = "2000", max = "5000", unit = "K") @Nullable
            BigDecimal thermistorB,

            @Says("Identity resistor") @Within(min = "10", max = "1000000", unit = "Ω") @Nullable
            BigDecimal identityOhm) {}

    /** The leads, what they can be, and what was read. */
    public record Request(
            @Says("Leads") List<NewLead> leads,
            @Says("Roles that can occur") List<Role> roles,
            @glowkettle.finding.Flat Inside inside,
            @Says("Readings") List<Reading> readings,
            @Says("Pads of the board") @Nullable List<Pad> pads,

            @Says("No resistor at hand: by thickness and colour once the polarity is measured") @Nullable
            Boolean byLooks) {
        public Request {
            leads = List.copyOf(leads);
            roles = List.copyOf(roles);
            readings = List.copyOf(readings);
        }

        public Request(
                List<NewLead> leads,
                List<Role> roles,
                Inside inside,
                List<Reading> readings,
                @Nullable List<Pad> pads) {
            this(leads, roles, inside, readings, pads, null);
        }
    }

    /** Where the probes go. */
    public record Measurement(String from, String to, Kind kind) {
        public String words() {
            return "%s–%s, %s".formatted(from, to, kind.words());
        }
    }

    /** What a lead may still be, in words. */
    public record Found(String id, List<String> roles) {}

    /** Which new lead goes to which pad, with both colours. */
    public record Joined(
            String id,
            @Nullable String colour,
            String role,
            @Nullable String pad,
            @Nullable String oldColour) {}

    public LeadFinder {
        leads = List.copyOf(leads);
        measureAgain = List.copyOf(measureAgain);
        table = List.copyOf(table);
    }

    public static Result<LeadFinder> find(Request request, ShopLimits limits) {
        LeadReadings.check(request, limits);
        List<Assignment> all = Assignment.all(request);
        Meter meter = new Meter(request, limits);
        List<Judged> left = left(all, meter, request.readings());
        List<Judged> broken =
                left.size() > 1 ? List.of() : left(Assignment.allWithOneBroken(all), meter, request.readings());
        List<Finding> findings = new ArrayList<>();
        Working count = Working.of("%s assignments of %s roles to %s leads; %s left by %s readings%s"
                .formatted(
                        all.size(),
                        request.roles().size(),
                        request.leads().size(),
                        left.size(),
                        request.readings().size(),
                        broken.isEmpty() ? "" : ", and %s with a broken lead".formatted(broken.size())));
        if (left.isEmpty()) {
            return new Result<>(contradiction(request, all, broken, meter, findings), findings, count);
        }
        return new Result<>(
                left.size() == 1
                        ? single(request, left.getFirst(), broken, meter, findings)
                        : several(request, left, all, meter, findings),
                findings,
                count);
    }

    /** A lead that is broken explains what no assignment does; else one of the readings is wrong. */
    private static LeadFinder contradiction(
            Request request, List<Assignment> all, List<Judged> broken, Meter meter, List<Finding> findings) {
        List<Measurement> again = again(all, meter, request.readings());
        List<String> dead = broken.stream()
                .map(judged -> request.leads().get(judged.assignment().broken()).id())
                .distinct()
                .toList();
        String readAgain = again.isEmpty()
                ? "take all of them again"
                : "take %s again".formatted(again.getFirst().words());
        findings.add(Finding.stop(
                "leads-contradiction",
                dead.isEmpty()
                        ? "The readings contradict each other: %s.".formatted(readAgain)
                        : "Lead %s is broken, or a reading is wrong: %s."
                                .formatted(String.join(" or ", dead), readAgain)));
        return new LeadFinder(
                Status.CONTRADICTION,
                0,
                List.of(),
                null,
                again,
                null,
                List.of(),
                dead.size() == 1 ? dead.getFirst() : null);
    }

    /** Unique only once every lead has shown that it is whole. */
    private static LeadFinder single(
            Request request, Judged only, List<Judged> broken, Meter meter, List<Finding> findings) {
        List<Judged> any = Stream.concat(Stream.of(only), broken.stream()).toList();
        NextReading settling = new NextReading(request, meter, any);
        Measurement next = broken.isEmpty() ? null : settling.best();
        if (!broken.isEmpty() && next == null) {
            next = settling.loaded();
        }
        Status status = broken.isEmpty() ? Status.UNIQUE : next == null ? Status.CANNOT_BE_TOLD : Status.OPEN;
        say(status, next, findings);
        boolean isUnique = status == Status.UNIQUE;
        return new LeadFinder(
                status,
                1,
                found(request, List.of(only)),
                next,
                List.of(),
                isUnique ? temperature(only, meter, findings) : null,
                isUnique ? JoinTable.of(request, only.assignment()) : List.of(),
                null);
    }

    private static LeadFinder several(
            Request request, List<Judged> left, List<Assignment> all, Meter meter, List<Finding> findings) {
        NextReading nextReading = new NextReading(request, meter, left);
        Measurement next = nextReading.best();
        if (next != null) {
            say(Status.OPEN, next, findings);
            return severalWays(request, Status.OPEN, left, next);
        }
        return Boolean.TRUE.equals(request.byLooks())
                ? byLooks(request, left, all, meter, findings)
                : untold(request, left, nextReading.loaded(), findings);
    }

    private static LeadFinder severalWays(
            Request request, Status status, List<Judged> left, @Nullable Measurement next) {
        return new LeadFinder(status, left.size(), found(request, left), next, List.of(), null, List.of(), null);
    }

    private static LeadFinder untold(
            Request request, List<Judged> left, @Nullable Measurement loaded, List<Finding> findings) {
        say(Status.CANNOT_BE_TOLD, loaded, findings);
        return severalWays(request, Status.CANNOT_BE_TOLD, left, loaded);
    }

    /** Once no lead can be broken; then only minus and thermistor, which may be swapped when the device stays dead. */
    private static LeadFinder byLooks(
            Request request, List<Judged> left, List<Assignment> all, Meter meter, List<Finding> findings) {
        List<Judged> broken = left(Assignment.allWithOneBroken(all), meter, request.readings());
        Measurement loaded = new NextReading(request, meter, left).loaded();
        if (!broken.isEmpty()) {
            List<Judged> any = Stream.concat(left.stream(), broken.stream()).toList();
            Measurement whole = new NextReading(request, meter, any).best();
            if (whole != null) {
                say(Status.OPEN, whole, findings);
                return severalWays(request, Status.OPEN, left, whole);
            }
        }
        Looks looks = Looks.of(request, left.stream().map(Judged::assignment).toList());
        if (looks == null || !broken.isEmpty()) {
            return untold(request, left, loaded, findings);
        }
        findings.add(Finding.care(
                "leads-likely",
                "Likely, not measured: by %s lead %s is minus and %s the thermistor's. Should the device stay dead, swap these two."
                        .formatted(looks.evidence(), looks.minus(), looks.thermistor())));
        return new LeadFinder(
                Status.LIKELY,
                left.size(),
                found(request, left),
                loaded,
                List.of(),
                null,
                JoinTable.of(request, looks.assignment()),
                null);
    }

    /** An assignment with what the readings leave of its voltages and of its thermistor. */
    record Judged(Assignment assignment, Potentials potentials) {}

    private static List<Judged> left(List<Assignment> all, Meter meter, List<Reading> readings) {
        return all.stream()
                .map(assignment -> {
                    Potentials potentials = meter.potentials(assignment, readings);
                    return potentials == null ? null : new Judged(assignment, potentials);
                })
                .filter(Objects::nonNull)
                .toList();
    }

    /** Without which reading anything is left; the reading whose absence leaves most is the likeliest to be wrong. */
    private static List<Measurement> again(List<Assignment> all, Meter meter, List<Reading> readings) {
        record Without(Reading reading, int left) {}
        return readings.stream()
                .map(reading -> new Without(
                        reading,
                        left(
                                        all,
                                        meter,
                                        readings.stream()
                                                .filter(Predicate.not(reading::equals))
                                                .toList())
                                .size()))
                .filter(without -> without.left() > 0)
                .sorted((a, b) -> Integer.compare(b.left(), a.left()))
                .map(without -> without.reading().measurement())
                .toList();
    }

    private static List<Found> found(Request request, List<Judged> left) {
        return IntStream.range(0, request.leads().size())
                .mapToObj(lead -> {
                    List<String> roles = left.stream()
                            .map(Judged::assignment)
                            .sorted(Comparator.comparing(
                                            (Assignment one) -> one.roles().get(lead))
                                    .thenComparing(one -> one.taps().get(lead)))
                            .map(one -> one.words(lead))
                            .distinct()
                            .toList();
                    return new Found(request.leads().get(lead).id(), roles);
                })
                .toList();
    }

    private static @Nullable BigDecimal temperature(Judged only, Meter meter, List<Finding> findings) {
        return only.potentials().isThermistorRead() ? meter.temperature(only.potentials(), findings) : null;
    }

    private static void say(Status status, @Nullable Measurement next, List<Finding> findings) {
        switch (status) {
            case UNIQUE ->
                findings.add(Finding.note("leads-found", "Every lead has one role that no reading contradicts."));
            case CANNOT_BE_TOLD ->
                findings.add(new Finding(
                        "leads-alike",
                        next == null ? Weight.STOP : Weight.CARE,
                        null,
                        null,
                        next == null
                                ? "These leads cannot be told apart by any reading here: ask who sold the pack."
                                : "Volts and ohms cannot tell these leads apart; the loaded reading %s decides."
                                        .formatted(next.words())));
            case OPEN ->
                findings.add(Finding.care(
                        "leads-open",
                        "Colours are a hint, the meter decides: measure %s."
                                .formatted(Objects.requireNonNull(next).words())));
            case LIKELY, CONTRADICTION ->
                throw new IllegalStateException(status.words() + " is said where it is found");
        }
    }
}
