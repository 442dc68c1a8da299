package glowkettle.join;

import glowkettle.cell.Chemistry;
import glowkettle.finding.Figures;
import glowkettle.finding.Finding;
import glowkettle.finding.Flat;
import glowkettle.finding.Quantity;
import glowkettle.finding.Result;
import glowkettle.finding.Says;
import glowkettle.finding.Weight;
import glowkettle.finding.Within;
import glowkettle.finding.Working;
import glowkettle.limits.Limit;
import glowkettle.limits.ShopLimits;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/**
 * May a controller board go onto a new cell, and how long are the new cell's tabs? Refused unless the new cell takes at least
 * what the board charges to, the board cuts off no later than a little above what the cell takes, and chemistry, cells in
 * series and thermistor are the same. Source: handbook, Join.
 *
 * @param allowed only when every line was looked at and is right
 * @param minusTabMm length of the new minus tab; null until its measures are known
 * @param plusTabMm length of the new plus tab; null until its measures are known
 * @param tapTabsMm lengths of the new taps, from the lowest up; empty until the measures of all are known
 */
public record Transplant(
        boolean allowed,
        @Nullable BigDecimal minusTabMm,
        @Nullable BigDecimal plusTabMm,
        List<BigDecimal> tapTabsMm,
        List<String> order) {
    /** What the board was made for, by its markings or the old cell. */
    public record Board(
            @Says("Charges to, per cell") @Within(min = "3.4", max = "4.7", unit = "V") @Nullable
            BigDecimal chargeLimitV,

            @Says("Overcharge cut-off, per cell") @Within(min = "3.4", max = "5", unit = "V") @Nullable
            BigDecimal cutOffV,

            @Says("Cells in series") @Within(min = "1", max = "30", whole = true) @Nullable
            BigDecimal series,

            @Says("Chemistry") Chemistry.@Nullable Family chemistry,

            @Says("Thermistor at 25 °C") @Within(min = "0.1", max = "1000", unit = "kΩ") @Nullable
            BigDecimal thermistorKohm) {}

    /** What the new cell is. */
    public record Cell(
            @Says("Charge limit") @Within(min = "3.4", max = "4.7", unit = "V") @Nullable
            BigDecimal chargeLimitV,

            @Says("Cells in series") @Within(min = "1", max = "30", whole = true) @Nullable
            BigDecimal series,

            @Says("Chemistry") Chemistry.@Nullable Family chemistry,

            @Says("Thermistor at 25 °C") @Within(min = "0.1", max = "1000", unit = "kΩ") @Nullable
            BigDecimal thermistorKohm) {}

    /** From the board's pad to where the old stub ends. */
    public record Tab(
            @Says("Distance to the pad") @Within(min = "0", max = "200", unit = "mm") @Nullable
            BigDecimal padDistanceMm,

            @Says("Overlap") @Within(min = "0", max = "50", unit = "mm") @Nullable
            BigDecimal overlapMm,

            @Says("Old stub") @Within(min = "0", max = "100", unit = "mm") @Nullable
            BigDecimal oldStubMm) {}

    /** The board, the new cell, and its two tabs. */
    public record Request(
            @Flat(prefix = "board", words = "Board") Board board,
            @Flat(prefix = "cell", words = "New cell") Cell cell,
            @Flat(prefix = "minus", words = "Minus tab") Tab minus,
            @Flat(prefix = "plus", words = "Plus tab") Tab plus,

            @Says("Taps, from the lowest up: one less than cells in series") @Nullable
            List<Tab> taps,

            @Says("Length of the new cell's tabs") @Within(min = "0", max = "200", unit = "mm") @Nullable
            BigDecimal tabMm) {
        List<Tab> everyTap() {
            return Objects.requireNonNullElse(taps, List.of());
        }

        /** As many as the board has, by its cells; none while nobody knows how many those are. */
        int tapCount() {
            return board.series() == null ? 0 : board.series().intValue() - 1;
        }
    }

    public Transplant {
        tapTabsMm = List.copyOf(tapTabsMm);
        order = List.copyOf(order);
    }

    public static Result<Transplant> of(Request request, ShopLimits limits) {
        List<Finding> findings = new ArrayList<>();
        List<String> lines = new ArrayList<>();
        voltages(request, limits, findings, lines);
        same(
                "series",
                "cells in series",
                request.board().series(),
                request.cell().series(),
                findings);
        same(
                "chemistry",
                "the chemistry",
                request.board().chemistry(),
                request.cell().chemistry(),
                findings);
        same(
                "thermistor",
                "the thermistor",
                request.board().thermistorKohm(),
                request.cell().thermistorKohm(),
                findings);
        BigDecimal minus = tab("minus", request.minus(), request, findings, lines);
        BigDecimal plus = tab("plus", request.plus(), request, findings, lines);
        List<BigDecimal> taps = taps(request, findings, lines);
        boolean allowed =
                findings.stream().noneMatch(finding -> finding.weight().compareTo(Weight.STOP) >= 0);
        findings.add(Finding.care(
                "transplant-one-tab", "One tab at a time, never both in one cut: the blade would short the cell."));
        return new Result<>(
                new Transplant(allowed, minus, plus, taps, allowed ? order(request.tapCount(), limits) : List.of()),
                findings,
                new Working(lines));
    }

    /** A board of several cells has a tap between every two, each with a tab of its own. */
    private static List<BigDecimal> taps(Request request, List<Finding> findings, List<String> lines) {
        int wanted = request.tapCount();
        if (request.everyTap().size() != wanted) {
            findings.add(Finding.stop(
                    "transplant-taps",
                    "%s taps measured; a board of %s cells has %s, each with its own tab."
                            .formatted(
                                    request.everyTap().size(),
                                    Objects.requireNonNullElse(request.board().series(), "unknown"),
                                    wanted)));
            return List.of();
        }
        List<@Nullable BigDecimal> lengths = new ArrayList<>();
        for (int tap = 0; tap < wanted; tap++) {
            lengths.add(tab("tap %s".formatted(tap + 1), request.everyTap().get(tap), request, findings, lines));
        }
        return lengths.contains(null)
                ? List.of()
                : lengths.stream().map(Objects::requireNonNull).toList();
    }

    /** One tab at a time, on the new cell and off the old one; on: minus, taps from the lowest up, plus last. */
    private static List<String> order(int taps, ShopLimits limits) {
        List<String> order = new ArrayList<>(List.of(
                "Lay out jig, programmer and host.",
                "Photograph the old pack; note its polarity.",
                "Take the board's wraps off; note their order.",
                "Trim the new cell's minus tab, insulated blade, this one tab alone; cover it."));
        each(order, taps, "Trim tap %s, this one tab alone; cover it.");
        order.add("Trim the new cell's plus tab; cover it.");
        order.add("Cut the old board free at one tab; cover the end.");
        each(order, taps, "Cut its tap %s; cover the end.");
        order.add("Cut the other tab; cover the end.");
        order.add("Try the weld on scrap of the same stack.");
        order.add("Weld minus.");
        each(order, taps, "Weld tap %s.");
        order.add("Weld plus, last.");
        order.add("Put the wraps back in their order; hold the folded pack against its bay.");
        order.add("Meter: polarity first.");
        order.add("Meter: cell and board agree within %s.".formatted(limits.applied(Limit.BOARD_AGREES_MV)));
        order.add("Wake it with a charger if the board is latched off.");
        order.add("Charge it the first time with somebody beside it.");
        return order;
    }

    private static void each(List<String> order, int taps, String words) {
        for (int tap = 1; tap <= taps; tap++) {
            order.add(words.formatted(tap));
        }
    }

    private static void voltages(Request request, ShopLimits limits, List<Finding> findings, List<String> lines) {
        BigDecimal takes = request.cell().chargeLimitV();
        BigDecimal charges = request.board().chargeLimitV();
        BigDecimal cutOff = request.board().cutOffV();
        missing("cell-charge-limit", "what the new cell may be charged to", takes, findings);
        missing("board-charge-limit", "what the board charges to", charges, findings);
        missing("board-cut-off", "where the board cuts an overcharge off", cutOff, findings);
        if (takes != null && charges != null) {
            lines.add("new cell %s, board charges to %s"
                    .formatted(Figures.withUnit(takes, "V"), Figures.withUnit(charges, "V")));
            if (takes.compareTo(charges) < 0) {
                findings.add(new Finding(
                        "transplant-overcharge",
                        Weight.STOP,
                        new Quantity(charges, "V"),
                        null,
                        "The board charges to %s, the new cell takes %s: overcharge, fire."
                                .formatted(Figures.withUnit(charges, "V"), Figures.withUnit(takes, "V"))));
            }
        }
        if (charges != null && cutOff != null && cutOff.compareTo(charges) < 0) {
            findings.add(new Finding(
                    "transplant-contradiction",
                    Weight.STOP,
                    new Quantity(cutOff, "V"),
                    null,
                    "A board cannot cut off at %s and charge to %s: read both again."
                            .formatted(Figures.withUnit(cutOff, "V"), Figures.withUnit(charges, "V"))));
        }
        if (takes != null && cutOff != null) {
            BigDecimal latest = takes.add(limits.of(Limit.BOARD_CUT_OFF_V));
            lines.add("cut-off %s, at the latest %s + %s = %s"
                    .formatted(
                            Figures.withUnit(cutOff, "V"),
                            Figures.withUnit(takes, "V"),
                            limits.applied(Limit.BOARD_CUT_OFF_V),
                            Figures.withUnit(latest, "V")));
            if (cutOff.compareTo(latest) > 0) {
                findings.add(new Finding(
                        "transplant-cut-off",
                        Weight.STOP,
                        new Quantity(cutOff, "V"),
                        limits.applied(Limit.BOARD_CUT_OFF_V),
                        "The board cuts off at %s; this cell needs it at %s at the latest."
                                .formatted(Figures.withUnit(cutOff, "V"), Figures.withUnit(latest, "V"))));
            }
        }
    }

    private static void missing(String rule, String what, @Nullable Object value, List<Finding> findings) {
        if (value == null) {
            findings.add(Finding.stop("transplant-missing-" + rule, "Find out %s first.".formatted(what)));
        }
    }

    private static void same(
            String rule, String what, @Nullable Object board, @Nullable Object cell, List<Finding> findings) {
        if (board == null || cell == null) {
            findings.add(Finding.stop(
                    "transplant-missing-" + rule, "Find out %s of board and new cell first.".formatted(what)));
        } else if (!isSame(board, cell)) {
            findings.add(Finding.stop(
                    "transplant-" + rule,
                    "Refused: %s must be the same; the board has %s, the new cell %s."
                            .formatted(what, said(board), said(cell))));
        }
    }

    private static boolean isSame(Object board, Object cell) {
        return board instanceof BigDecimal one && cell instanceof BigDecimal other
                ? one.compareTo(other) == 0
                : board.equals(cell);
    }

    private static String said(Object value) {
        return value instanceof Chemistry.Family family ? family.words() : String.valueOf(value);
    }

    private static @Nullable BigDecimal tab(
            String side, Tab tab, Request request, List<Finding> findings, List<String> lines) {
        if (tab.padDistanceMm() == null || tab.overlapMm() == null || tab.oldStubMm() == null) {
            findings.add(Finding.care(
                    "transplant-tab-" + side,
                    "Measure pad distance, overlap and old stub for the %s tab.".formatted(side)));
            return null;
        }
        BigDecimal length = tab.padDistanceMm().add(tab.overlapMm()).subtract(tab.oldStubMm());
        lines.add("%s tab = %s + %s − %s = %s"
                .formatted(
                        side,
                        Figures.withUnit(tab.padDistanceMm(), "mm"),
                        Figures.withUnit(tab.overlapMm(), "mm"),
                        Figures.withUnit(tab.oldStubMm(), "mm"),
                        Figures.withUnit(length, "mm")));
        if (length.signum() <= 0) {
            findings.add(Finding.stop(
                    "transplant-tab-" + side,
                    "The %s stub is longer than pad distance and overlap: measure them again.".formatted(side)));
        } else if (request.tabMm() != null && length.compareTo(request.tabMm()) > 0) {
            findings.add(new Finding(
                    "transplant-tab-" + side,
                    Weight.STOP,
                    new Quantity(request.tabMm(), "mm"),
                    null,
                    "The %s tab needs %s; the new cell's are %s: too short."
                            .formatted(side, Figures.withUnit(length, "mm"), Figures.withUnit(request.tabMm(), "mm"))));
        }
        return length;
    }
}
