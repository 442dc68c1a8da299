package glowkettle.app.sums;

import glowkettle.app.binding.Part;
import glowkettle.app.form.Questions;
import glowkettle.job.Entry;
import glowkettle.job.Kind;
import glowkettle.job.Traits;
import glowkettle.job.order.OrderOfWork;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/**
 * What was reckoned with, as the form of an entry that takes the same record: nothing is written before somebody has looked
 * at that form in its job and keeps it.
 *
 * @param kind of the entry
 * @param what the part of the sum's input that it takes, in words
 * @param fields of the entry's form, as they were typed
 */
public record IntoJob(String kind, String what, Map<String, String[]> fields) {
    /** Every entry that a form makes and that takes the whole input, or a filled part of it. */
    static List<IntoJob> of(Class<? extends Record> takes, SumInput input) {
        List<IntoJob> offers = new ArrayList<>();
        for (Kind<?> kind : OrderOfWork.CHAPTERS.kinds()) {
            if (kind.traits().source() == Traits.Source.FORM) {
                offer(kind, takes, input, offers);
            }
        }
        return offers;
    }

    private static void offer(
            Kind<? extends Entry> kind, Class<? extends Record> takes, SumInput input, List<IntoJob> offers) {
        for (Part target : Part.of(kind.type())) {
            Class<?> wanted = target.component().getType();
            if (!wanted.isRecord()) {
                continue;
            }
            if (wanted == takes) {
                offers.add(new IntoJob(kind.id(), "all of it", moved(input, "", target.name() + ".")));
                return;
            }
            for (Part part : Part.of(takes)) {
                boolean takesIt = part.component().getType() == wanted && input.fills(part.name() + ".");
                if (takesIt) {
                    offers.add(new IntoJob(
                            kind.id(),
                            Questions.label(part).toLowerCase(Locale.ROOT),
                            moved(input, part.name() + ".", target.name() + ".")));
                    return;
                }
            }
        }
    }

    private static Map<String, String[]> moved(SumInput input, String from, String to) {
        Map<String, String[]> fields = new LinkedHashMap<>();
        input.filled().forEach((name, values) -> {
            if (name.startsWith(from)) {
                fields.put(to + name.substring(from.length()), values);
            }
        });
        return fields;
    }

    /** Which entry it becomes. */
    public String entry() {
        return kind.replace('-', ' ');
    }

    /** Several values of one name, each on its own. */
    public List<Map.Entry<String, String>> hidden() {
        return fields.entrySet().stream()
                .flatMap(one -> Arrays.stream(one.getValue()).map(value -> Map.entry(one.getKey(), value)))
                .toList();
    }
}
