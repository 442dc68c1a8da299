package glowkettle.app.drawing;

import glowkettle.limits.Table;
import java.util.List;
import java.util.function.Function;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/**
 * A drawing over time as its template draws it.
 *
 * @param pens names the set of pens, of the theme
 * @param says what it shows, for who cannot see it
 * @param marks in the order they are drawn
 * @param below what stands under it
 * @param table the same in figures
 */
public record Plot(
        String pens,
        String says,
        Axes axes,
        List<Mark> marks,
        List<Tick> below,
        List<Key> keys,
        @Nullable Table table) {
    /** Something on the sheet, drawn with a pen of the set. */
    public sealed interface Mark {
        String pen();

        /** What the template calls it. */
        String sort();
    }

    /** A stretch along the sheet, over its whole height. */
    public record Shade(String pen, double x, double width) implements Mark {
        @Override
        public String sort() {
            return "shade";
        }
    }

    /**
     * A line across.
     *
     * @param edge said at its left end, outside
     * @param words said over it, inside
     */
    public record Level(String pen, double y, String edge, String words) implements Mark {
        @Override
        public String sort() {
            return "level";
        }
    }

    /** A line or an area, as a path. */
    public record Line(String pen, String path) implements Mark {
        @Override
        public String sort() {
            return "line";
        }
    }

    /** One reading, with its figure beside it. */
    public record Dot(String pen, double x, double y, String words) implements Mark {
        @Override
        public String sort() {
            return "dot";
        }
    }

    /** A stretch of work, half-way up the sheet, its name over or under it. */
    public record Bar(String pen, double x, double width, String words, boolean above) implements Mark {
        @Override
        public String sort() {
            return "bar";
        }
    }

    /** A stretch in a row of its own. */
    public record Block(String pen, double x, double width, double y, double height, String words) implements Mark {
        @Override
        public String sort() {
            return "block";
        }
    }

    /** Where a day begins. */
    public record Day(String pen, double x, String words) implements Mark {
        @Override
        public String sort() {
            return "day";
        }
    }

    /**
     * A moment that wants somebody.
     *
     * @param low its time stands in the lower row
     */
    public record Need(String pen, double x, String words, boolean low) implements Mark {
        @Override
        public String sort() {
            return "need";
        }
    }

    /** Stands where time has come to; the script moves it. */
    public record Hand(String pen) implements Mark {
        @Override
        public String sort() {
            return "hand";
        }
    }

    /** A mark under the drawing; the first and the last keep within its edges. */
    public record Tick(double x, String words, String anchor) {
        /** One of those from 0 to the last. */
        public static Tick at(int tick, int last, double x, String words) {
            return new Tick(x, words, tick == 0 ? "start" : tick == last ? "end" : "middle");
        }
    }

    /** What a pen means. */
    public record Key(String pen, boolean shade, String words) {}

    /** The same in figures. */
    public record Table(String words, List<String> columns, List<List<String>> rows) {
        private static final int MOST_ROWS = 20;

        /** Of a long series about every so many points, from the first on. */
        public static <P> Table of(String words, List<String> columns, List<P> series, Function<P, List<String>> row) {
            int every = Math.max(1, series.size() / MOST_ROWS);
            return new Table(
                    words,
                    columns,
                    IntStream.iterate(0, i -> i < series.size(), i -> i + every)
                            .mapToObj(series::get)
                            .map(row)
                            .toList());
        }
    }

    public Plot {
        marks = List.copyOf(marks);
        below = List.copyOf(below);
        keys = List.copyOf(keys);
    }
}
