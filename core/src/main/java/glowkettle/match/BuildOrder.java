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
    private static final String LIVE =
            "From here on it is live: rated gloves, face shield, a second person who can switch off and call.";
    private static final String EYES = "Eye protection; extraction on; nothing that burns within reach of sparks.";

    private final List<Place> places;
    private final List<Strip> strips;
    private final List<Integer> joints;
    private final int series;
    private final int mostWelds;
    private final List<BuildStep> steps = new ArrayList<>();

    private BuildOrder(List<Place> places, List<Strip> strips, List<Integer> subPacks, int mostWelds) {
        this.mostWelds = mostWelds;
        this.places = places;
        this.strips = strips;
        this.joints = SubPacks.joints(subPacks);
        this.series = places.getLast().group();
    }

    /** @param mostWelds before a welder's level is tested again */
    static List<BuildStep> of(List<Place> places, List<Strip> strips, List<Integer> subPacks, int mostWelds) {
        return new BuildOrder(places, strips, subPacks, mostWelds).steps();
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
        List<Integer> here = of(node, end, false);
        if (!joints.contains(node)) {
            weld(Kind.STRIPS, "strips-" + node, node, name(node), here);
            return;
        }
        // Two sub-packs meet here: each of them is finished by itself.
        weld(Kind.STRIPS, "strips-" + node + "-lower", node, "The lower sub-pack's end", ofGroup(here, node));
        weld(Kind.STRIPS, "strips-" + node + "-upper", node, "The upper sub-pack's end", ofGroup(here, node + 1));
    }

    private List<Integer> of(int node, End end, boolean joining) {
        return IntStream.rangeClosed(1, strips.size())
                .filter(number -> strip(number).node() == node
                        && strip(number).end() == end
                        && strip(number).joinsSubPacks() == joining)
                .boxed()
                .toList();
    }

    private Strip strip(int number) {
        return strips.get(number - 1);
    }

    private List<Integer> ofGroup(List<Integer> of, int group) {
        return of.stream()
                .filter(number ->
                        places.get(strip(number).places().getFirst() - 1).group() == group)
                .toList();
    }

    /** No more welds in a step than a welder's level is trusted for. */
    private void weld(Kind kind, String id, int node, String what, List<Integer> here) {
        List<List<Integer>> parts = new ArrayList<>();
        int welds = 0;
        for (int number : here) {
            welds += strip(number).welds();
            if (parts.isEmpty() || welds > mostWelds) {
                parts.add(new ArrayList<>());
                welds = strip(number).welds();
            }
            parts.getLast().add(number);
        }
        for (int part = 0; part < parts.size(); part++) {
            String which = parts.size() == 1 ? "" : " (%s of %s)".formatted(part + 1, parts.size());
            weldPart(kind, parts.size() == 1 ? id : id + "-" + (part + 1), node, what + which, parts.get(part));
        }
    }

    private void weldPart(Kind kind, String id, int node, String what, List<Integer> part) {
        int welds = part.stream().mapToInt(number -> strip(number).welds()).sum();
        List<String> cautions = new ArrayList<>(List.of(TOOLS, WINDOW, EYES));
        if (kind == Kind.JOIN) {
            cautions.addFirst(LIVE);
        }
        steps.add(new BuildStep(
                id,
                kind,
                node,
                strip(part.getFirst()).end(),
                welds,
                "%s: %s, %s welds".formatted(what, part.size() == 1 ? "1 strip" : part.size() + " strips", welds),
                cautions,
                part));
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
        weld(
                Kind.JOIN,
                "join-" + node,
                node,
                "The sub-packs are joined, group %s to group %s".formatted(node, node + 1),
                of(node, endOf(node), true));
        sense(node);
    }

    private void on(String id, Kind kind, int node, String words, String... cautions) {
        steps.add(new BuildStep(id, kind, node, endOf(node), 0, words, List.of(cautions), List.of()));
    }

    /** All strips of a node lie at one end. */
    private End endOf(int node) {
        return strips.stream()
                .filter(strip -> strip.node() == node)
                .findFirst()
                .map(Strip::end)
                .orElseThrow();
    }

    private void add(
            String id, Kind kind, @Nullable Integer number, @Nullable End end, String words, String... cautions) {
        steps.add(new BuildStep(id, kind, number, end, 0, words, List.of(cautions), List.of()));
    }
}
