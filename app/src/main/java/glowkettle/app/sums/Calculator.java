package glowkettle.app.sums;

import glowkettle.app.drawing.Plot;
import glowkettle.app.form.Named;
import glowkettle.finding.Result;
import glowkettle.limits.ShopLimits;
import java.lang.reflect.Type;
import java.util.function.BiFunction;
import org.jspecify.annotations.Nullable;

/**
 * A rule of the core as it is asked from outside: by JSON, and on a page of its own.
 *
 * @param summary what it is for, in one line
 * @param takes the record a body or a form is read into
 * @param answers the type of the result, for the description
 * @param picture of the answer, where one exists
 */
public record Calculator<T extends Record, R>(
        String stage,
        String name,
        String summary,
        Class<T> takes,
        Type answers,
        BiFunction<T, ShopLimits, Result<R>> rule,
        @Nullable Picture<T, R> picture) {
    public Calculator(
            String stage,
            String name,
            String summary,
            Class<T> takes,
            Type answers,
            BiFunction<T, ShopLimits, Result<R>> rule) {
        this(stage, name, summary, takes, answers, rule, null);
    }

    /** Draws an answer. */
    public interface Picture<T, R> {
        /** Null where this answer cannot be drawn. */
        @Nullable
        Drawn draw(T asked, R answer, ShopLimits limits);
    }

    /**
     * A drawing: its view, and the template whose fragment {@code picture(view)} draws it.
     *
     * @param template without ending, such as {@code free/heat}
     */
    public record Drawn(String template, Object view) {}

    /** Plots an answer. */
    public interface Plotting<T, R> {
        /** Null where this answer cannot be plotted. */
        @Nullable
        Plot plot(T asked, R answer, ShopLimits limits);
    }

    public Calculator<T, R> drawnBy(Picture<T, R> drawing) {
        return new Calculator<>(stage, name, summary, takes, answers, rule, drawing);
    }

    public Calculator<T, R> plottedBy(Plotting<T, R> plotting) {
        return drawnBy((asked, answer, limits) -> {
            Plot plot = plotting.plot(asked, answer, limits);
            return plot == null ? null : new Drawn("drawing/plot", plot);
        });
    }

    public String path() {
        return "/api/" + stage + "/" + name;
    }

    public String page() {
        return "/sums/" + stage + "/" + name;
    }

    /** Its name in words. */
    public String words() {
        return Named.sentence(name.replace('-', ' '));
    }
}
