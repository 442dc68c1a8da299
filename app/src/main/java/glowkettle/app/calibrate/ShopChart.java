package glowkettle.app.calibrate;

import glowkettle.app.drawing.Axes;
import glowkettle.app.drawing.Plot;
import glowkettle.calibrate.shopplan.ShopPlan;
import glowkettle.calibrate.shopplan.ShopPlan.Planned;
import glowkettle.calibrate.shopplan.ShopPlan.Timed;
import glowkettle.calibrate.shopplan.ShopRequest;
import glowkettle.calibrate.shopplan.ShopRequest.Step;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.time.format.DateTimeFormatter;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/** The plan of the shop: a row a job, its steps as blocks over the days, staffed hours shaded. */
final class ShopChart {
    private static final int WIDTH = 760;
    private static final int LEFT = 96;
    private static final int ROW = 40;
    private static final int BLOCK = 28;
    private static final int MOST_ROWS = 40;
    /** What is drawn before now and after the last finish. */
    private static final Duration EDGE = Duration.ofMinutes(90);
    /** So wide is a letter in a block. */
    private static final double LETTER = 7.5;

    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("EEE d", Locale.ENGLISH);
    private static final DateTimeFormatter TIME = DateTimeFormatter.ofPattern("EEE HH:mm", Locale.ENGLISH);

    private final ShopRequest request;
    private final ZoneId zone;
    private final List<Planned> rows;
    private final Instant first;
    private final Instant last;
    private final Axes axes;

    private ShopChart(ShopRequest request, List<Planned> rows) {
        this.request = request;
        this.rows = rows;
        this.zone = request.hours().zone();
        this.first = steps().map(Timed::start)
                .min(Comparator.naturalOrder())
                .orElseThrow()
                .minus(EDGE);
        this.last = steps().map(Timed::end)
                .max(Comparator.naturalOrder())
                .orElseThrow()
                .plus(EDGE);
        this.axes = new Axes(
                new Axes.Sheet(WIDTH, 28 + ROW * rows.size() + 20, LEFT, 14, 28, 20),
                new Axes.Range(0, Duration.between(first, last).toSeconds()),
                new Axes.Range(0, 1));
    }

    /** Null where nothing is planned. */
    static @Nullable Plot of(ShopRequest request, ShopPlan plan) {
        List<Planned> rows = plan.jobs().stream()
                .filter(job -> !job.steps().isEmpty())
                .sorted(Comparator.comparing(
                        (Planned job) -> job.steps().getFirst().start()))
                .limit(MOST_ROWS)
                .toList();
        return rows.isEmpty() ? null : new ShopChart(request, rows).draw();
    }

    private Stream<Timed> steps() {
        return rows.stream().flatMap(job -> job.steps().stream());
    }

    private Plot draw() {
        List<Plot.Mark> marks = new ArrayList<>();
        request.hours().between(first, last).forEach(staffed -> {
            double from = x(staffed.startInclusive().isAfter(first) ? staffed.startInclusive() : first);
            double to = x(staffed.endExclusive().isBefore(last) ? staffed.endExclusive() : last);
            marks.add(new Plot.Shade("staffed", from, to - from));
        });
        ZonedDateTime began = first.atZone(zone).truncatedTo(ChronoUnit.DAYS);
        for (ZonedDateTime day = began; day.toInstant().isBefore(last); day = day.plusDays(1)) {
            marks.add(
                    new Plot.Day("day", x(day.toInstant().isAfter(first) ? day.toInstant() : first), DAY.format(day)));
        }
        for (int row = 0; row < rows.size(); row++) {
            row(row, marks);
        }
        return new Plot(
                "shop-plan",
                "The plan of the shop, a row a job; the table below says the same",
                axes,
                marks,
                List.of(),
                List.of(
                        new Plot.Key("staffed", true, "somebody is in the shop"),
                        new Plot.Key("work hands", true, "hands"),
                        new Plot.Key("work attended", true, "on a charger, attended"),
                        new Plot.Key("work waiting", true, "waits at its place"),
                        new Plot.Key("work free", true, "by itself")),
                new Plot.Table("Every start", List.of("Job", "Step", "Starts", "Ends", "Where", "Who"), table()));
    }

    private void row(int row, List<Plot.Mark> marks) {
        Planned job = rows.get(row);
        double y = 28 + ROW * row + (ROW - BLOCK) / 2.0;
        marks.add(new Plot.Level("row", y + BLOCK + (ROW - BLOCK) / 2.0, "", ""));
        marks.add(new Plot.Block("none", 2, 0, y, BLOCK, shortened(job.id(), LEFT - 8)));
        for (Timed step : job.steps()) {
            double from = x(step.start());
            double width = Math.max(2, x(step.end()) - from);
            if (step.heldUntil() != null && step.heldUntil().isAfter(step.end())) {
                double until = x(step.heldUntil());
                marks.add(new Plot.Block("work waiting", x(step.end()), until - x(step.end()), y + 8, BLOCK - 16, ""));
            }
            marks.add(new Plot.Block(
                    "work " + kind(job, step).kind().name().toLowerCase(Locale.ROOT),
                    from,
                    width,
                    y,
                    BLOCK,
                    shortened(step.id(), width - 4)));
        }
    }

    private static String shortened(String words, double width) {
        int most = (int) Math.floor(width / LETTER);
        return words.length() <= most ? words : most < 3 ? "" : words.substring(0, most - 1) + "…";
    }

    private Step kind(Planned planned, Timed step) {
        return request.jobs().stream()
                .filter(job -> job.id().equals(planned.id()))
                .flatMap(job -> job.steps().stream())
                .filter(one -> one.id().equals(step.id()))
                .findFirst()
                .orElseThrow();
    }

    private List<List<String>> table() {
        List<List<String>> table = new ArrayList<>();
        for (Planned job : rows) {
            for (Timed step : job.steps()) {
                table.add(List.of(
                        job.id(),
                        step.id(),
                        TIME.format(step.start().atZone(zone)),
                        TIME.format(step.end().atZone(zone)),
                        step.place() == null ? "–" : step.place(),
                        step.person() == null ? "–" : step.person()));
            }
        }
        return table;
    }

    private double x(Instant instant) {
        return axes.x(Duration.between(first, instant).toSeconds());
    }
}
