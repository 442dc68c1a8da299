package glowkettle.fit;

import static org.assertj.core.api.Assertions.assertThat;

import glowkettle.cell.Body;
import glowkettle.cell.Box;
import glowkettle.cell.Calipered;
import glowkettle.finding.Result;
import glowkettle.library.InDevice;
import glowkettle.library.PackData;
import glowkettle.library.Plug;
import glowkettle.library.Ratings;
import glowkettle.limits.ShopLimits;
import java.math.BigDecimal;
import java.util.List;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class PackComparisonTest {
    private static final ShopLimits LIMITS = ShopLimits.defaults();

    private static BigDecimal figure(String text) {
        return new BigDecimal(text);
    }

    /** Three flat cells in a frame, charged to 4.35 V each. */
    static PackData device() {
        return new PackData(
                new Ratings(figure("11.4"), figure("4.35"), figure("3"), figure("4000")),
                new Box(figure("5.8"), figure("92"), figure("268")),
                new Box(figure("6.4"), figure("94"), figure("270")),
                "10 pins",
                new InDevice(figure("0.12"), figure("2"), figure("8"), figure("3"), figure("4")),
                Body.CASED_POUCH,
                figure("3"),
                PackData.Marks.NONE);
    }

    private static PackLabel label(
            String nominal, String charge, String capacity, String thickness, @Nullable Boolean connector) {
        return new PackLabel(
                new PackLabel.Printed(figure(nominal), figure(charge), figure(capacity), null, null, null),
                new Calipered(figure(thickness), figure("92"), figure("268")),
                figure("215"),
                null,
                null,
                connector);
    }

    private static Result<PackComparison.Comparison> compare(PackLabel label) {
        return PackComparison.compare(new PackComparison.Request(device(), label), LIMITS);
    }

    @ParameterizedTest
    @CsvSource({
        "11.4,13.05,4000,5.8,true,FITS", "11.4,13.05,4000,5.8,,ASK", "11.4,13.05,4000,5.8,false,REFUSED",
        "11.1,12.6,4000,5.8,true,REFUSED", "11.55,13.2,4000,5.8,true,WITH_CARE", "7.6,8.7,4000,5.8,true,REFUSED",
        "11.4,12.6,4000,5.8,true,REFUSED", "11.4,13.05,9800,5.8,true,WITH_CARE", "11.4,13.05,4000,6.3,true,REFUSED",
        "12.8,14.6,4000,5.8,true,REFUSED"
    })
    void theWorstLineDecides(
            String nominal, String charge, String capacity, String thickness, Boolean connector, Verdict verdict) {
        Result<PackComparison.Comparison> compared = compare(label(nominal, charge, capacity, thickness, connector));

        assertThat(compared.result().verdict()).isEqualTo(verdict);
        assertThat(compared.findings().isEmpty()).isEqualTo(verdict == Verdict.FITS);
    }

    @Test
    void aLowerChargeLimitIsRefusedForFire() {
        var lines = compare(label("11.1", "12.6", "4000", "5.8", true)).result().lines().stream()
                .collect(Collectors.toMap(PackComparison.Line::name, Function.identity()));

        assertThat(lines.get("charge limit").verdict()).isEqualTo(Verdict.REFUSED);
        assertThat(lines.get("charge limit").sentence()).contains("overcharge, fire");
        assertThat(lines.get("voltage").verdict()).isEqualTo(Verdict.FITS);
    }

    /** A 4.40 V cell filled to 4.35 V: its share is the state of charge at 4.35 V on its own curve. */
    @Test
    void aHigherChargeLimitIsOnlyFilledInPart() {
        PackComparison.Comparison compared =
                compare(label("11.55", "13.2", "4000", "5.8", true)).result();

        assertThat(compared.usableSharePercent()).isBetween(figure("90"), figure("100"));
        assertThat(compared.usableSharePercent()).isLessThan(figure("100"));
    }

    /** The printed charge voltage is what counts, give or take half its last digit and at most 10 mV a cell. */
    @ParameterizedTest
    @CsvSource({
        "3.85,4.38,4.40,REFUSED", "3.85,4.40,4.40,FITS", "3.85,4.4,4.40,FITS", "3.85,4.395,4.40,REFUSED",
        "3.85,4.40,4.404,FITS", "3.85,4.42,4.40,WITH_CARE", "3.85,4.405,4.40,WITH_CARE", "3.85,,4.40,FITS",
        "3.7,4.19,4.20,REFUSED", "3.7,4.2,4.21,FITS", "3.7,4.2,4.211,REFUSED", "3.75,4.38,4.40,REFUSED",
        "3.75,4.40,4.40,FITS"
    })
    void aPrintedChargeVoltageWins(String nominal, @Nullable String charge, String deviceLimit, Verdict verdict) {
        PackData one = new PackData(
                new Ratings(figure("3.85"), figure(deviceLimit), figure("1"), figure("3000")),
                new Box(figure("4"), figure("40"), figure("60")),
                new Box(figure("5"), figure("42"), figure("62")),
                "3 pins",
                new InDevice(figure("0.1"), figure("1"), figure("1"), figure("3"), figure("4")),
                Body.POUCH,
                figure("1"),
                PackData.Marks.NONE);
        PackLabel label = new PackLabel(
                new PackLabel.Printed(
                        figure(nominal), charge == null ? null : figure(charge), figure("1500"), null, null, null),
                new Calipered(figure("4"), figure("40"), figure("60")),
                null,
                null,
                null,
                true);
        PackComparison.Comparison compared = PackComparison.compare(new PackComparison.Request(one, label), LIMITS)
                .result();

        assertThat(compared.lines().stream()
                        .filter(line -> line.name().equals("charge limit"))
                        .map(PackComparison.Line::verdict))
                .containsExactly(verdict);
        assertThat(compared.usableSharePercent() == null).isEqualTo(verdict == Verdict.REFUSED);
    }

    @Test
    void colouredLeadsAreNoConnectorQuestion() {
        PackLabel label = label("11.4", "13.05", "4000", "5.8", null);
        PackComparison.Comparison soldered = PackComparison.compare(
                        new PackComparison.Request(device(), label, true), LIMITS)
                .result();

        assertThat(compare(label).result().verdict()).isEqualTo(Verdict.ASK);
        assertThat(soldered.verdict()).isEqualTo(Verdict.FITS);
    }

    private static PackComparison.Comparison coded(
            String nominal, @Nullable String charge, @Nullable String code, @Nullable Boolean connector) {
        PackData device = device();
        PackData coded = new PackData(
                device.ratings(),
                device.size(),
                device.bay(),
                device.connector(),
                device.inDevice(),
                device.body(),
                device.cells(),
                new PackData.Marks(null, List.of("GN-14-P3", "SP 4410")));
        PackLabel label = new PackLabel(
                new PackLabel.Printed(
                        figure(nominal),
                        charge == null ? null : figure(charge),
                        figure("4000"),
                        null,
                        null,
                        null,
                        code),
                new Calipered(null, null, null),
                null,
                null,
                null,
                connector);
        return PackComparison.compare(new PackComparison.Request(coded, label), LIMITS)
                .result();
    }

    /** What cannot hurt is settled by the same code; a voltage that the label leaves open, or a plug that differs, is not. */
    @ParameterizedTest
    @CsvSource({
        "11.4, 13.05, gn14p3,     , FITS",
        "11.4, 13.05, sp-4410,    , FITS",
        "11.4, 13.05, GN-14-P4,   , ASK",
        "11.4, 13.05,        ,    , ASK",
        "11.4, 13.05, gn14p3, false, REFUSED",
        "11.1, 12.6,  gn14p3,     , REFUSED",
        "25.6,      , gn14p3,     , REFUSED",
        "11.2,      , gn14p3,     , ASK"
    })
    void theSameCodeSettlesWhatCannotHurt(
            String nominal,
            @Nullable String charge,
            @Nullable String code,
            @Nullable Boolean connector,
            Verdict verdict) {
        assertThat(coded(nominal, charge, code, connector).verdict()).isEqualTo(verdict);
    }

    @Test
    void tooWideIsNotCalledTooThick() {
        PackLabel wide = new PackLabel(
                new PackLabel.Printed(figure("11.4"), figure("13.05"), figure("4000"), null, null, null),
                new Calipered(figure("5.8"), figure("95"), figure("268")),
                null,
                null,
                null,
                true);
        assertThat(compare(wide).findings())
                .filteredOn(finding -> finding.rule().equals("fit-size"))
                .singleElement()
                .satisfies(finding ->
                        assertThat(finding.sentence()).startsWith("Too wide").doesNotContain("thick"));
    }

    /** 220 × 80 mm in a bay of 270 × 94: it would slide, so whatever held the old pack is looked at. */
    @ParameterizedTest
    @CsvSource({
        "80,220,,ASK",
        "80,220,true,WITH_CARE",
        "80,220,false,REFUSED",
        "92,264.9,true,WITH_CARE",
        "92,265.1,,FITS"
    })
    void aPackThatPlaysInItsBayIsHeldByEarsOrNotFitted(
            String widthMm, String lengthMm, @Nullable Boolean mounting, Verdict verdict) {
        PackLabel plays = new PackLabel(
                new PackLabel.Printed(figure("11.4"), figure("13.05"), figure("3000"), null, null, null),
                new Calipered(figure("5.8"), figure(widthMm), figure(lengthMm)),
                figure("215"),
                null,
                null,
                PackLabel.Inside.UNKNOWN,
                new PackLabel.Connection(true, mounting, Plug.UNKNOWN));

        assertThat(compare(plays).result().verdict()).isEqualTo(verdict);
    }

    @Test
    void everyLineSaysWhatWasHeldAgainstWhat() {
        assertThat(compare(label("11.4", "13.05", "4000", "5.8", true)).result().lines())
                .extracting(PackComparison.Line::name)
                .containsExactly("voltage", "charge limit", "energy", "size", "connector", "label");
    }
}
