package glowkettle.app.match;

import glowkettle.finding.Result;
import glowkettle.job.JobFile;
import glowkettle.job.match.CellTable;
import glowkettle.job.match.MatchEntry;
import glowkettle.job.match.Matching;
import glowkettle.match.Grouping;
import glowkettle.match.Layout;
import glowkettle.match.PackFigures;
import glowkettle.match.Screening;
import java.math.BigDecimal;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/** Which cells go together, beside what hands would do without a search, and what comes of the pack. */
public record MatchedPanel(
        JobFile job,
        MatchEntry.Matched matched,
        Grouping.Judged judged,
        @Nullable Result<PackFigures> figures,
        List<Matching.Joined> joined) {
    public MatchedPanel {
        joined = List.copyOf(joined);
    }

    static @Nullable MatchedPanel of(JobFile job) {
        Matching matching = Matching.of(job);
        Optional<MatchEntry.Matched> matched = matching.matched();
        Optional<Grouping.Request> asked = matching.asked();
        return matched.isEmpty() || asked.isEmpty()
                ? null
                : new MatchedPanel(
                        job,
                        matched.get(),
                        Grouping.judge(
                                asked.get(),
                                matched.get().groups().stream()
                                        .map(Layout.Named::ids)
                                        .toList()),
                        matching.figures().orElse(null),
                        matching.joined());
    }

    /** A group in figures. */
    public record Row(
            int number,
            List<String> ids,
            BigDecimal capacityMah,
            BigDecimal leastMohm,
            BigDecimal mostMohm,
            boolean allowed) {}

    public List<Row> rows() {
        CellTable table = CellTable.of(job);
        return IntStream.range(0, matched.groups().size())
                .mapToObj(i -> {
                    List<Screening.Cell> cells = matched.groups().get(i).ids().stream()
                            .map(id -> table.cell(id).orElseThrow())
                            .toList();
                    List<BigDecimal> ohms = cells.stream()
                            .map(cell -> Objects.requireNonNull(cell.resistanceMohm()))
                            .sorted(Comparator.naturalOrder())
                            .toList();
                    return new Row(
                            i + 1,
                            matched.groups().get(i).ids(),
                            cells.stream()
                                    .map(cell -> Objects.requireNonNull(cell.capacityMah()))
                                    .reduce(BigDecimal.ZERO, BigDecimal::add),
                            ohms.getFirst(),
                            ohms.getLast(),
                            joined.get(i).isAllowed());
                })
                .toList();
    }

    public BigDecimal mah(long figure) {
        return BigDecimal.valueOf(figure);
    }
}
