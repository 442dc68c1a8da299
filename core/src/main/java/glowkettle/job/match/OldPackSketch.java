package glowkettle.job.match;

import glowkettle.finding.Result;
import glowkettle.job.Fold;
import glowkettle.job.JobFile;
import glowkettle.job.Sum;
import glowkettle.match.GroupVoltages;
import glowkettle.match.Layout.Arrangement;
import glowkettle.match.OldPackDrawing;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;

/** The old pack as far as it was drawn. */
public final class OldPackSketch {
    private static final Sum<OldPackSketch> SKETCH = new Sum<>();

    private final JobFile job;
    private final Optional<MatchEntry.OldPackBegun> begun;
    private final Map<Integer, Integer> groups = new TreeMap<>();
    private final Set<Integer> turned = new TreeSet<>();
    private final Map<Integer, Integer> taps = new TreeMap<>();

    private OldPackSketch(JobFile job) {
        this.job = job;
        begun = Fold.from(Optional.<MatchEntry.OldPackBegun>empty())
                .at(MatchEntry.OldPackBegun.class, (grid, again) -> {
                    begin(again);
                    return Optional.of(again);
                })
                .at(MatchEntry.OldCellMarked.class, (grid, marked) -> {
                    groups.put(marked.place().intValue(), marked.group().intValue());
                    return grid;
                })
                .at(MatchEntry.OldGroupTurned.class, (grid, turn) -> {
                    turn(turn.group().intValue());
                    return grid;
                })
                .at(MatchEntry.SenseLeadFollowed.class, (grid, followed) -> {
                    taps.put(followed.pin().intValue(), followed.tap().intValue());
                    return grid;
                })
                .over(job.state().counting());
    }

    public static OldPackSketch of(JobFile job) {
        return job.once(SKETCH, OldPackSketch::new);
    }

    private void begin(MatchEntry.OldPackBegun grid) {
        groups.clear();
        turned.clear();
        taps.clear();
        int series = grid.series().intValue();
        int parallel = grid.parallel().intValue();
        for (int group = 2; group <= series; group += 2) {
            turned.add(group);
        }
        if (grid.start() == MatchEntry.Start.COLUMNS) {
            for (int place = 1; place <= series * parallel; place++) {
                groups.put(place, (place - 1) / parallel + 1);
            }
        }
    }

    private void turn(int group) {
        if (!turned.remove(group)) {
            turned.add(group);
        }
    }

    public Optional<MatchEntry.OldPackBegun> begun() {
        return begun;
    }

    /** A place of the grid, column by column from the upper left. */
    public record Cell(int place, int row, int column, int group, boolean plusUp) {}

    /** Group 0 is nobody's yet. */
    public List<Cell> cells() {
        return begun.map(grid -> {
                    List<Cell> cells = new ArrayList<>();
                    int rows = grid.rows().intValue();
                    for (int place = 1; place <= cellCount(grid); place++) {
                        int group = groups.getOrDefault(place, 0);
                        cells.add(new Cell(
                                place, (place - 1) % rows, (place - 1) / rows, group, !turned.contains(group)));
                    }
                    return List.copyOf(cells);
                })
                .orElse(List.of());
    }

    static int cellCount(MatchEntry.OldPackBegun grid) {
        return grid.series().intValue() * grid.parallel().intValue();
    }

    public boolean isNested() {
        return begun.filter(grid -> grid.arrangement() == Arrangement.NESTED).isPresent();
    }

    /** By pin, from the marked end of the plug. */
    public Map<Integer, Integer> taps() {
        return Map.copyOf(taps);
    }

    /** The group that the next cell is most likely of: the first that lacks one. */
    public int nextGroup() {
        return begun.map(grid -> {
                    for (int group = 1; group <= grid.series().intValue(); group++) {
                        int number = group;
                        long own = groups.values().stream()
                                .filter(marked -> marked == number)
                                .count();
                        if (own < grid.parallel().intValue()) {
                            return group;
                        }
                    }
                    return grid.series().intValue();
                })
                .orElse(1);
    }

    /** The pin that nobody followed yet; empty when all were. */
    public Optional<Integer> nextPin() {
        return begun.flatMap(grid -> {
            for (int pin = 1; pin <= grid.series().intValue() + 1; pin++) {
                if (!taps.containsKey(pin)) {
                    return Optional.of(pin);
                }
            }
            return Optional.empty();
        });
    }

    public Optional<Result<OldPackDrawing>> drawing() {
        return begun.map(grid -> OldPackDrawing.of(
                new OldPackDrawing.Request(
                        grid.series(),
                        grid.parallel(),
                        cells().stream()
                                .filter(cell -> cell.group() > 0)
                                .map(cell -> new OldPackDrawing.Cell(
                                        BigDecimal.valueOf(cell.place()),
                                        BigDecimal.valueOf(cell.group()),
                                        cell.plusUp()))
                                .toList(),
                        taps.entrySet().stream()
                                .map(tap -> new OldPackDrawing.Sense(
                                        BigDecimal.valueOf(tap.getKey()), BigDecimal.valueOf(tap.getValue())))
                                .toList()),
                job.limits()));
    }

    public boolean isWhole() {
        return drawing().filter(drawn -> drawn.result().whole()).isPresent();
    }

    public Optional<Result<GroupVoltages>> voltages() {
        return job.state()
                .latest(MatchEntry.OldGroupsMetered.class)
                .map(metered -> GroupVoltages.of(metered.voltages(), job.limits()));
    }
}
