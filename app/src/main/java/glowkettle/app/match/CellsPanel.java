package glowkettle.app.match;

import glowkettle.app.binding.FilledForm;
import glowkettle.finding.Figures;
import glowkettle.finding.Result;
import glowkettle.job.JobFile;
import glowkettle.job.match.CellTable;
import glowkettle.match.Screening;
import java.math.BigDecimal;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/**
 * The cells of a job, a part of them at a time, with what screening says of each.
 *
 * @param which {@code all}, {@code rejects} or {@code accepted}
 * @param found an id or a part of one that was looked for
 * @param rows those that are shown
 * @param hits how many there are of which they are the first
 */
public record CellsPanel(
        JobFile job,
        String which,
        String found,
        List<Row> rows,
        int hits,
        int page,
        @Nullable Result<Screening> screening,
        @Nullable CellPlot plot) {
    private static final int SHOWN = 30;
    private static final String ALL = "all";

    /** A cell and what is said of it. */
    public record Row(Screening.Cell cell, Screening.Judged judged) {
        public String why() {
            return judged.rejects().stream().map(Screening.Reject::sentence).collect(Collectors.joining(" "));
        }
    }

    public CellsPanel {
        rows = List.copyOf(rows);
    }

    static CellsPanel of(JobFile job, FilledForm filled) {
        CellTable table = CellTable.of(job);
        Optional<Result<Screening>> screening = table.screening();
        String which = asked(filled, "cells", ALL);
        String find = asked(filled, "find", "").strip();
        List<Row> hits = screening
                .map(result -> IntStream.range(0, table.cells().size())
                        .mapToObj(i -> new Row(
                                table.cells().get(i), result.result().cells().get(i)))
                        .filter(row -> isShown(row, which, find))
                        .toList())
                .orElse(List.of());
        int last = Math.max(0, (hits.size() - 1) / SHOWN);
        int page = Math.min(last, page(filled));
        return new CellsPanel(
                job,
                which,
                find,
                hits.subList(page * SHOWN, Math.min(hits.size(), (page + 1) * SHOWN)),
                hits.size(),
                page,
                screening.orElse(null),
                CellPlot.of(table).orElse(null));
    }

    private static String asked(FilledForm filled, String name, String otherwise) {
        return Objects.requireNonNullElse(filled.asked(name), otherwise);
    }

    private static int page(FilledForm filled) {
        String page = asked(filled, "from", "0");
        return page.matches("[0-9]{1,4}") ? Integer.parseInt(page) : 0;
    }

    private static boolean isShown(Row row, String which, String find) {
        boolean wanted = switch (which) {
            case "rejects" -> !row.judged().accepted();
            case "accepted" -> row.judged().accepted();
            default -> true;
        };
        return wanted && row.cell().id().toLowerCase(Locale.ROOT).contains(find.toLowerCase(Locale.ROOT));
    }

    /** Somebody looks for some of them. */
    public boolean isAsked() {
        return !which.equals(ALL) || !found.isEmpty() || page > 0;
    }

    public boolean isLast() {
        return (page + 1) * SHOWN >= hits;
    }

    public int firstShown() {
        return hits == 0 ? 0 : page * SHOWN + 1;
    }

    public int lastShown() {
        return page * SHOWN + rows.size();
    }

    public int count() {
        return CellTable.of(job).cells().size();
    }

    public int accepted() {
        return CellTable.of(job).accepted().size();
    }

    /** Lots that are large enough for a rule, in words. */
    public List<String> lots() {
        return screening == null
                ? List.of()
                : screening.result().lots().stream()
                        .filter(lot -> lot.medianMah() != null)
                        .map(lot -> "Lot %s, %s cells: median %s, %s to %s; median %s, up to %s"
                                .formatted(
                                        Objects.requireNonNullElse(lot.lot(), "without a name"),
                                        lot.count(),
                                        whole(lot.medianMah()),
                                        whole(lot.leastMah()),
                                        whole(lot.mostMah()),
                                        tenth(lot.medianMohm()),
                                        tenth(lot.mostMohm())))
                        .toList();
    }

    private static String whole(@Nullable BigDecimal mah) {
        return mah == null ? "" : Figures.withUnit(mah.doubleValue(), 0, "mAh");
    }

    private static String tenth(@Nullable BigDecimal mohm) {
        return mohm == null ? "" : Figures.withUnit(mohm.doubleValue(), 1, "mΩ");
    }

    /** More than one, to be chosen from. */
    public List<Screening.CellSet> sets() {
        return screening == null || screening.result().sets().size() < 2
                ? List.of()
                : screening.result().sets();
    }
}
