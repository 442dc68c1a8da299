package glowkettle.demo;

import glowkettle.isolation.Bulk;
import glowkettle.shop.OpeningHours;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.List;
import java.util.Map;

/** What stands in the room, and when it is staffed. */
public final class EquipmentRoom {
    public static final String NAME = "Equipment room, north quay";

    private static final LocalTime OPENS = LocalTime.of(7, 30);

    /** Short days and closed ones. */
    private static final Map<LocalDate, List<OpeningHours.Span>> HOLIDAYS = Map.of(
            LocalDate.of(2026, 12, 24),
            List.of(new OpeningHours.Span(OPENS, LocalTime.NOON)),
            LocalDate.of(2026, 12, 25),
            List.of(),
            LocalDate.of(2027, 1, 1),
            List.of());

    /** Where packs are put apart. */
    public static final List<Container> CONTAINERS = List.of(
            new Container("1", "Sand bucket 1, indoors", 100, 6, false, Bulk.HANDHELD),
            new Container("2", "Sand bucket 2, indoors", 100, 6, false, Bulk.HANDHELD),
            new Container("3", "Vented box, by the door", 80, 1, false, Bulk.HANDHELD),
            new Container("4", "Vented box, device size", 150, 1, false, Bulk.LAPTOP),
            new Container("5", "Outdoor bay", 300, 12, true, Bulk.LAPTOP),
            new Container("6", "Sand bucket 3, indoors", 100, 6, false, Bulk.HANDHELD),
            new Container("7", "Clay crock, device size", 150, 1, false, Bulk.LAPTOP),
            new Container("8", "Sand bucket 4, on the quay", 100, 6, true, Bulk.HANDHELD),
            new Container("9", "Sand chest, on the quay", 150, 1, true, Bulk.LAPTOP));

    private EquipmentRoom() {}

    /** The week as any shop has it at first, in the ferry line's zone and with its holidays. */
    public static OpeningHours hours(OpeningHours atFirst) {
        return new OpeningHours(ZoneId.of("Europe/Lisbon"), atFirst.week(), HOLIDAYS);
    }

    /** A container of the isolation store. */
    public record Container(String id, String name, BigDecimal capacityWh, int places, boolean outdoors, Bulk takes) {
        Container(String id, String name, long capacityWh, int places, boolean outdoors, Bulk takes) {
            this(id, name, BigDecimal.valueOf(capacityWh), places, outdoors, takes);
        }
    }
}
