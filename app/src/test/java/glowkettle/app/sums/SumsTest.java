package glowkettle.app.sums;

import static org.assertj.core.api.Assertions.assertThat;

import glowkettle.app.demo.Played;
import glowkettle.app.journal.JobReader;
import glowkettle.app.support.Kettle;
import glowkettle.app.support.Requests;
import glowkettle.app.support.Requests.Answer;
import glowkettle.app.support.RunningKettle;
import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.web.util.HtmlUtils;

@ExtendWith(RunningKettle.class)
class SumsTest {
    private final Kettle kettle;
    private final Requests technician;
    private final List<Calculator<?, ?>> calculators;

    SumsTest(Kettle kettle) {
        this.kettle = kettle;
        kettle.clock().set(Kettle.START);
        technician = Requests.as(kettle, "technician");
        calculators = List.copyOf(kettle.bean(CalculatorBook.class).all());
    }

    private String example(Calculator<?, ?> calculator) {
        String page = technician.get(calculator.page()).body();
        String link = page.substring(page.indexOf(calculator.page() + "?"));
        return HtmlUtils.htmlUnescape(link.substring(0, link.indexOf('"')));
    }

    private static String query(String... pairs) {
        StringBuilder query = new StringBuilder("?");
        for (int i = 0; i < pairs.length; i += 2) {
            query.append(i == 0 ? "" : "&")
                    .append(URLEncoder.encode(pairs[i], StandardCharsets.UTF_8))
                    .append('=')
                    .append(URLEncoder.encode(pairs[i + 1], StandardCharsets.UTF_8));
        }
        return query.toString();
    }

    @Test
    void everyCalculatorHasAPageWhoseExampleGetsTheAnswerOfItsSumByJson() {
        for (Calculator<?, ?> calculator : calculators) {
            Answer page = technician.get(example(calculator));

            assertThat(page.status()).as(calculator.page()).isEqualTo(200);
            Answer json = technician.ask(
                    calculator.path(), OpenApi.example(calculator).toString());
            assertThat(shown(page.body(), "sum-answer")).as(calculator.page()).isEqualTo(strippedOfSpace(json.body()));
        }
    }

    @Test
    void theQuestionAsJsonAsksTheSameAgain() {
        for (Calculator<?, ?> calculator : calculators) {
            String page = technician.get(example(calculator)).body();
            Answer again = technician.ask(calculator.path(), shown(page, "sum-asked"));

            assertThat(again.status()).as(calculator.page()).isEqualTo(200);
            assertThat(strippedOfSpace(again.body())).as(calculator.page()).isEqualTo(shown(page, "sum-answer"));
        }
    }

    private static String shown(String page, String id) {
        String from = page.substring(page.indexOf("id=\"" + id + "\""));
        return strippedOfSpace(HtmlUtils.htmlUnescape(from.substring(from.indexOf('>') + 1, from.indexOf("</pre>"))));
    }

    private static String strippedOfSpace(String json) {
        return json.replaceAll("[\\s\u00a0]", "");
    }

    @Test
    void whatIsLeftOutComesBackFilledInWithItsRangeAndNothingReckoned() {
        Answer page = technician.get("/sums/fit/growth-room" + query("thicknessMm", "4,2", "widthMm", "9999"));

        assertThat(page.status()).isEqualTo(422);
        assertThat(page.body())
                .contains("Nothing was reckoned", "value=\"4,2\"", "9999 mm is out of range", "accepted is")
                .doesNotContain("The sum</h2>");
    }

    @Test
    void anAddressIsAsShortAsWhatWasTyped() {
        assertThat(technician
                        .get("/sums/fit/energy" + query("nominalV", "11.1", "capacityMah", "4400", "energyWh", ""))
                        .location())
                .endsWith("/sums/fit/energy?nominalV=11.1&capacityMah=4400");
    }

    @Test
    void moreRowsKeepWhatWasTypedAndReckonNothing() {
        Answer page = technician.get("/sums/assess/swell-trend"
                + query(
                        "readings[0].at",
                        "2026-10-01T09:00",
                        "readings[0].sizeMm",
                        "",
                        "limitMm",
                        "6",
                        "more",
                        "readings"));

        assertThat(page.status()).isEqualTo(200);
        assertThat(page.body())
                .contains("value=\"2026-10-01T09:00\"", "name=\"readings[4].sizeMm\"")
                .doesNotContain("answer-figures");
    }

    @Test
    void rowsLeftEmptyBetweenOthersAreNoRows() {
        SumInput input = SumInput.of(Map.of(
                "samples[7].kpa", new String[] {"5"},
                "samples[7].seconds", new String[] {"1"},
                "samples[2].kpa", new String[] {""}));

        assertThat(input.filled()).containsOnlyKeys("samples[0].kpa", "samples[0].seconds");
    }

    @Test
    void hostileTextIsShownAsText() {
        String hostile = "<script>alert(1)</script>";
        for (Calculator<?, ?> calculator : calculators) {
            String field = calculator.takes().getRecordComponents()[0].getName();
            Answer page = technician.get(calculator.page() + query(field, hostile, hostile, hostile));

            assertThat(page.status()).as(calculator.page()).isIn(200, 422);
            assertThat(page.body()).as(calculator.page()).doesNotContain(hostile);
        }
    }

    @ParameterizedTest
    @CsvSource({"swells limit, 1", "leak, 1", "no such word anywhere, 0"})
    void sumsAreFoundByWhatTheyAreFor(String sought, int least) {
        String page = technician.get("/sums" + query("sought", sought)).body();

        assertThat(page.split("sum-card", -1)).hasSizeGreaterThanOrEqualTo(least + 1);
        assertThat(page.contains("No sum says")).isEqualTo(least == 0);
    }

    @Test
    void whatWasReckonedFillsTheFormOfAnEntryAndStoresNothing() {
        Played job = Played.assessed(kettle);
        long before = job.file().state().seq();

        Answer put = technician.get("/sums/put"
                + query(
                        "job", String.valueOf(job.number()),
                        "kind", "warmth-taken",
                        "warmth.surfaceC", "23.4",
                        "warmth.ambientC", "21"));
        Answer form = technician.get(put.location().substring(put.location().indexOf("/jobs/")));

        assertThat(form.body()).contains("Filled in from a sum", "value=\"23.4\"");
        assertThat(kettle.bean(JobReader.class).file(job.number()).state().seq())
                .isEqualTo(before);
    }

    @Test
    void anEntryIsOfferedForEveryRecordThatAFormTakes() {
        Map<String, List<String>> offered = calculators.stream()
                .collect(Collectors.toMap(
                        Calculator::page,
                        calculator -> IntoJob.of(
                                        calculator.takes(),
                                        SumInput.of(
                                                calculator.takes(),
                                                OpenApi.example(calculator),
                                                java.time.ZoneId.of("Europe/Lisbon")))
                                .stream()
                                .map(IntoJob::kind)
                                .toList()));

        assertThat(offered.get("/sums/assess/health")).containsExactly("gauge-read");
        assertThat(offered.get("/sums/free/bending")).containsExactly("bent");
        assertThat(offered.get("/sums/assess/hazard-tier"))
                .contains("warmth-taken", "thickness-taken", "voltage-taken");
        assertThat(offered.get("/sums/fit/energy")).isEmpty();
    }

    @Test
    void limitsThatWereLookedUpAreNamed() {
        String page = technician
                .get(example(calculators.stream()
                        .filter(one -> one.name().equals("growth-room"))
                        .findFirst()
                        .orElseThrow()))
                .body();

        assertThat(Arrays.stream(page.split("/limits#")).skip(1).map(part -> part.substring(0, part.indexOf('"'))))
                .isNotEmpty()
                .allSatisfy(id -> assertThat(page).contains(id));
    }
}
