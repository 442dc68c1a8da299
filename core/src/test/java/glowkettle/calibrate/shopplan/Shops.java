package glowkettle.calibrate.shopplan;

import glowkettle.assess.Tier;
import glowkettle.calibrate.shopplan.ShopRequest.Begun;
import glowkettle.calibrate.shopplan.ShopRequest.Job;
import glowkettle.calibrate.shopplan.ShopRequest.Person;
import glowkettle.calibrate.shopplan.ShopRequest.Place;
import glowkettle.calibrate.shopplan.ShopRequest.Step;
import glowkettle.shop.OpeningHours;
import java.math.BigDecimal;
import java.time.DayOfWeek;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.SplittableRandom;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/** Shops to plan, told and drawn by chance. */
final class Shops {
    static final Instant MONDAY = Instant.parse("2026-11-16T08:00:00Z");

    private Shops() {}

    static OpeningHours open(String... spans) {
        Map<DayOfWeek, List<OpeningHours.Span>> week = new EnumMap<>(DayOfWeek.class);
        List<OpeningHours.Span> all = IntStream.range(0, spans.length / 2)
                .mapToObj(i -> new OpeningHours.Span(LocalTime.parse(spans[2 * i]), LocalTime.parse(spans[2 * i + 1])))
                .toList();
        for (DayOfWeek day : DayOfWeek.values()) {
            if (day.getValue() <= 5) {
                week.put(day, all);
            }
        }
        return new OpeningHours(ZoneId.of("Europe/Lisbon"), week, Map.of());
    }

    static Step hands(int minutes) {
        return new Step("hands " + minutes, StepKind.HANDS, BigDecimal.valueOf(minutes), null, null);
    }

    static Step attended(String id, int minutes) {
        return new Step(id, StepKind.ATTENDED, BigDecimal.valueOf(minutes), null, null);
    }

    static Step free(String id, int minutes, @Nullable Integer atMost) {
        return new Step(
                id,
                StepKind.FREE,
                BigDecimal.valueOf(minutes),
                null,
                atMost == null ? null : BigDecimal.valueOf(atMost));
    }

    /** The steps of a soak cycle. */
    static List<Step> soak(int chargeAndSoak, int runDown, int rest, int last) {
        return List.of(
                attended("charge and soak", chargeAndSoak),
                free("run-down", runDown, null),
                free("rest", rest, 96 * 60),
                attended("last charge", last));
    }

    static Job job(String id, @Nullable Instant promise, List<Step> steps) {
        return new Job(id, promise, Tier.CLEAR, steps, null);
    }

    static Job begun(
            String id, int steps, Instant start, @Nullable String place, @Nullable String person, List<Step> all) {
        return new Job(id, null, Tier.CLEAR, all, new Begun(BigDecimal.valueOf(steps), start, place, person));
    }

    static List<Place> chargers(int many) {
        return IntStream.range(0, many)
                .mapToObj(i -> new Place("charger " + i, "CHARGER"))
                .toList();
    }

    static List<Person> people(int many) {
        return IntStream.range(0, many)
                .mapToObj(i -> new Person("person " + i, Tier.GUARDED, null))
                .toList();
    }

    /** Jobs of all sorts, in an ordinary week. */
    static ShopRequest drawn(long seed, int jobs, int chargers, int people) {
        SplittableRandom chance = new SplittableRandom(seed);
        OpeningHours hours = chance.nextBoolean() ? open("08:00", "18:00") : open("08:00", "12:30", "13:15", "17:50");
        List<Person> there = new ArrayList<>(people(people));
        if (people > 1 && chance.nextBoolean()) {
            there.set(1, new Person("leaves at two", Tier.CLEAR, open("08:00", "14:00")));
        }
        List<Job> all = new ArrayList<>();
        for (int i = 0; i < jobs; i++) {
            List<Step> steps = new ArrayList<>();
            if (chance.nextInt(3) > 0) {
                steps.add(hands(15 + chance.nextInt(60)));
            }
            steps.addAll(
                    switch (chance.nextInt(3)) {
                        case 0 ->
                            soak(100 + chance.nextInt(90), 200 + chance.nextInt(250), 360, 60 + chance.nextInt(80));
                        case 1 ->
                            List.of(
                                    attended("charge", 60 + chance.nextInt(120)),
                                    free("in use", 100 + chance.nextInt(300), null),
                                    attended("again", 60 + chance.nextInt(120)));
                        default -> List.of(attended("charge", 60 + chance.nextInt(120)), hands(5 + chance.nextInt(9)));
                    });
            Instant promise =
                    chance.nextInt(4) == 0 ? null : MONDAY.plus(Duration.ofMinutes(300 + chance.nextInt(4 * 24 * 60)));
            all.add(new Job("J" + i, promise, chance.nextInt(5) == 0 ? Tier.GUARDED : Tier.CLEAR, steps, null));
        }
        Instant now = MONDAY.plus(Duration.ofMinutes(chance.nextInt(-200, 700)));
        return new ShopRequest(now, hours, chargers(chargers), there, all);
    }
}
