package glowkettle.app.shop;

import glowkettle.app.request.ThisRequest;
import glowkettle.isolation.Bulk;
import glowkettle.shop.OpeningHours;
import java.math.BigDecimal;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Reads the shop. Opening hours are stored as spans per weekday and per date: {@code {"week": {"MONDAY": [["08:30", "12:30"]]}}}. */
@Service
public class ShopBook {
    private static final String KNOWN = ShopBook.class.getName();

    private final ShopMapper rows;
    private final JsonMapper mapper = new JsonMapper();
    private volatile @Nullable Shop lastKnown;

    ShopBook(ShopMapper rows) {
        this.rows = rows;
    }

    /** As it stands; asked once a request. */
    public Shop shop() {
        return ThisRequest.once(KNOWN, Shop.class, this::read);
    }

    private Shop read() {
        ShopMapper.ShopRow row = rows.shop(Shop.ID);
        JsonNode opening = mapper.readTree(row.opening());
        Map<DayOfWeek, List<OpeningHours.Span>> week = new EnumMap<>(DayOfWeek.class);
        opening.path("week").forEachEntry((day, spans) -> week.put(DayOfWeek.valueOf(day), spans(spans)));
        Map<LocalDate, List<OpeningHours.Span>> exceptions = new HashMap<>();
        opening.path("exceptions").forEachEntry((date, spans) -> exceptions.put(LocalDate.parse(date), spans(spans)));
        Shop shop = new Shop(
                row.name(),
                new Emergency(row.emergencyNumber(), row.emergencyText()),
                row.currency(),
                new Equipment(row.hands(), row.chargers(), row.mats(), row.dryers(), row.airStations()),
                new OpeningHours(ZoneId.of(row.zone()), week, exceptions));
        lastKnown = shop;
        return shop;
    }

    /** The shop as it was last read, for when the database cannot be asked: an emergency does not wait for it. */
    public Shop lastKnown() {
        Shop known = lastKnown;
        return known != null ? known : shop();
    }

    public OpeningHours hours() {
        return shop().hours();
    }

    public ZoneId zone() {
        return shop().hours().zone();
    }

    /** Everything but the containers, at once. */
    @Transactional
    public void change(Shop changed) {
        ObjectNode opening = mapper.createObjectNode();
        ObjectNode week = opening.putObject("week");
        changed.hours().week().forEach((day, spans) -> week.set(day.name(), spans(spans)));
        ObjectNode exceptions = opening.putObject("exceptions");
        changed.hours().exceptions().forEach((date, spans) -> exceptions.set(date.toString(), spans(spans)));
        Equipment equipment = changed.equipment();
        rows.change(
                Shop.ID,
                new ShopMapper.ShopRow(
                        changed.name(),
                        changed.hours().zone().getId(),
                        changed.emergency().emergencyNumber(),
                        changed.emergency().emergencyText(),
                        changed.currency(),
                        equipment.hands(),
                        equipment.chargers(),
                        equipment.mats(),
                        equipment.dryers(),
                        equipment.airStations(),
                        opening.toString()));
        ThisRequest.forget(KNOWN);
    }

    /** A container as it was set up, with how many packs lie in it. */
    public record Container(
            String id, String name, BigDecimal capacityWh, int places, boolean outdoors, Bulk takes, int packs) {}

    public List<Container> containers() {
        return rows.containers(Shop.ID).stream()
                .map(row -> new Container(
                        row.id(), row.name(), row.capacityWh(), row.places(), row.outdoors(), row.takes(), row.packs()))
                .toList();
    }

    public void putContainer(String id, String name, BigDecimal capacityWh, int places, boolean outdoors, Bulk takes) {
        rows.putContainer(Shop.ID, id, name, capacityWh, places, outdoors, takes);
    }

    /** False when the container is not empty, or not there. */
    public boolean removeContainer(String id) {
        return rows.removeContainer(Shop.ID, id) == 1;
    }

    private ArrayNode spans(List<OpeningHours.Span> spans) {
        ArrayNode array = mapper.createArrayNode();
        spans.forEach(span ->
                array.addArray().add(span.opens().toString()).add(span.closes().toString()));
        return array;
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
