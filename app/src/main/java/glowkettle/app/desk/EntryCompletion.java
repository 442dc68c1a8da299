package glowkettle.app.desk;

import glowkettle.app.journal.JournalBook;
import glowkettle.app.shop.ShopBook;
import java.time.InstantSource;
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
        if (typed.remove(REST) != null) {
            RestOfTheLook.isGood(typed);
        }
        asSaid(typed, "promise", true);
        asSaid(typed, "happened", false);
        completions.stream()
                .filter(completion -> completion.completes() == type)
                .forEach(completion -> completion.complete(journal.file(number), typed));
    }

    private void asSaid(Map<String, String[]> typed, String field, boolean ahead) {
        typed.computeIfPresent(
                field,
                (name, said) -> Typed.isBlank(said)
                        ? said
                        : new String[] {TypedMoment.iso(said[0], ahead, clock.instant(), shop.zone())});
    }
}
