package glowkettle.library;

import glowkettle.finding.Says;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/**
 * How a pack sits in its device, and what lives beside it.
 *
 * @param ears what screws hold the pack itself by; null where none do
 * @param seating which edge of the pack enters first, and whether its plug goes in before; null where it does not matter
 * @param movesOver what is on the old pack and goes onto the new one, such as an adapter board
 * @param coinCell a backup cell, which is a pack of its own; null where the device has none
 */
public record Seat(
        @Says(value = "Ears and screws that hold the pack", longest = 120) @Nullable
        String ears,

        @Says(value = "Which edge enters first", longest = 200) @Nullable
        String seating,

        @Says(value = "What moves over from the old pack", longest = 120) @Nullable
        List<String> movesOver,

        @Nullable CoinCell coinCell) {
    public static final Seat PLAIN = new Seat(null, null, null, null);

    public Seat {
        movesOver = List.copyOf(Objects.requireNonNullElse(movesOver, List.of()));
    }

    /**
     * A backup cell: it keeps the clock while the main pack is out.
     *
     * @param operation that takes it out
     * @param kind what it is, as hands know it
     */
    public record CoinCell(
            @Says(value = "Operation that takes it out", longest = 40)
            String operation,

            @Says(value = "What it is: chemistry, plug, adhesive", longest = 120)
            String kind) {}
}
