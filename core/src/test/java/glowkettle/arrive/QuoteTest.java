package glowkettle.arrive;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import glowkettle.finding.Unanswerable;
import glowkettle.limits.Limit;
import glowkettle.limits.ShopLimits;
import java.math.BigDecimal;
import java.util.Collections;
import java.util.List;
import org.junit.jupiter.api.Test;

class QuoteTest {
    private static final ShopLimits LIMITS = ShopLimits.defaults()
            .with(Limit.SHOP_RATE, new BigDecimal("48"))
            .with(Limit.CONSUMABLES_PRICE, new BigDecimal("4"));

    private static Quote.Priced priced(String name, String price) {
        return new Quote.Priced(name, new BigDecimal(price));
    }

    private static Quote quote(String minutes, List<Quote.Priced> parts, List<Quote.Priced> offers) {
        return Quote.of(new Quote.Request(new BigDecimal(minutes), parts, offers), LIMITS)
                .result();
    }

    @Test
    void everyOfferHasItsTotal() {
        Quote quote = quote(
                "32.5", List.of(priced("touch panel", "39.90")), List.of(priced("A", "61"), priced("B", "44.50")));

        assertThat(quote.labour()).isEqualByComparingTo("26.00");
        assertThat(quote.totals())
                .extracting(Quote.Total::total)
                .containsExactly(new BigDecimal("130.90"), new BigDecimal("114.40"));
    }

    @Test
    void labourIsRoundedToTheHundredthAndAQuoteWithoutAPackIsTheWorkAlone() {
        Quote quote = quote("10.01", List.of(), List.of());

        assertThat(quote.labour()).isEqualByComparingTo("8.01");
        assertThat(quote.totals().getFirst().total()).isEqualByComparingTo("12.01");
    }

    @Test
    void fiveOffersAreTooMany() {
        assertThatThrownBy(() -> quote("1", List.of(), Collections.nCopies(5, priced("A", "1"))))
                .isInstanceOf(Unanswerable.class)
                .hasMessageContaining("5 packs are offered; at most 4");
    }
}
