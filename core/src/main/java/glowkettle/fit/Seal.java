package glowkettle.fit;

import glowkettle.arrive.PressureHold;
import glowkettle.finding.Figures;
import glowkettle.finding.Finding;
import glowkettle.finding.Result;
import glowkettle.finding.Says;
import glowkettle.finding.Within;
import glowkettle.finding.Worded;
import glowkettle.finding.Working;
import glowkettle.limits.ShopLimits;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * Whether a shell that was sealed is sealed again: the leak after the work against that at arrival. What nobody tested is not
 * restored. Source: handbook, Fit.
 *
 * @param forTheOwner the sentence on the owner's sheet
 */
public record Seal(Standing standing, String forTheOwner) {
    /** How the seal stands. */
    public enum Standing implements Worded {
        RESTORED("restored"),
        NOT_RESTORED("not restored"),
        NEVER_WAS("was none before"),
        UNTESTED("not tested");

        private final String words;

        Standing(String words) {
            this.words = words;
        }

        @Override
        public String words() {
            return words;
        }
    }

    /** Both tests, as far as they were made. */
    public record Request(
            @Says("At arrival") PressureHold.@Nullable Verdict before,

            @Says("Leak at arrival") @Within(min = "0", max = "100000", unit = "mL/min") @Nullable
            BigDecimal beforeMlPerMin,

            @Says("After the work") PressureHold.@Nullable Verdict after,

            @Says("Leak after the work") @Within(min = "0", max = "100000", unit = "mL/min") @Nullable
            BigDecimal afterMlPerMin) {}

    public static Result<Seal> of(Request request, ShopLimits limits) {
        Standing standing = standing(request);
        List<Finding> findings = new ArrayList<>();
        switch (standing) {
            case RESTORED -> findings.add(Finding.note("seal-restored", "It holds as a sealed shell does."));
            case NOT_RESTORED ->
                findings.add(Finding.stop(
                        "seal-lost", "It was sealed and is not any more: press the rim anew, or tell the owner."));
            case NEVER_WAS -> findings.add(Finding.care("seal-never", "It leaked when it came: nothing was lost."));
            case UNTESTED ->
                findings.add(
                        Finding.care("seal-untested", "Not tested after the work: it does not count as restored."));
        }
        return new Result<>(new Seal(standing, words(standing, request)), findings, working(request));
    }

    private static Standing standing(Request request) {
        if (request.after() == null || request.after() == PressureHold.Verdict.REPEAT) {
            return Standing.UNTESTED;
        }
        if (request.after() == PressureHold.Verdict.INTACT) {
            return Standing.RESTORED;
        }
        return request.before() == PressureHold.Verdict.OPEN ? Standing.NEVER_WAS : Standing.NOT_RESTORED;
    }

    private static String words(Standing standing, Request request) {
        return switch (standing) {
            case RESTORED -> "Splash protection: tested after the work, it holds.";
            case NOT_RESTORED ->
                request.before() == PressureHold.Verdict.INTACT
                        ? "Splash protection not restored: it held when it came, and does not now. Keep it away from water."
                        : "Splash protection not restored. Keep it away from water.";
            case NEVER_WAS -> "Splash protection: there was none when it came, and there is none now.";
            case UNTESTED -> "Splash protection not tested after the work: count on none.";
        };
    }

    private static Working working(Request request) {
        return Working.of("at arrival: %s; after: %s"
                .formatted(
                        said(request.before(), request.beforeMlPerMin()),
                        said(request.after(), request.afterMlPerMin())));
    }

    private static String said(PressureHold.@Nullable Verdict verdict, @Nullable BigDecimal leak) {
        if (verdict == null) {
            return "not tested";
        }
        return leak == null ? verdict.words() : verdict.words() + ", " + Figures.withUnit(leak, "mL/min");
    }
}
