package glowkettle.calibrate.shopplan;

import glowkettle.assess.Tier;
import glowkettle.finding.Says;
import glowkettle.finding.Within;
import glowkettle.shop.OpeningHours;
import java.math.BigDecimal;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** A shop and all that is to be done in it: from when on, its hours, its places, its people, its jobs. */
public record ShopRequest(Instant now, OpeningHours hours, List<Place> places, List<Person> people, List<Job> jobs) {
    public ShopRequest {
        places = List.copyOf(places);
        people = List.copyOf(people);
        jobs = List.copyOf(jobs);
    }

    /** One charger, load or mat: one job at a time holds it. */
    public record Place(
            @Says(value = "Place", longest = 60) String id,
            @Says(value = "Its kind", longest = 40) String kind) {}

    /** @param hours null where they are the shop's */
    public record Person(String id, Tier tier, @Nullable OpeningHours hours) {}

    /** A job with its steps in their order, and how far it is. */
    public record Job(
            @Says(value = "Job", longest = 60) String id,

            @Says("When the owner was promised it") @Nullable
            Instant promise,

            @Says("Tier") Tier tier,
            @Says("Steps in their order") List<Step> steps,
            @Says("What has begun") @Nullable Begun begun) {
        public Job {
            steps = List.copyOf(steps);
        }

        /** How many steps are done, or run. */
        int stepsBegun() {
            return begun == null ? 0 : begun.steps().intValueExact();
        }

        boolean runs() {
            return running().isPresent();
        }

        /** The step that runs. */
        Optional<Running> running() {
            return begun == null || begun.start() == null
                    ? Optional.empty()
                    : Optional.of(new Running(begun.start(), begun.place(), begun.person()));
        }
    }

    /** Since when a step runs, where, and in whose hands. */
    record Running(
            Instant start, @Nullable String place, @Nullable String person) {}

    /** One step. */
    public record Step(
            @Says(value = "Step", longest = 60) String id,
            @Says("What it asks of people") StepKind kind,

            @Says("Minutes") @Within(min = "0.01", max = "40000", unit = "min")
            BigDecimal minutes,

            @Says(value = "Kind of place that it holds", longest = 40) @Nullable
            String place,

            @Says("Minutes from its start to the next one's, at most")
            @Within(min = "0", max = "400000", unit = "min")
            @Nullable
            BigDecimal atMostMinutes) {
        private static final String CHARGER = "CHARGER";

        /** A charge that names no place holds a charger. */
        @Nullable
        String placeKind() {
            return place == null && kind == StepKind.ATTENDED ? CHARGER : place;
        }
    }

    /**
     * How far a job is.
     *
     * @param start of the last of them, while it still runs
     */
    public record Begun(
            @Says("Steps that are done, or run") @Within(min = "0", max = "60", whole = true)
            BigDecimal steps,

            @Says("When the one that runs began") @Nullable Instant start,

            @Says(value = "Where it runs", longest = 60) @Nullable
            String place,

            @Says(value = "Who works at it", longest = 60) @Nullable
            String person) {}
}
