package glowkettle.match;

import glowkettle.finding.Finding;
import glowkettle.finding.Result;
import glowkettle.finding.Says;
import glowkettle.finding.Unanswerable;
import glowkettle.finding.Within;
import glowkettle.finding.Working;
import glowkettle.limits.ShopLimits;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/**
 * An old pack as it was drawn: which cells lie parallel, which groups in series, which way round, and what each pin of the sense
 * plug is on. Nothing is cut before it is whole. Source: handbook, Match, Old pack.
 *
 * @param whole nothing is missing and nothing contradicts
 * @param open what is to be drawn or asked yet
 */
public record OldPackDrawing(boolean whole, List<String> open) {
    private static final int MOST_CELLS = 2_000;

    /** A cell where it lies; seen from the top. */
    public record Cell(
            @Says("Place") @Within(min = "1", max = "2000", whole = true)
            BigDecimal place,

            @Says("Group") @Within(min = "1", max = "20", whole = true)
            BigDecimal group,

            @Says("Plus end up") Boolean plusUp) {}

    /** A pin of the sense plug. */
    public record Sense(
            @Says("Pin, from the marked end") @Within(min = "1", max = "21", whole = true)
            BigDecimal pin,

            @Says("On: 0 is minus, 1 lies after the first group") @Within(min = "0", max = "20", whole = true)
            BigDecimal tap) {}

    /** What was drawn. */
    public record Request(
            @Says("Groups in series") @Within(min = "1", max = "20", whole = true)
            BigDecimal series,

            @Says("Cells in parallel") @Within(min = "1", max = "100", whole = true)
            BigDecimal parallel,

            @Says("Cells") List<Cell> cells,
            @Says("Sense leads") List<Sense> senses) {
        public Request {
            cells = List.copyOf(cells);
            senses = List.copyOf(senses);
        }
    }

    public OldPackDrawing {
        open = List.copyOf(open);
    }

    public static Result<OldPackDrawing> of(Request drawn, ShopLimits ignored) {
        int series = drawn.series().intValue();
        int parallel = drawn.parallel().intValue();
        check(drawn);
        List<Finding> findings = new ArrayList<>();
        List<String> open = new ArrayList<>();
        groups(drawn.cells(), series, parallel, findings, open);
        senses(drawn.senses(), series, findings, open);
        return new Result<>(
                new OldPackDrawing(findings.isEmpty() && open.isEmpty(), open),
                findings,
                Working.of(
                        "%s groups · %s cells = %s, %s are drawn"
                                .formatted(
                                        series,
                                        parallel,
                                        series * parallel,
                                        drawn.cells().size()),
                        "%s groups want %s sense leads, %s are drawn"
                                .formatted(series, series + 1, drawn.senses().size())));
    }

    private static void check(Request drawn) {
        if (drawn.cells().size() > MOST_CELLS) {
            throw new Unanswerable(
                    "cells",
                    "%s cells; accepted is up to %s".formatted(drawn.cells().size(), MOST_CELLS));
        }
        twice(drawn.cells().stream().map(Cell::place).toList()).ifPresent(place -> {
            throw new Unanswerable("cells", "Place %s stands twice".formatted(place));
        });
        twice(drawn.senses().stream().map(Sense::pin).toList()).ifPresent(pin -> {
            throw new Unanswerable("senses", "Pin %s stands twice".formatted(pin));
        });
    }

    private static Optional<BigDecimal> twice(List<BigDecimal> figures) {
        TreeSet<BigDecimal> seen = new TreeSet<>();
        return figures.stream().filter(figure -> !seen.add(figure)).findFirst();
    }

    private static void groups(List<Cell> cells, int series, int parallel, List<Finding> findings, List<String> open) {
        for (int group = 1; group <= series; group++) {
            int number = group;
            List<Cell> own = cells.stream()
                    .filter(cell -> cell.group().intValue() == number)
                    .toList();
            if (own.size() < parallel) {
                open.add("Group %s: %s of %s cells are drawn".formatted(group, own.size(), parallel));
            } else if (own.size() > parallel) {
                findings.add(Finding.stop(
                        "drawn-too-many",
                        "Group %s has %s cells, a group of this pack has %s.".formatted(group, own.size(), parallel)));
            }
            if (own.stream().map(Cell::plusUp).distinct().count() > 1) {
                findings.add(Finding.stop(
                        "drawn-polarity",
                        "Group %s: cells in parallel lie the same way round; places %s do not."
                                .formatted(
                                        group,
                                        own.stream()
                                                .filter(cell -> !cell.plusUp()
                                                        .equals(own.getFirst().plusUp()))
                                                .map(cell -> cell.place().toPlainString())
                                                .collect(Collectors.joining(", ")))));
            }
        }
        String beyond = cells.stream()
                .filter(cell -> cell.group().intValue() > series)
                .map(cell -> cell.place().toPlainString())
                .collect(Collectors.joining(", "));
        if (!beyond.isEmpty()) {
            findings.add(Finding.stop(
                    "drawn-beyond", "Places %s are in a group that this pack does not have.".formatted(beyond)));
        }
    }

    private static void senses(List<Sense> senses, int series, List<Finding> findings, List<String> open) {
        List<Sense> byPin =
                senses.stream().sorted(Comparator.comparing(Sense::pin)).toList();
        String missing = IntStream.rangeClosed(0, series)
                .filter(tap -> byPin.stream().noneMatch(sense -> sense.tap().intValue() == tap))
                .mapToObj(String::valueOf)
                .collect(Collectors.joining(", "));
        if (!missing.isEmpty()) {
            open.add("Sense leads on tap %s".formatted(missing));
        }
        for (int i = 1; i < byPin.size(); i++) {
            if (byPin.get(i).tap().compareTo(byPin.get(i - 1).tap()) <= 0) {
                findings.add(Finding.stop(
                        "sense-order",
                        "Pin %s is on tap %s, pin %s on tap %s: from pin to pin a sense plug goes up one tap at a time. Follow both leads again."
                                .formatted(
                                        byPin.get(i - 1).pin(),
                                        byPin.get(i - 1).tap(),
                                        byPin.get(i).pin(),
                                        byPin.get(i).tap())));
            }
        }
    }
}
