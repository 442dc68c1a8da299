package glowkettle.app.binding;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import glowkettle.app.form.Questions;
import glowkettle.app.schema.SchemaJson;
import glowkettle.finding.Flat;
import glowkettle.finding.Says;
import glowkettle.finding.Within;
import glowkettle.fit.Honesty;
import glowkettle.fit.PackLabel;
import java.math.BigDecimal;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.json.JsonMapper;

/** A part that has a name only in code is spelled nowhere: not in a body, a form, a schema or a stored entry. */
class FlatPartsTest {
    private static final JsonMapper STORED = RecordJson.builder()
            .enable(DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES)
            .build();
    private static final String SPELLED =
            "{\"thicknessMm\":4.2,\"hole\":{\"thicknessMm\":5,\"depths\":[1,2]},\"bayThicknessMm\":5.1,\"bayDepths\":[],\"plug\":null}";

    /** How thick. */
    public record Size(
            @Says("Thickness") @Within(min = "0.3", max = "100", unit = "mm")
            BigDecimal thicknessMm,

            List<BigDecimal> depths) {
        public Size {
            if (depths.size() > 2) {
                throw new IllegalArgumentException("At most two depths");
            }
        }
    }

    /** A part of its own. */
    public record Plain(BigDecimal thicknessMm) {}

    /** A pack in a bay. */
    public record Pack(
            @Flat Plain size,
            Size hole,
            @Flat(prefix = "bay", words = "Bay") Size bay,
            @Nullable String plug) {}

    private static Pack bound(String json) {
        return Binder.json(Pack.class, STORED.readTree(json)).get();
    }

    @Test
    void aBodyASchemaAndAStoredEntrySpellTheComponentsInThePlaceOfTheirPart() {
        Pack pack = bound(SPELLED);

        assertThat(pack.size().thicknessMm()).isEqualByComparingTo("4.2");
        assertThat(pack.bay().thicknessMm()).isEqualByComparingTo("5.1");
        assertThat(STORED.writeValueAsString(pack)).isEqualTo(SPELLED);
        assertThat(STORED.readValue(SPELLED, Pack.class)).isEqualTo(pack);
        assertThat(STORED.readValue(SPELLED.replace("4.2,", "4.20,"), Pack.class)
                        .size()
                        .thicknessMm())
                .isEqualTo(new BigDecimal("4.20"));
        SchemaJson schema = new SchemaJson();
        schema.of(Pack.class);
        assertThat(schema.schemas().path("FlatPartsTestPack").path("properties").propertyNames())
                .containsExactly("thicknessMm", "hole", "bayThicknessMm", "bayDepths", "plug");
    }

    @Test
    void aPartHasItsOwnWordsInQuestionsAndInFaults() {
        assertThat(Questions.words(Pack.class, "bayThicknessMm")).isEqualTo("Bay thickness");
        assertThat(Questions.words(Pack.class, "hole.thicknessMm")).isEqualTo("Thickness");
        assertThat(Binder.json(Pack.class, STORED.readTree("{\"thicknessMm\": 4}"))
                        .faults())
                .extracting(Fault::field, Fault::message)
                .contains(org.assertj.core.groups.Tuple.tuple(
                        "bayThicknessMm", "Missing: Bay thickness; accepted is 0.3 to 100 mm"));
    }

    /** A label is of a pack that lies in a device; a claim may be of a case that is thicker. */
    @Test
    void aPartThatIsSharedLoosensNoBound() {
        assertThat(Questions.of(PackLabel.class, "thicknessMm").orElseThrow().range())
                .isEqualTo("0.3 to 100 mm");
        assertThat(Questions.of(Honesty.Claim.class, "thicknessMm")
                        .orElseThrow()
                        .range())
                .isEqualTo("0.3 to 200 mm");
    }

    @Test
    void theNameOfThePartItselfAndWhatNobodyKnowsAreRefused() {
        String named = SPELLED.replace("\"plug\":null", "\"bay\":{}");

        assertThat(Binder.json(Pack.class, STORED.readTree(named)).faults())
                .extracting(Fault::field)
                .containsExactly("bay");
        assertThatThrownBy(() -> STORED.readValue(named, Pack.class)).isInstanceOf(JacksonException.class);
    }

    @Test
    void whatAPartRefusesIsAFaultOfTheWhole() {
        assertThat(Binder.json(Pack.class, STORED.readTree(SPELLED.replace("[]", "[1,2,3]")))
                        .faults())
                .extracting(Fault::message)
                .containsExactly("At most two depths");
    }
}
