package glowkettle.app.join;

import glowkettle.join.LeadFinder;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/**
 * The leads of a new pack as they lie, with the probes on the two to touch now, and the pads of the board over them.
 *
 * @param joins from leads to pads, once it is told which goes where
 */
public record LeadsDrawing(List<Wire> wires, List<Spot> pads, List<Join> joins, String says) {
    public static final int WIDTH = 680;

    private static final int EDGE = 50;
    /** Beside the last lead there is room for what it may be. */
    private static final int NAMES = 60;

    private static final List<String> COLOURS =
            List.of("red", "black", "white", "yellow", "blue", "green", "brown", "orange", "grey", "violet", "pink");

    /**
     * A lead.
     *
     * @param colour a class of the theme; empty for a colour it has none for
     * @param probe red, black or nothing
     * @param roles what it may still be
     */
    public record Wire(String id, int x, String colour, String colourWords, String probe, List<String> roles) {
        public Wire {
            roles = List.copyOf(roles);
        }
    }

    /** A pad, with the colour of the lead that was on it. */
    public record Spot(String pad, int x, String colour, String colourWords) {}

    /** From a lead's end to its pad. */
    public record Join(int fromX, int toX, String colour, boolean due) {}

    static LeadsDrawing of(LeadFinder.Request asked, LeadFinder found) {
        return of(asked, found, found.next(), null);
    }

    /**
     * @param probes where they go now
     * @param due the pad that is soldered now
     */
    static LeadsDrawing of(
            LeadFinder.Request asked, LeadFinder found, LeadFinder.@Nullable Measurement probes, @Nullable String due) {
        List<Spot> pads = pads(asked);
        List<Wire> wires = IntStream.range(0, asked.leads().size())
                .mapToObj(i -> wire(asked, found, probes, i))
                .toList();
        List<Join> joins = new ArrayList<>();
        for (int i = 0; i < found.table().size(); i++) {
            Wire wire = wires.get(i);
            String pad = found.table().get(i).pad();
            pads.stream()
                    .filter(spot -> spot.pad().equals(pad))
                    .findFirst()
                    .ifPresent(spot -> joins.add(new Join(
                            wire.x(), spot.x(), wire.colour(), spot.pad().equals(due))));
        }
        return new LeadsDrawing(wires, pads, joins, says(wires, probes));
    }

    private static Wire wire(
            LeadFinder.Request asked, LeadFinder found, LeadFinder.@Nullable Measurement next, int lead) {
        LeadFinder.NewLead own = asked.leads().get(lead);
        String probe = next == null
                ? ""
                : next.from().equals(own.id()) ? "red" : next.to().equals(own.id()) ? "black" : "";
        return new Wire(
                own.id(),
                across(lead, asked.leads().size()),
                colour(own.colour()),
                Objects.requireNonNullElse(own.colour(), ""),
                probe,
                found.leads().isEmpty() ? List.of() : found.leads().get(lead).roles());
    }

    private static List<Spot> pads(LeadFinder.Request asked) {
        List<LeadFinder.Pad> pads = Objects.requireNonNullElse(asked.pads(), List.of());
        return IntStream.range(0, pads.size())
                .mapToObj(i -> new Spot(
                        pads.get(i).pad(),
                        across(i, pads.size()),
                        colour(pads.get(i).colour()),
                        Objects.requireNonNullElse(pads.get(i).colour(), "")))
                .toList();
    }

    private static int across(int place, int places) {
        return places == 1 ? WIDTH / 2 : EDGE + place * (WIDTH - 2 * EDGE - NAMES) / (places - 1);
    }

    private static String colour(@Nullable String words) {
        return words == null
                ? ""
                : COLOURS.stream()
                        .filter(words.toLowerCase(Locale.ROOT)::contains)
                        .findFirst()
                        .orElse("");
    }

    private static String says(List<Wire> wires, LeadFinder.@Nullable Measurement next) {
        String leads = wires.stream()
                .map(wire -> "%s %s: %s".formatted(wire.id(), wire.colourWords(), String.join(" or ", wire.roles())))
                .collect(Collectors.joining("; "));
        return next == null
                ? leads
                : "%s. Red probe on %s, black probe on %s: %s"
                        .formatted(leads, next.from(), next.to(), next.kind().words());
    }
}
