package glowkettle.app.binding;

import static org.assertj.core.api.Assertions.assertThat;

import glowkettle.finding.Says;
import glowkettle.finding.Within;
import java.math.BigDecimal;
import java.time.Instant;
import java.time.ZoneId;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class BinderTest {
    private static final ZoneId LISBON = ZoneId.of("Europe/Lisbon");

    /** A colour. */
    public enum Colour {
        RED,
        GREEN
    }

    /** An inner record with a range. */
    public record Inner(
            @Says("Thickness") @Within(min = "0.3", max = "100", unit = "mm") @Nullable
            BigDecimal thicknessMm,

            @Says("Corners") @Within(min = "1", max = "9", unit = "mm")
            List<BigDecimal> cornersMm) {}

    /** One pair of a list. */
    public record Pair(String hole, String fastener) {}

    /** Everything a form can hold. */
    public record Everything(
            @Says(value = "Owner", longest = 10) String owner,
            Colour colour,
            @Nullable Boolean wet,
            @Within(min = "1", max = "20") int places,
            @Nullable Instant promise,
            Inner inner,
            Set<Colour> colours,
            List<Pair> pairs) {}

    private static Map<String, String[]> good() {
        Map<String, String[]> form = new LinkedHashMap<>();
        form.put("owner", new String[] {" Bridge "});
        form.put("colour", new String[] {"RED"});
        form.put("wet", new String[] {"yes"});
        form.put("places", new String[] {"6"});
        form.put("promise", new String[] {"2026-07-01T12:00"});
        form.put("inner.thicknessMm", new String[] {"4,2"});
        form.put("inner.cornersMm[]", new String[] {"4.1", "", "4.3"});
        form.put("colours[]", new String[] {"GREEN", "RED"});
        form.put("pairs[1].hole", new String[] {"S1"});
        form.put("pairs[1].fastener", new String[] {"S2"});
        form.put("pairs[0].hole", new String[] {"S3"});
        form.put("pairs[0].fastener", new String[] {"S4"});
        form.put("somethingElse", new String[] {"x"});
        return form;
    }

    private static Bound<Everything> bind(Map<String, String[]> form) {
        return Binder.form(Everything.class, FormTree.of(form), LISBON);
    }

    @Test
    void readsAFormAsPeopleTypeIt() {
        Everything read = bind(good()).get();

        assertThat(read.owner()).isEqualTo("Bridge");
        assertThat(read.wet()).isTrue();
        assertThat(read.promise()).isEqualTo("2026-07-01T11:00:00Z");
        assertThat(read.inner().thicknessMm()).isEqualByComparingTo("4.2");
        assertThat(read.inner().cornersMm()).containsExactly(new BigDecimal("4.1"), new BigDecimal("4.3"));
        assertThat(read.colours()).containsExactly(Colour.GREEN, Colour.RED);
        assertThat(read.pairs()).containsExactly(new Pair("S1", "S2"), new Pair("S3", "S4"));
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            owner             | ''                | Missing: Owner
            owner             | far too long name | 17 characters; at most 10
            colour            | BLUE              | 'BLUE' is not known; accepted are RED, GREEN
            wet               | perhaps           | neither true nor false
            places            | 2.5               | not a whole number
            places            | 21                | accepted is 1 to 20
            places            | 99999999999       | not a whole number
            promise           | tomorrow          | readable is Thu 16:00, 26 Nov 9:30, in 2 h, or 2026-03-02T08:30
            promise           | 1850-01-01T00:00  | out of range
            inner.thicknessMm | four              | 'four' is not a number; accepted is 0.3 to 100 mm
            inner.thicknessMm | 420               | 420 mm is out of range
            inner.thicknessMm | 1e9999            | too many digits
            inner.cornersMm[] | 12                | 12 mm is out of range
            """)
    void everyFaultQuotesTheValueAndWhatWouldBeAccepted(String field, String value, String says) {
        Map<String, String[]> form = good();
        form.put(field, new String[] {value});

        assertThat(bind(form).faults()).hasSize(1).first().satisfies(fault -> {
            assertThat(fault.message()).contains(says);
            assertThat(fault.field()).startsWith(field.replace("[]", ""));
        });
    }

    @Test
    void namesAllFaultsAtOnce() {
        Map<String, String[]> form = good();
        form.put("owner", new String[] {""});
        form.put("places", new String[] {"0"});
        form.put("inner.thicknessMm", new String[] {"-1"});

        assertThat(bind(form).faults())
                .extracting(Fault::field)
                .containsExactly("owner", "places", "inner.thicknessMm");
    }

    @Test
    void spacesAndSignsOfPeopleAreUnderstood() {
        Map<String, String[]> form = good();
        form.put("inner.thicknessMm", new String[] {"\u00a04.20 "});

        assertThat(bind(form).get().inner().thicknessMm()).isEqualByComparingTo("4.2");
    }
}
