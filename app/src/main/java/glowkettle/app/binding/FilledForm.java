package glowkettle.app.binding;

import glowkettle.job.Recorded;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * A form that was sent and not taken: what was typed, what is wrong, and what others wrote meanwhile. The page shows it
 * again filled in.
 *
 * @param kind the kind of entry the form makes, so that a page with several forms fills the right one
 */
public record FilledForm(String kind, Map<String, String[]> typed, List<Fault> faults, List<Recorded> between) {
    public static final FilledForm NONE = new FilledForm("", Map.of(), List.of(), List.of());

    /** Nothing was sent; what stands in the address is asked of the page. */
    public static FilledForm asking(Map<String, String[]> query) {
        return new FilledForm("", query, List.of(), List.of());
    }

    /** What the page's address asks for. */
    public @Nullable String asked(String name) {
        String[] values = kind.isEmpty() ? typed.get(name) : null;
        return values == null || values.length == 0 || values[0].isBlank() ? null : values[0];
    }

    /** Everything the page's address asks for under one name. */
    public List<String> askedAll(String name) {
        return kind.isEmpty() ? List.of(typed.getOrDefault(name, new String[0])) : List.of();
    }

    /** What was typed in a field of this form, or what the page proposes. */
    public String value(String form, String field, @Nullable Object proposed) {
        String[] values = kind.equals(form) ? typed.get(field) : null;
        if (values != null && values.length > 0) {
            return values[0];
        }
        return proposed == null ? "" : String.valueOf(proposed);
    }

    /** Everything that was typed under one name of this form; null where the form was not sent. */
    public @Nullable List<String> values(String form, String field) {
        String[] values = kind.equals(form) ? typed.get(field) : null;
        return values == null ? null : List.of(values);
    }

    /** The n-th of several fields of one name. */
    public String value(String form, String field, int index, @Nullable Object proposed) {
        String[] values = kind.equals(form) ? typed.get(field) : null;
        if (values != null && values.length > index) {
            return values[index];
        }
        return proposed == null ? "" : String.valueOf(proposed);
    }

    public boolean chosen(String form, String field, String value, boolean proposed) {
        String[] values = kind.equals(form) ? typed.get(field) : null;
        return kind.equals(form) ? values != null && Arrays.asList(values).contains(value) : proposed;
    }

    public @Nullable String fault(String form, String field) {
        String bare = field.replace("[]", "");
        return kind.equals(form)
                ? faults.stream()
                        .filter(fault ->
                                fault.field().equals(bare) || fault.field().startsWith(bare + "["))
                        .map(Fault::message)
                        .findFirst()
                        .orElse(null)
                : null;
    }

    public boolean failed() {
        return !faults.isEmpty() || !between.isEmpty();
    }
}
