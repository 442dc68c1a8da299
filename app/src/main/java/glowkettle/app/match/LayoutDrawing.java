package glowkettle.app.match;

import glowkettle.app.drawing.Axes;
import glowkettle.match.BuildStep;
import glowkettle.match.Layout;
import glowkettle.match.Layout.End;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/**
 * A pack from one of its ends, to scale, as the hands that hold it see it: from the bottom everything lies the other way round.
 *
 * @param labelled cells are large enough for their ids
 */
public record LayoutDrawing(
        End end,
        int width,
        int height,
        List<Cell> cells,
        List<Strip> strips,
        List<Mark> marks,
        boolean labelled,
        String says) {
    private static final int ACROSS = 620;
    private static final int MARGIN = 26;
    private static final double MOST_SCALE = 5.6;
    private static final double LABELLED_PX = 34;
    private static final double SIGNED_PX = 9;

    /** A cell; what is over it, ahead of hands or under a cover, is drawn over it. */
    public record Cell(double x, double y, double r, boolean plus, int group, String id, boolean handled) {
        public String sign() {
            return plus ? "+" : "−";
        }
    }

    /**
     * A strip from the middle of its first cell to that of its last.
     *
     * @param state {@code ahead}, {@code now} or {@code on}
     */
    public record Strip(double x1, double y1, double x2, double y2, double width, String state, int node) {}

    /** A sense lead, the fuse, the thermistor. */
    public record Mark(String kind, double x, double y, String words, String state) {}

    /** A sign can be read in its cell. */
    public boolean signed() {
        return cells.getFirst().r() >= SIGNED_PX;
    }

    public LayoutDrawing {
        cells = List.copyOf(cells);
        strips = List.copyOf(strips);
        marks = List.copyOf(marks);
    }

    /** Millimetres to pixels. */
    private record Scale(Layout layout, End end, double scale) {
        double x(double mm) {
            double across = end == End.TOP ? mm : cellsWidth() - mm;
            return Axes.tenth(MARGIN + across * scale);
        }

        double y(double mm) {
            return Axes.tenth(MARGIN + mm * scale);
        }

        private double cellsWidth() {
            return edge(layout.places().stream()
                    .mapToDouble(place -> place.xMm().doubleValue())
                    .max()
                    .orElse(0));
        }

        double cellsHeight() {
            return edge(layout.places().stream()
                    .mapToDouble(place -> place.yMm().doubleValue())
                    .max()
                    .orElse(0));
        }

        private double edge(double farthest) {
            return farthest + layout.places().getFirst().xMm().doubleValue();
        }
    }

    /**
     * What hands have done, and what they do.
     *
     * @param on strips by their numbers
     * @param done steps by their ids
     */
    record Under(
            Set<Integer> on, Set<String> done, @Nullable BuildStep now) {
        static final Under NOTHING = new Under(Set.of(), Set.of(), null);

        static Under of(List<BuildStep> done, @Nullable BuildStep now) {
            return new Under(
                    done.stream().flatMap(step -> step.strips().stream()).collect(Collectors.toSet()),
                    done.stream().map(BuildStep::id).collect(Collectors.toSet()),
                    now);
        }

        boolean isOn(int strip) {
            return on.contains(strip);
        }

        boolean isDone(String id) {
            return done.contains(id);
        }

        boolean isAtHand(int strip) {
            return now != null && now.strips().contains(strip);
        }

        boolean isHandled(Layout.Place place) {
            return now != null
                    && now.kind() == BuildStep.Kind.GROUP
                    && now.number() != null
                    && place.group() == now.number();
        }
    }

    /** @param stripMm width of the strip */
    static LayoutDrawing of(Layout layout, End end, double stripMm, Under under) {
        Scale unscaled = new Scale(layout, end, 1);
        double scale = Math.min(MOST_SCALE, ACROSS / unscaled.cellsWidth());
        Scale scaled = new Scale(layout, end, scale);
        double radius = Axes.tenth(layout.places().getFirst().xMm().doubleValue() * scale);
        List<Cell> cells = layout.places().stream()
                .map(place -> new Cell(
                        scaled.x(place.xMm().doubleValue()),
                        scaled.y(place.yMm().doubleValue()),
                        radius,
                        place.plusUp() == (end == End.TOP),
                        place.group(),
                        place.id() == null ? String.valueOf(place.number()) : place.id(),
                        under.isHandled(place)))
                .toList();
        List<Strip> strips = IntStream.rangeClosed(1, layout.strips().size())
                .filter(number -> layout.strips().get(number - 1).end() == end)
                .mapToObj(number -> strip(layout, number, scaled, stripMm, under))
                .toList();
        return new LayoutDrawing(
                end,
                (int) Math.ceil(2 * MARGIN + unscaled.cellsWidth() * scale),
                (int) Math.ceil(2 * MARGIN + unscaled.cellsHeight() * scale),
                cells,
                strips,
                marks(layout, end, scaled, under),
                2 * radius >= LABELLED_PX,
                "The %s end of %s cells: %s strips"
                        .formatted(end.words(), layout.places().size(), strips.size()));
    }

    private static Strip strip(Layout layout, int number, Scale scale, double stripMm, Under under) {
        Layout.Strip strip = layout.strips().get(number - 1);
        Layout.Place from = layout.places().get(strip.places().getFirst() - 1);
        Layout.Place to = layout.places().get(strip.places().getLast() - 1);
        return new Strip(
                scale.x(from.xMm().doubleValue()),
                scale.y(from.yMm().doubleValue()),
                scale.x(to.xMm().doubleValue()),
                scale.y(to.yMm().doubleValue()),
                Axes.tenth(stripMm * scale.scale()),
                under.isOn(number) ? "on" : under.isAtHand(number) ? "now" : "ahead",
                strip.node());
    }

    private static List<Mark> marks(Layout layout, End end, Scale scale, Under under) {
        List<Mark> marks = new ArrayList<>();
        layout.fittings().senses().stream()
                .filter(sense -> sense.end() == end)
                .forEach(sense -> marks.add(mark(
                        layout,
                        "sense",
                        sense,
                        String.valueOf(sense.node()),
                        scale,
                        under.isDone("sense-" + sense.node()))));
        Layout.Spot fuse = layout.fittings().fuse();
        if (fuse.end() == end) {
            marks.add(mark(layout, "fuse", fuse, "fuse", scale, under.isDone("fuse")));
        }
        marks.add(new Mark(
                "thermistor",
                scale.x(layout.fittings().thermistorXMm().doubleValue()),
                scale.y(layout.fittings().thermistorYMm().doubleValue()),
                "",
                under.isDone("thermistor") ? "on" : "ahead"));
        return marks;
    }

    private static Mark mark(Layout layout, String kind, Layout.Spot spot, String words, Scale scale, boolean on) {
        Layout.Place place = layout.places().get(spot.place() - 1);
        double radius = layout.places().getFirst().xMm().doubleValue();
        double up = kind.equals("fuse") ? radius * 0.55 : -radius * 0.55;
        return new Mark(
                kind,
                scale.x(place.xMm().doubleValue()),
                scale.y(place.yMm().doubleValue() + up),
                words,
                on ? "on" : "ahead");
    }
}
