package glowkettle.job;

import glowkettle.shop.OpeningHours;
import java.time.DayOfWeek;
import java.time.LocalTime;
import java.time.ZoneOffset;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;

/** Opening hours of a shop in a test. */
final class Hours {
    static final OpeningHours ALWAYS = new OpeningHours(
            ZoneOffset.UTC,
            Arrays.stream(DayOfWeek.values())
                    .collect(Collectors.toMap(
                            day -> day,
                            day -> List.of(new OpeningHours.Span(LocalTime.of(0, 1), LocalTime.of(23, 59))))),
            Map.of());

    private Hours() {}
}
