package glowkettle.app.shop;

import glowkettle.shop.OpeningHours;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Service;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Reads the shop. Opening hours are stored as spans per weekday and per date: {@code {"week": {"MONDAY": [["08:30", "12:30"]]}}}. */
@Service
public class ShopBook {
    private final ShopMapper rows;
    private final JsonMapper mapper = new JsonMapper();

    ShopBook(ShopMapper rows) {
        this.rows = rows;
    }

    public Shop shop() {
        ShopMapper.ShopRow row = rows.shop(Shop.ID);
        JsonNode opening = mapper.readTree(row.opening());
        Map<DayOfWeek, List<OpeningHours.Span>> week = new EnumMap<>(DayOfWeek.class);
        opening.path("week").forEachEntry((day, spans) -> week.put(DayOfWeek.valueOf(day), spans(spans)));
        Map<LocalDate, List<OpeningHours.Span>> exceptions = new HashMap<>();
        opening.path("exceptions").forEachEntry((date, spans) -> exceptions.put(LocalDate.parse(date), spans(spans)));
        return new Shop(
                row.name(),
                row.emergencyNumber(),
                row.emergencyText(),
                new OpeningHours(ZoneId.of(row.zone()), week, exceptions));
    }

    public OpeningHours hours() {
        return shop().hours();
    }

    public ZoneId zone() {
        return shop().hours().zone();
    }

    private static List<OpeningHours.Span> spans(JsonNode nodes) {
        List<OpeningHours.Span> spans = new ArrayList<>();
        for (JsonNode span : nodes) {
            spans.add(new OpeningHours.Span(
                    LocalTime.parse(span.get(0).stringValue()),
                    LocalTime.parse(span.get(1).stringValue())));
        }
        return spans;
    }
}
