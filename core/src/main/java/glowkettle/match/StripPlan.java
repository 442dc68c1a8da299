package glowkettle.match;

import glowkettle.match.Lattice.Spot;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * Which spots each strip lies over. A node is what has one voltage: the minus of the first group is node 0, what joins group k to
 * the next one is node k. Strips run straight from neighbour to neighbour within one node, so that none crosses another's cells.
 */
final class StripPlan {
    private final Lattice lattice;

    StripPlan(Lattice lattice) {
        this.lattice = lattice;
    }

    /**
     * A strip.
     *
     * @param joins it is the last thing between two sub-packs
     */
    record Run(int node, List<Spot> spots, boolean joins) {}

    /** @param split nodes that join sub-packs */
    List<Run> runs(List<Integer> split) {
        List<Run> runs = new ArrayList<>(alone(0, 1));
        for (int node = 1; node < lattice.series(); node++) {
            if (split.contains(node)) {
                runs.addAll(alone(node, node));
                runs.addAll(alone(node, node + 1));
                bridges(node).forEach(runs::add);
            } else {
                runs.addAll(joint(node));
            }
        }
        runs.addAll(alone(lattice.series(), lattice.series()));
        return runs;
    }

    /** One group by itself. */
    private List<Run> alone(int node, int group) {
        List<Spot> spots = lattice.spots(group);
        if (spots.size() == 1) {
            return List.of(new Run(node, spots, false));
        }
        List<Run> runs = new ArrayList<>();
        rows(spots).filter(row -> row.size() > 1).forEach(row -> runs.add(new Run(node, row, false)));
        tie(node, spots, 0, runs);
        return runs;
    }

    /** Two groups: as many strips as the side they share is wide, and one along each group, so that its cells stay alike. */
    private List<Run> joint(int node) {
        List<Spot> first = lattice.spots(node);
        List<Spot> second = lattice.spots(node + 1);
        List<Spot> both = Stream.concat(first.stream(), second.stream()).toList();
        List<Run> runs = new ArrayList<>();
        if (lattice.isBeside(node)) {
            rows(both).forEach(row -> runs.add(new Run(node, row, false)));
            boolean rightwards = first.getFirst().column() < second.getFirst().column();
            tie(node, first, rightwards ? lattice.blockColumns() - 1 : 0, runs);
            tie(node, second, rightwards ? 0 : lattice.blockColumns() - 1, runs);
        } else {
            columns(both).forEach(column -> pieces(column).forEach(piece -> runs.add(new Run(node, piece, false))));
            Stream.of(rows(first).reduce((one, other) -> other), rows(second).findFirst())
                    .flatMap(Optional::stream)
                    .filter(row -> row.size() > 1)
                    .forEach(row -> runs.add(new Run(node, row, false)));
        }
        return runs;
    }

    /** From cell to cell over the side that two groups share. */
    private Stream<Run> bridges(int node) {
        List<Spot> both = Stream.concat(lattice.spots(node).stream(), lattice.spots(node + 1).stream())
                .toList();
        int half = lattice.isBeside(node) ? lattice.blockColumns() : lattice.blockRows();
        Stream<List<Spot>> lines = lattice.isBeside(node) ? rows(both) : columns(both);
        return lines.map(line -> new Run(node, line.subList(half - 1, half + 1), true));
    }

    private void tie(int node, List<Spot> group, int column, List<Run> runs) {
        if (lattice.blockRows() == 1) {
            return;
        }
        int at = group.getFirst().column() + column;
        List<Spot> line = group.stream().filter(spot -> spot.column() == at).toList();
        pieces(line).forEach(piece -> runs.add(new Run(node, piece, false)));
    }

    /** A column is straight only where rows do not lie half a pitch aside. */
    private Stream<List<Spot>> pieces(List<Spot> column) {
        if (!lattice.nested()) {
            return Stream.of(column);
        }
        return IntStream.range(0, column.size() - 1).mapToObj(index -> column.subList(index, index + 2));
    }

    private static Stream<List<Spot>> rows(List<Spot> spots) {
        return lines(spots, Comparator.comparing(Spot::row), Comparator.comparing(Spot::column));
    }

    private static Stream<List<Spot>> columns(List<Spot> spots) {
        return lines(spots, Comparator.comparing(Spot::column), Comparator.comparing(Spot::row));
    }

    private static Stream<List<Spot>> lines(List<Spot> spots, Comparator<Spot> line, Comparator<Spot> along) {
        Map<Spot, List<Spot>> lines = spots.stream()
                .sorted(along)
                .collect(Collectors.groupingBy(spot -> spot, () -> new TreeMap<>(line), Collectors.toList()));
        return lines.values().stream();
    }
}
