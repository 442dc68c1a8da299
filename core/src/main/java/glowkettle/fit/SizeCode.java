package glowkettle.fit;

import glowkettle.cell.Box;
import glowkettle.cell.Calipered;
import glowkettle.finding.Figures;
import glowkettle.finding.Finding;
import glowkettle.finding.Flat;
import glowkettle.finding.Result;
import glowkettle.finding.Says;
import glowkettle.finding.Unanswerable;
import glowkettle.finding.Working;
import glowkettle.limits.ShopLimits;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * Readings of the digits on a cell. Six digits are thickness in tenths of a mm, width and length in mm; seven and eight
 * digits can be cut in two ways; five digits are a round cell, diameter in mm and length in tenths of a mm. No field
 * begins with 0. Source: handbook, Fit.
 */
public final class SizeCode {
    private SizeCode() {}

    /** A code, and the bay it should fit. */
    public record Request(
            @Says(value = "Digits of the size code", longest = 20)
            String sizeCode,

            @Flat(prefix = "bay", words = "Bay") Calipered bay) {}

    /** One way to read the code; a round cell has its diameter for thickness and width. */
    public record Reading(
            boolean round,
            BigDecimal thicknessMm,
            BigDecimal widthMm,
            BigDecimal lengthMm,
            @Nullable Boolean fitsBay) {
        public String words() {
            return round
                    ? "round, %s × %s".formatted(Figures.of(thicknessMm), Figures.withUnit(lengthMm, "mm"))
                    : "%s × %s × %s"
                            .formatted(Figures.of(thicknessMm), Figures.of(widthMm), Figures.withUnit(lengthMm, "mm"));
        }
    }

    public static Result<List<Reading>> readings(Request request, ShopLimits limits) {
        String digits = request.sizeCode().strip();
        if (!digits.matches("[0-9]{5,8}")) {
            throw new Unanswerable(
                    "sizeCode",
                    "'%s' is no size code. Readable: five to eight digits, such as 21700, 454261 or 3868130"
                            .formatted(request.sizeCode()));
        }
        List<Reading> readings = new ArrayList<>();
        switch (digits.length()) {
            case 5 -> cut(digits, 2, 0, readings, request, limits);
            case 6 -> cut(digits, 2, 2, readings, request, limits);
            case 7 -> {
                cut(digits, 2, 2, readings, request, limits);
                cut(digits, 3, 2, readings, request, limits);
            }
            default -> {
                cut(digits, 3, 2, readings, request, limits);
                cut(digits, 2, 3, readings, request, limits);
            }
        }
        if (readings.isEmpty()) {
            throw new Unanswerable("sizeCode", "'%s' has no reading in which no field begins with 0".formatted(digits));
        }
        readings.sort((a, b) -> Boolean.compare(Boolean.TRUE.equals(b.fitsBay()), Boolean.TRUE.equals(a.fitsBay())));
        List<Finding> findings = readings.size() == 1
                ? List.of()
                : List.of(Finding.care(
                        "size-code-ambiguous",
                        "The code can be read in %s ways: measure the pack to know which.".formatted(readings.size())));
        return new Result<>(
                List.copyOf(readings),
                findings,
                new Working(readings.stream()
                        .map(reading -> digits + " → " + reading.words())
                        .toList()));
    }

    private static void cut(
            String digits, int first, int second, List<Reading> readings, Request request, ShopLimits limits) {
        String third = digits.substring(first + second);
        String middle = digits.substring(first, first + second);
        if (digits.startsWith("0") || middle.startsWith("0") || third.startsWith("0")) {
            return;
        }
        BigDecimal head = new BigDecimal(digits.substring(0, first));
        BigDecimal tail = new BigDecimal(third);
        boolean round = second == 0;
        BigDecimal thickness = round ? head : head.movePointLeft(1);
        BigDecimal width = round ? head : new BigDecimal(middle);
        BigDecimal length = round ? tail.movePointLeft(1) : tail;
        readings.add(new Reading(
                round, thickness, width, length, fits(request.bay(), new Box(thickness, width, length), limits)));
    }

    /** With the room it needs to grow. */
    private static @Nullable Boolean fits(Calipered bay, Box pack, ShopLimits limits) {
        return bay.box()
                .map(room -> GrowthRoom.judge(new GrowthRoom.Sizes(pack, room), limits)
                                .result()
                                .verdict()
                        != Verdict.REFUSED)
                .orElse(null);
    }
}
