package glowkettle.match;

import glowkettle.match.BuildStep.Kind;
import glowkettle.match.Layout.End;
import glowkettle.match.Layout.Place;
import glowkettle.match.Layout.Strip;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/**
 * The order in which a pack is built. Before the first strip both ends are covered whole; then the cover is opened over one node at
 * a time and shut again, so that no tool ever finds two voltages beside each other. What joins sub-packs comes last.
 */
final class BuildOrder {
    private static final String TOOLS = "Insulated tools. No ring, no watch, no chain.";
    private static final String WINDOW = "Open the cover over this node alone; shut it again before the next one.";
    private static final String EYES = "Eye protection; extraction on; nothing that burns within reach of sparks.";

    private final List<Place> places;
    private final List<Strip> strips;
    private final List<Integer> joints;
    private final int series;
    private final List<BuildStep> steps = new ArrayList<>();

    private BuildOrder(List<Place> places, List<Strip> strips, List<Integer> subPacks) {
        this.places = places;
        this.strips = strips;
        this.joints = SubPacks.joints(subPacks);
        this.series = places.getLast().group();
    }

    static List<BuildStep> of(List<Place> places, List<Strip> strips, List<Integer> subPacks) {
        return new BuildOrder(places, strips, subPacks).steps();
    }

    private List<BuildStep> steps() {
        cells();
        for (End end : End.values()) {
            if (end == End.BOTTOM) {
                add("turn", Kind.TURN, null, null, "Turn it over: the finished end lies down, covered", TOOLS);
            }
            IntStream.rangeClosed(0, series).forEach(node -> strips(node, end));
        }
        leads();
        joints.forEach(this::join);
        add(
                "wrap",
                Kind.WRAP,
                null,
                null,
                "Wrap it whole; the free ends of all leads stay covered",
                TOOLS,
                "Its label says what was measured, not what the cells were sold as.");
        return steps;
    }

    private void cells() {
        add("rings", Kind.RINGS, null, null, "An insulating ring on every plus end: " + places.size(), TOOLS);
        for (int group = 1; group <= series; group++) {
            int number = group;
            List<Place> cells =
                    places.stream().filter(place -> place.group() == number).toList();
            String ids = cells.stream().map(Place::id).allMatch(id -> id != null)
                    ? ": " + cells.stream().map(Place::id).collect(Collectors.joining(", "))
                    : "";
            add(
                    "group-" + group,
                    Kind.GROUP,
                    group,
                    null,
                    "Group %s into the holder, plus end %s%s"
                            .formatted(group, cells.getFirst().plusUp() ? "up" : "down", ids),
                    TOOLS,
                    "One cell in hand at a time; no two loose ones touch.");
        }
        add(
                "polarity",
                Kind.POLARITY,
                null,
                null,
                "Look at both ends: every cell the way the drawing shows",
                "One cell the wrong way round is a short as soon as the strip is on.");
        add(
                "cover",
                Kind.COVER,
                null,
                null,
                "Cover both ends whole",
                TOOLS,
                "Nothing is joined before both are covered.");
    }

    private void strips(int node, End end) {
        List<Strip> here = strips.stream()
                .filter(strip -> strip.node() == node && strip.end() == end && !strip.joinsSubPacks())
                .toList();
        if (here.isEmpty()) {
            return;
        }
        if (!joints.contains(node)) {
            weld("strips-" + node, node, end, here, "");
            return;
        }
        // Two sub-packs meet here: each of them is finished by itself.
        weld("strips-" + node + "-lower", node, end, ofGroup(here, node), " of the lower sub-pack");
        weld("strips-" + node + "-upper", node, end, ofGroup(here, node + 1), " of the upper sub-pack");
    }

    private List<Strip> ofGroup(List<Strip> of, int group) {
        return of.stream()
                .filter(strip -> places.get(strip.places().getFirst() - 1).group() == group)
                .toList();
    }

    private void weld(String id, int node, End end, List<Strip> here, String which) {
        int welds = here.stream().mapToInt(Strip::welds).sum();
        steps.add(new BuildStep(
                id,
                Kind.STRIPS,
                node,
                end,
                welds,
                "%s%s: %s, %s welds"
                        .formatted(name(node), which, here.size() == 1 ? "1 strip" : here.size() + " strips", welds),
                List.of(TOOLS, WINDOW, EYES),
                List.of(node)));
    }

    private String name(int node) {
        if (node == 0) {
            return "Minus of the pack";
        }
        return node == series ? "Plus of the pack" : "Group %s to group %s".formatted(node, node + 1);
    }

    private void leads() {
        add("thermistor", Kind.THERMISTOR, null, null, "The thermistor between the cells, its bead on the can", TOOLS);
        IntStream.rangeClosed(0, series).filter(node -> !joints.contains(node)).forEach(this::sense);
        on(
                "minus",
                Kind.MINUS,
                0,
                "The minus lead; its free end is covered",
                TOOLS,
                WINDOW,
                "One lead at a time: the other stays off.");
        add(
                "fuse",
                Kind.FUSE,
                null,
                null,
                "The fuse into the plus lead, before that lead is on the pack",
                "Nothing is powered without it.");
        on("plus", Kind.PLUS, series, "The plus lead, last; its free end is covered", TOOLS, WINDOW);
    }

    private void sense(int node) {
        on(
                "sense-" + node,
                Kind.SENSE,
                node,
                "Sense lead %s on %s".formatted(node, name(node).toLowerCase(Locale.ROOT)),
                TOOLS,
                WINDOW,
                "The sense plug is in nothing. Its other pins are covered.");
    }

    private void join(int node) {
        List<Strip> here = strips.stream()
                .filter(strip -> strip.node() == node && strip.joinsSubPacks())
                .toList();
        int welds = here.stream().mapToInt(Strip::welds).sum();
        steps.add(new BuildStep(
                "join-" + node,
                Kind.JOIN,
                node,
                here.getFirst().end(),
                welds,
                "The sub-packs are joined: group %s to group %s, %s welds".formatted(node, node + 1, welds),
                List.of(
                        "From here on it is live: rated gloves, face shield, a second person who can switch off and call.",
                        TOOLS,
                        WINDOW,
                        EYES),
                List.of(node)));
        sense(node);
    }

    private void on(String id, Kind kind, int node, String words, String... cautions) {
        End end = strips.stream()
                .filter(strip -> strip.node() == node)
                .findFirst()
                .map(Strip::end)
                .orElseThrow();
        steps.add(new BuildStep(id, kind, node, end, 0, words, List.of(cautions), List.of(node)));
    }

    private void add(
            String id, Kind kind, @Nullable Integer number, @Nullable End end, String words, String... cautions) {
        steps.add(new BuildStep(id, kind, number, end, 0, words, List.of(cautions), List.of()));
    }
}
