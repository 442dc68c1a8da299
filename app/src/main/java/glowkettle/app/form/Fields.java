package glowkettle.app.form;

import glowkettle.app.binding.FilledForm;
import glowkettle.job.order.OrderOfWork;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** What templates ask for fields: by the form they stand in, which says the record, and the path of a component. */
@Component
public final class Fields {
    private final Map<String, Class<?>> records = new HashMap<>();

    Fields(List<HouseForms> house) {
        OrderOfWork.CHAPTERS.kinds().forEach(kind -> records.put(kind.id(), kind.type()));
        house.stream().flatMap(page -> page.forms().entrySet().stream()).forEach(form -> {
            if (records.put(form.getKey(), form.getValue()) != null) {
                throw new IllegalStateException("Two records are filled by a form " + form.getKey());
            }
        });
    }

    public Field of(FilledForm filled, String form, String path) {
        return of(filled, form, path, null);
    }

    /** @param proposed stands in it until somebody types */
    public Field of(FilledForm filled, String form, String path, @Nullable Object proposed) {
        return Field.in(filled, form, question(form, path), path, proposed);
    }

    /** One place of a list, under a label of its own. */
    public Field nth(FilledForm filled, String form, String path, int place, String label) {
        Question one = question(form, path).single().saying(label);
        List<String> typed = filled.values(form, path + "[]");
        List<String> values = typed != null && typed.size() > place ? List.of(typed.get(place)) : List.of();
        String fault = filled.fault(form, path + "[" + place + "]");
        return new Field(one, form + "-" + path + place, path + "[]", values, fault, null);
    }

    private Question question(String form, String path) {
        Class<?> type = records.get(form.split(":", 2)[0]);
        if (type == null) {
            throw new IllegalArgumentException("No record is filled by the form " + form);
        }
        return Questions.of(type, path)
                .orElseThrow(() -> new IllegalArgumentException("%s has no component %s".formatted(type, path)));
    }
}
