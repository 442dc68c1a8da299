package glowkettle.match;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/** What hands would do without a search. */
final class Dealing {
    private Dealing() {}

    /** The first ones, group by group. */
    static List<List<Integer>> asListed(int series, int parallel) {
        return IntStream.range(0, series)
                .mapToObj(group -> IntStream.range(group * parallel, (group + 1) * parallel)
                        .boxed()
                        .toList())
                .toList();
    }

    /** By falling capacity, there and back. */
    static List<List<Integer>> dealt(CellFigures cells, int series, int parallel) {
        List<List<Integer>> groups = Stream.generate(() -> (List<Integer>) new ArrayList<Integer>())
                .limit(series)
                .toList();
        for (int dealt = 0; dealt < series * parallel; dealt++) {
            int round = dealt / series;
            int place = dealt % series;
            groups.get(round % 2 == 0 ? place : series - 1 - place).add(cells.byCapacity()[dealt]);
        }
        return groups;
    }
}
