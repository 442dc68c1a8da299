package glowkettle.app.web;

import glowkettle.app.journal.JournalBook;
import glowkettle.app.shop.ShopBook;
import glowkettle.job.calibrate.CalibrateEntry;
import glowkettle.job.open.OpenEntry;
import glowkettle.job.wayback.WayBackEntry;
import java.time.InstantSource;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Component;

/** Puts in what the product knows and nobody should have to type, or be able to. */
@Component
class EntryCompletion {
    /** Sent by the tap that says no to everything that was not answered. */
    private static final String REST = "rest";

    private final JournalBook journal;
    private final ShopBook shop;
    private final List<Completion> completions;
    private final InstantSource clock;

    EntryCompletion(JournalBook journal, ShopBook shop, List<Completion> completions, InstantSource clock) {
        this.journal = journal;
        this.shop = shop;
        this.completions = completions;
        this.clock = clock;
    }

    void before(Class<?> type, Map<String, String[]> typed, long number) {
        completions.stream()
                .filter(completion -> completion.completes() == type)
                .forEach(completion -> completion.complete(journal.file(number), typed));
        if (type == OpenEntry.FastenersOut.class) {
            List<String> missing = List.of(typed.getOrDefault("missing[]", new String[0]));
            typed.computeIfPresent(
                    "out[]",
                    (name, out) -> Arrays.stream(out)
                            .filter(id -> !missing.contains(id))
                            .toArray(String[]::new));
        }
        if (typed.containsKey(REST)) {
            typed.remove(REST);
            RestOfTheLook.isGood(typed);
        }
        if (type == WayBackEntry.FastenersBack.class) {
            leaveEmptyHolesOut(typed);
        }
        asSaid(typed, "promise", true);
        asSaid(typed, "happened", false);
        if (type == CalibrateEntry.CycleEvent.class && blank(typed.get("happened"))) {
            typed.put("happened", new String[] {new Words(shop.zone(), clock.instant()).field(clock.instant())});
        }
    }

    /** A hole for which no fastener was chosen stays empty: it is no placement. */
    private static void leaveEmptyHolesOut(Map<String, String[]> typed) {
        List<String> empty = typed.keySet().stream()
                .filter(name -> name.endsWith("].fastener") && blank(typed.get(name)))
                .toList();
        empty.forEach(name -> {
            typed.remove(name);
            typed.remove(name.replace("].fastener", "].hole"));
        });
    }

    private void asSaid(Map<String, String[]> typed, String field, boolean ahead) {
        if (!blank(typed.get(field))) {
            typed.put(field, new String[] {TypedMoment.iso(typed.get(field)[0], ahead, clock.instant(), shop.zone())});
        }
    }

    private static boolean blank(String @org.jspecify.annotations.Nullable [] values) {
        return values == null || values.length == 0 || values[0].isBlank();
    }
}
