package glowkettle.free;

import glowkettle.finding.Figures;
import glowkettle.finding.Finding;
import glowkettle.finding.Flat;
import glowkettle.finding.Result;
import glowkettle.finding.Says;
import glowkettle.finding.Within;
import glowkettle.finding.Working;
import glowkettle.heat.Adhesive;
import glowkettle.limits.Limit;
import glowkettle.limits.ShopLimits;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * The ways of loosening a bond in the order to try them, each with its reason in this case, and what is never done to it.
 * A rung is forbidden by the case, or spent by strong tries; the first other one is the way to go. Source: handbook, Free
 * the pack.
 */
public record Ladder(List<Rung> rungs, List<String> never) {
    /** A try that was made. */
    public record Try(
            @Says("Loosening") Loosening way,
            @Says("Effort") Effort effort) {}

    /** The case. What is not said counts against heat and force. */
    public record Case(
            @Says("What holds it") Adhesive adhesive,

            @Flat Forbidden forbidden,

            @Says("State of charge") @Within(min = "0", max = "100", unit = "%") @Nullable
            BigDecimal socPercent,

            @Says("Solvent is wet") Boolean solventWet,

            @Says("A heat setting leaves a window; not known when not said") @Nullable
            Boolean windowExists,

            @Flat Strips strips,

            @Says(value = "What lies below the edge that solvent must not reach", longest = 120) @Nullable
            String delicate,

            @Says("Tries so far, the first one first") List<Try> tries) {
        public Case {
            tries = List.copyOf(tries);
        }
    }

    /** What the tier of a pack rules out. */
    public record Forbidden(
            @Says("The tier or its conditions forbid heat") Boolean heatForbidden,
            @Says("The tier or its conditions forbid force") Boolean forceForbidden) {}

    /** Stretch strips, broken and whole. */
    public record Strips(
            @Says("Strips that broke") @Within(min = "0", max = "20", whole = true) @Nullable
            BigDecimal brokenStrips,

            @Says("Strips still to draw") @Within(min = "0", max = "20", whole = true) @Nullable
            BigDecimal stripsLeft) {}

    /** Where a way stands. */
    public enum Standing {
        OPEN,
        FORBIDDEN,
        SPENT
    }

    /** One way in this case. */
    public record Rung(Loosening way, Standing standing, String reason) {}

    public Ladder {
        rungs = List.copyOf(rungs);
        never = List.copyOf(never);
    }

    /** The first way that is neither forbidden nor spent. */
    public Optional<Rung> next() {
        return rungs.stream().filter(rung -> rung.standing() == Standing.OPEN).findFirst();
    }

    public boolean allows(Loosening way) {
        return rungs.stream().anyMatch(rung -> rung.way() == way && rung.standing() == Standing.OPEN);
    }

    public static Result<Ladder> of(Case asked, ShopLimits limits) {
        List<Rung> rungs =
                ways(asked).stream().map(way -> rung(way, asked, limits)).toList();
        Ladder ladder = new Ladder(rungs, never(asked.adhesive()));
        List<Finding> findings = new ArrayList<>();
        ladder.next()
                .ifPresentOrElse(
                        rung -> findings.add(
                                Finding.note("ladder-next", rung.way().words() + ": " + rung.reason())),
                        () -> findings.add(Finding.stop(
                                "ladder-ends",
                                "No way is left that this case allows. Stop, and ask a lead; never force it.")));
        return new Result<>(
                ladder,
                findings,
                Working.of("%s: %s."
                        .formatted(
                                asked.adhesive().words(),
                                String.join(
                                        ", then ",
                                        rungs.stream()
                                                .map(rung -> rung.way().words().toLowerCase(java.util.Locale.ROOT)
                                                        + (rung.standing() == Standing.OPEN
                                                                ? ""
                                                                : " ("
                                                                        + rung.standing()
                                                                                .name()
                                                                                .toLowerCase(java.util.Locale.ROOT)
                                                                        + ")"))
                                                .toList()))));
    }

    /** In their order, as the bond asks for. */
    private static List<Loosening> ways(Case asked) {
        return switch (asked.adhesive()) {
            case STRETCH_STRIPS -> List.of(Loosening.DRAW_STRIPS, Loosening.SOLVENT, Loosening.CARD);
            case PACK_TAPE -> List.of(Loosening.HEAT, Loosening.SOLVENT, Loosening.CARD);
            case PACK_GLUE -> List.of(Loosening.SOLVENT, Loosening.CARD);
            case SEAM_FOAM, SEAM_GLUE ->
                List.of(Loosening.HEAT, Loosening.SUCTION_AND_PICK, Loosening.SOLVENT, Loosening.COLD_CUT);
        };
    }

    private static List<String> never(Adhesive adhesive) {
        return switch (adhesive) {
            case STRETCH_STRIPS -> List.of("heat", "a jerk", "a twist");
            case PACK_TAPE -> List.of("metal or carbon under the pack", "bending the pack", "cards near cables");
            case PACK_GLUE -> List.of("force", "heat");
            case SEAM_FOAM, SEAM_GLUE -> List.of("a deep pick near cables");
        };
    }

    private static Rung rung(Loosening way, Case asked, ShopLimits limits) {
        Optional<String> forbidden = forbidden(way, asked, limits);
        if (forbidden.isPresent()) {
            return new Rung(way, Standing.FORBIDDEN, forbidden.get());
        }
        long strong = asked.tries().stream()
                .filter(tried -> tried.way() == way && tried.effort() == Effort.STRONG)
                .count();
        if (limits.of(Limit.STRONG_TRIES).compareTo(BigDecimal.valueOf(strong)) <= 0) {
            return new Rung(way, Standing.SPENT, "Strong effort %s times: down a rung.".formatted(strong));
        }
        return new Rung(way, Standing.OPEN, reason(way, asked));
    }

    private static Optional<String> forbidden(Loosening way, Case asked, ShopLimits limits) {
        return switch (way) {
            case HEAT -> heatForbidden(asked, limits);
            case SOLVENT ->
                asked.adhesive() == Adhesive.STRETCH_STRIPS
                                && none(asked.strips().brokenStrips())
                        ? Optional.of("For a strip that broke, at the place it broke.")
                        : Optional.empty();
            case CARD -> {
                if (asked.forbidden().forceForbidden()) {
                    yield Optional.of("The tier forbids prising.");
                }
                yield asked.adhesive() == Adhesive.STRETCH_STRIPS
                                && none(asked.strips().brokenStrips())
                        ? Optional.of("For a strip that broke, after solvent.")
                        : Optional.empty();
            }
            case DRAW_STRIPS ->
                asked.strips().stripsLeft() != null
                                && asked.strips().stripsLeft().signum() == 0
                        ? Optional.of("Every strip was drawn.")
                        : Optional.empty();
            case SUCTION_AND_PICK, COLD_CUT -> Optional.empty();
        };
    }

    private static boolean none(@Nullable BigDecimal count) {
        return count == null || count.signum() == 0;
    }

    private static Optional<String> heatForbidden(Case asked, ShopLimits limits) {
        if (asked.forbidden().heatForbidden()) {
            return Optional.of("The tier forbids heat.");
        }
        if (asked.solventWet()) {
            return Optional.of("Solvent is wet: never heat after it until dry.");
        }
        if (asked.socPercent() == null) {
            return Optional.of("The state of charge is not known: read the gauge first.");
        }
        if (asked.socPercent().compareTo(limits.of(Limit.HEAT_SOC_PERCENT)) > 0) {
            return Optional.of("It holds %s; heat only at %s or less."
                    .formatted(Figures.withUnit(asked.socPercent(), "%"), limits.applied(Limit.HEAT_SOC_PERCENT)));
        }
        return Boolean.FALSE.equals(asked.windowExists())
                ? Optional.of("No setting leaves a window.")
                : Optional.empty();
    }

    private static String reason(Loosening way, Case asked) {
        return switch (way) {
            case DRAW_STRIPS -> "They let go of the pack when stretched; best at 20 to 30 °C.";
            case SOLVENT ->
                asked.adhesive().isSeam()
                        ? "A little alcohol at a cold seam, on the blade or a cloth. Never on a warm one: it boils off, its vapour burns, and no heat may follow until it is dry."
                        : asked.delicate() == null
                                ? "It loosens the bond cold; heat comes before it, never after."
                                : "It loosens the bond cold. Onto the cloth: below the edge lies %s."
                                        .formatted(asked.delicate());
            case HEAT ->
                asked.adhesive().isSeam()
                        ? "The seam gives way when it is warm through."
                        : "Low heat softens the tape; solvent may follow it.";
            case CARD -> "Once the bond gives: wide, flat, from the model's slots.";
            case SUCTION_AND_PICK -> "While the seam is workable.";
            case COLD_CUT -> "Where heat is forbidden or finds no window.";
        };
    }
}
