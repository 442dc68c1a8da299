package glowkettle.job;

import static glowkettle.job.Refusals.refused;
import static glowkettle.job.Refusals.taken;

import glowkettle.arrive.Quote;
import glowkettle.job.arrive.ArriveEntry;
import glowkettle.job.open.OpenEntry;
import java.math.BigDecimal;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** What an owner says, and what is promised to one. */
class ArriveAdmissionTest {
    static ArriveEntry.Quoted quote(String... packs) {
        return new ArriveEntry.Quoted(new Quote.Request(
                new BigDecimal("20"),
                List.of(),
                Stream.of(packs)
                        .map(name -> new Quote.Priced(name, BigDecimal.TEN))
                        .toList()));
    }

    @Test
    void aQuoteIsAnsweredWithOneOfItsPacks() {
        refused(new Bench(), new ArriveEntry.QuoteAnswered(true, "Pack A"), "There is no quote to answer");
        Bench bench = new Bench().write(quote("Pack A", "Pack B"));

        refused(bench, new ArriveEntry.QuoteAnswered(true, "Pack C"), "Say which of the packs was taken");
        refused(bench, new ArriveEntry.QuoteAnswered(true, null), "Say which of the packs was taken");
        taken(bench, new ArriveEntry.QuoteAnswered(true, "Pack B"));
        taken(bench, new ArriveEntry.QuoteAnswered(false, null));
        taken(new Bench().write(quote()), new ArriveEntry.QuoteAnswered(true, null));
    }

    @Test
    void nothingIsOpenedForAnOwnerWhoSaidNo() {
        Bench bench = new Bench().assessed().write(quote("Pack A")).write(new ArriveEntry.QuoteAnswered(false, null));

        refused(bench, new OpenEntry.StepDone("off"), "The owner declined the quote");
    }

    @Test
    void aPromiseLiesAhead() {
        refused(new Bench(), new ArriveEntry.Promised(Bench.NOON, null), "a promise lies ahead");
        taken(new Bench(), new ArriveEntry.Promised(Bench.NOON.plusSeconds(1), null));
    }
}
