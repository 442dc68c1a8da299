package glowkettle.app.match;

import glowkettle.app.binding.FilledForm;
import glowkettle.finding.Result;
import glowkettle.job.JobFile;
import glowkettle.job.match.MatchEntry;
import glowkettle.job.match.OldPackSketch;
import glowkettle.match.GroupVoltages;
import glowkettle.match.OldPackDrawing;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/**
 * The old pack under the pen.
 *
 * @param pen the group that the next tap draws
 */
public record SketchPanel(
        JobFile job,
        MatchEntry.OldPackBegun grid,
        int pen,
        Result<OldPackDrawing> drawing,
        @Nullable Result<GroupVoltages> voltages) {
    static @Nullable SketchPanel of(JobFile job, FilledForm filled) {
        OldPackSketch sketch = OldPackSketch.of(job);
        return sketch.begun()
                .map(grid -> new SketchPanel(
                        job,
                        grid,
                        pen(filled, sketch, grid),
                        sketch.drawing().orElseThrow(),
                        sketch.voltages().orElse(null)))
                .orElse(null);
    }

    private static int pen(FilledForm filled, OldPackSketch sketch, MatchEntry.OldPackBegun grid) {
        String asked = Objects.requireNonNullElse(filled.asked("pen"), "");
        return asked.matches("[0-9]{1,2}")
                        && Integer.parseInt(asked) >= 1
                        && Integer.parseInt(asked) <= grid.series().intValue()
                ? Integer.parseInt(asked)
                : sketch.nextGroup();
    }

    private OldPackSketch sketch() {
        return OldPackSketch.of(job);
    }

    public int rows() {
        return grid.rows().intValue();
    }

    public int columns() {
        return Math.ceilDiv(sketch().cells().size(), rows());
    }

    public boolean isNested() {
        return sketch().isNested();
    }

    /** Row by row from the left, as one looks at the top; from the bottom the columns run the other way. */
    public List<OldPackSketch.Cell> cells(boolean top) {
        return sketch().cells().stream()
                .sorted(Comparator.comparing(OldPackSketch.Cell::row)
                        .thenComparing(cell -> top ? cell.column() : -cell.column()))
                .toList();
    }

    /** A group with how many of its cells are drawn. */
    public record Group(int number, long drawn, boolean plusUp) {}

    public List<Group> groups() {
        return IntStream.rangeClosed(1, grid.series().intValue())
                .mapToObj(number -> new Group(
                        number,
                        sketch().cells().stream()
                                .filter(cell -> cell.group() == number)
                                .count(),
                        sketch().cells().stream()
                                .filter(cell -> cell.group() == number)
                                .findFirst()
                                .map(OldPackSketch.Cell::plusUp)
                                .orElse(number % 2 == 1)))
                .toList();
    }

    /** All cells have their group: the sense leads are followed next. */
    public boolean isFilled() {
        return sketch().cells().stream().allMatch(cell -> cell.group() > 0);
    }

    public @Nullable Integer nextPin() {
        return sketch().nextPin().orElse(null);
    }

    /** Every tap there is, minus first. */
    public List<Integer> taps() {
        return IntStream.rangeClosed(0, grid.series().intValue()).boxed().toList();
    }

    public String tapWords(int tap) {
        if (tap == 0) {
            return "minus";
        }
        return tap == grid.series().intValue() ? "plus" : "%s | %s".formatted(tap, tap + 1);
    }

    public List<Map.Entry<Integer, Integer>> followed() {
        return sketch().taps().entrySet().stream()
                .sorted(Map.Entry.comparingByKey())
                .toList();
    }
}
