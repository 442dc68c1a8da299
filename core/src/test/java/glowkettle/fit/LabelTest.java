package glowkettle.fit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import glowkettle.cell.Body;
import glowkettle.cell.Box;
import glowkettle.cell.Calipered;
import glowkettle.cell.Chemistry;
import glowkettle.finding.Finding;
import glowkettle.finding.Result;
import glowkettle.finding.Unanswerable;
import glowkettle.limits.ShopLimits;
import java.math.BigDecimal;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class LabelTest {
    private static final ShopLimits LIMITS = ShopLimits.defaults();

    private static @Nullable BigDecimal figure(@Nullable String text) {
        return text == null ? null : new BigDecimal(text);
    }

    private static PackVoltage.Outcome voltage(String nominal, @Nullable String charge) {
        return PackVoltage.read(new PackVoltage.Label(new BigDecimal(nominal), figure(charge)), LIMITS)
                .result();
    }

    /** One row a nominal band, and several cells in series. */
    @ParameterizedTest
    @CsvSource({
        "3.6,,1,4.20", "3.7,,1,4.20", "3.80,,1,4.35", "3.85,,1,4.40", "3.87,,1,4.45", "3.91,,1,4.50", "3.2,,1,3.65",
        "11.1,,3,4.20", "11.4,,3,4.35", "11.55,,3,4.40", "7.7,,2,4.40", "14.4,,4,4.20", "7.6,8.7,2,4.35", "12.8,,4,3.65"
    })
    void nominalVoltageNamesCellsAndLimit(String nominal, String charge, int series, String limit) {
        assertThat(voltage(nominal, charge)).isInstanceOfSatisfying(PackVoltage.Outcome.Known.class, known -> {
            assertThat(known.option().series()).isEqualTo(series);
            assertThat(known.option().chemistry().chargeLimitV()).isEqualByComparingTo(limit);
        });
    }

    /** 25.6 V is 7 cells of lithium-ion or 8 of iron-phosphate: only somebody who counts can tell. */
    @Test
    void everyReadingOfAnAmbiguousVoltageIsListed() {
        assertThat(voltage("25.6", null))
                .isInstanceOfSatisfying(
                        PackVoltage.Outcome.Ask.class,
                        ask -> assertThat(ask.options())
                                .extracting(option -> option.series() + " "
                                        + option.chemistry().family())
                                .contains("7 LITHIUM", "8 IRON_PHOSPHATE"));
        assertThat(voltage("25.6", "29.2"))
                .isInstanceOfSatisfying(
                        PackVoltage.Outcome.Known.class,
                        known -> assertThat(known.option().chemistry().family())
                                .isEqualTo(Chemistry.Family.IRON_PHOSPHATE));
    }

    @Test
    void aChargeVoltageThatContradictsTheNominalIsRefusedUntilSettled() {
        assertThat(voltage("11.1", "13.2")).isInstanceOf(PackVoltage.Outcome.Contradiction.class);
        assertThat(voltage("5", null)).isInstanceOf(PackVoltage.Outcome.Ask.class);
        assertThat(voltage("3.7", "4.35")).isInstanceOf(PackVoltage.Outcome.Contradiction.class);
        assertThat(voltage("7.4", "4.2")).isInstanceOf(PackVoltage.Outcome.Contradiction.class);
        // No chemistry is charged to 4.28 V: nobody can say what it is.
        assertThat(voltage("3.7", "4.28")).isInstanceOf(PackVoltage.Outcome.Ask.class);
    }

    @ParameterizedTest
    @CsvSource({
        "11.55,4330,50.01,50,0.0,false", "3.7,1000,3.70,3.811,3.0,false", "3.7,1000,3.70,3.812,3.0,true",
        "3.7,1000,3.70,3.589,3.0,false", "3.7,1000,3.70,2.0,45.9,true", "3.85,1,0.00,,,false"
    })
    void energyIsVoltsTimesCapacityAndMarkedOverThreePercent(
            String nominal, String capacity, String computed, String printed, String apart, boolean marked) {
        Result<LabelEnergy.Energy> energy = LabelEnergy.check(
                new LabelEnergy.Label(new BigDecimal(nominal), new BigDecimal(capacity), figure(printed)), LIMITS);

        assertThat(energy.result().computedWh()).isEqualByComparingTo(computed);
        assertThat(energy.result().marked()).isEqualTo(marked);
        assertThat(energy.findings()).hasSize(marked ? 1 : 0);
        if (apart != null) {
            assertThat(energy.result().apartPercent()).isEqualByComparingTo(apart);
        }
    }

    private static List<String> readings(String code, String t, String w, String l) {
        return SizeCode.readings(new SizeCode.Request(code, new Calipered(figure(t), figure(w), figure(l))), LIMITS)
                .result()
                .stream()
                .map(reading -> reading.words().replace('\u00a0', ' '))
                .toList();
    }

    @Test
    void sizeCodesAreReadInEveryWayThatLeavesNoFieldWithALeadingZero() {
        assertThat(readings("454261", null, null, null)).containsExactly("4.5 × 42 × 61 mm");
        assertThat(readings("3868130", null, null, null))
                .containsExactlyInAnyOrder("3.8 × 68 × 130 mm", "38.6 × 81 × 30 mm");
        assertThat(readings("3868030", null, null, null)).containsExactly("38.6 × 80 × 30 mm");
        assertThat(readings("10568130", null, null, null))
                .containsExactlyInAnyOrder("10.5 × 68 × 130 mm", "1.0 × 568 × 130 mm");
        assertThat(readings("21700", null, null, null)).containsExactly("round, 21 × 70.0 mm");
    }

    @Test
    void readingsThatFitTheBayComeFirst() {
        assertThat(readings("3868130", "42", "82", "40").getFirst()).isEqualTo("38.6 × 81 × 30 mm");
        assertThat(readings("3868130", "4.11", "70", "131").getFirst()).isEqualTo("3.8 × 68 × 130 mm");
    }

    @ParameterizedTest
    @CsvSource({"45426", "1234", "123456789", "45x261", "050505", "''"})
    void whatIsNoSizeCodeIsRefusedWithWhatWouldBe(String code) {
        if (code.equals("45426")) {
            assertThat(readings(code, null, null, null)).containsExactly("round, 45 × 42.6 mm");
            return;
        }
        assertThatThrownBy(() -> readings(code, null, null, null)).isInstanceOf(Unanswerable.class);
    }

    private static Honesty.Judgement honesty(
            String nominal, String capacity, Body body, String t, String w, String l, String mass) {
        return Honesty.judge(
                        new Honesty.Claim(
                                new BigDecimal(nominal),
                                new BigDecimal(capacity),
                                body,
                                null,
                                new Honesty.Outer(figure(t), figure(w), figure(l)),
                                null,
                                null,
                                figure(mass)),
                        LIMITS)
                .result();
    }

    /** Two cells of 6 mL in a case of 24 mL: their own class is 600 Wh/L, of which the case leaves 60 %. */
    @Test
    void aCasedPackTakesTheClassOfOneOfItsCells() {
        for (String cellMl : new String[] {null, "6"}) {
            Honesty.Claim claim = new Honesty.Claim(
                    figure("3.7"),
                    figure("1000"),
                    Body.CASED_POUCH,
                    figure("2"),
                    new Honesty.Outer(figure("6"), figure("50"), figure("80")),
                    null,
                    figure(cellMl),
                    null);
            assertThat(Honesty.judge(claim, LIMITS).result().mostMah().doubleValue())
                    .isCloseTo(360 * 24 / 3.7, within(1.0));
        }
    }

    /** A pouch of 12 mL holds at most 720 Wh/L: 8.64 Wh or 2 335 mAh at 3.7 V; 85 % of it is 1 985 mAh. */
    @ParameterizedTest
    @CsvSource({"1984,BELIEVABLE", "1985,HIGH", "2335,HIGH", "2336,NOT_CREDIBLE", "9800,NOT_CREDIBLE"})
    void claimsAreHeldAgainstTheCeilingOfTheirBody(String capacity, Honesty.Belief belief) {
        Honesty.Judgement judged = honesty("3.7", capacity, Body.POUCH, "4", "50", "60", null);

        assertThat(judged.belief()).isEqualTo(belief);
        assertThat(judged.mostMah()).isEqualByComparingTo("2335");
    }

    /** Wh/L ceilings by class: volumes chosen just inside each. */
    @ParameterizedTest
    @CsvSource({
        "POUCH,4,50,50,720,10.00",
        "POUCH,3.9,50,50,600,9.75",
        "POUCH,3,25,40,600,3.00",
        "POUCH,2.9,25,40,450,2.90",
        "POUCH,1,25,40,450,1.00",
        "POUCH,0.9,25,40,350,0.90",
        "CASED_POUCH,6,92,268,432,147.94"
    })
    void smallPouchesHoldLessPerLitre(Body body, String t, String w, String l, double ceiling, double millilitres) {
        Honesty.Judgement judged = honesty("3.7", "1", body, t, w, l, null);

        assertThat(judged.mostMah().doubleValue()).isCloseTo(ceiling * millilitres / 3.7, within(1.0));
    }

    private static org.assertj.core.data.Offset<Double> within(double offset) {
        return org.assertj.core.data.Offset.offset(offset);
    }

    @Test
    void roundCellsCountWithTheirWrapAndKnownSizesHaveCeilingsOfTheirOwn() {
        double litres21700 = Math.PI / 4 * 21.35 * 21.35 * 70.2 / 1e6;
        double litres18650 = Math.PI / 4 * 18.35 * 18.35 * 65.2 / 1e6;

        assertThat(honesty("3.6", "5000", Body.ROUND, "21", null, "70", null)
                        .mostMah()
                        .doubleValue())
                .isCloseTo(880 * litres21700 / 3.6 * 1000, within(1.0));
        assertThat(honesty("3.6", "3500", Body.ROUND, "18", null, "65", null)
                        .mostMah()
                        .doubleValue())
                .isCloseTo(780 * litres18650 / 3.6 * 1000, within(1.0));
        assertThat(honesty("3.6", "9900", Body.ROUND, "18", null, "65", "45").belief())
                .isEqualTo(Honesty.Belief.NOT_CREDIBLE);
    }

    @Test
    void theWorseOfVolumeAndMassDecides() {
        Honesty.Judgement light = honesty("3.7", "1500", Body.POUCH, "4", "50", "60", "15");

        assertThat(light.belief()).isEqualTo(Honesty.Belief.NOT_CREDIBLE);
        assertThat(light.mostMah()).isEqualByComparingTo("1216");
        assertThat(light.usualFromMah()).isEqualByComparingTo("486");
        assertThat(light.usualToMah()).isEqualByComparingTo("1014");
        assertThatThrownBy(() -> honesty("3.7", "1500", Body.POUCH, "4", null, "60", null))
                .isInstanceOf(Unanswerable.class)
                .hasMessageContaining("size or the mass");
    }

    private static GrowthRoom.Room room(String thickness, String width, String bay) {
        return GrowthRoom.judge(
                        new GrowthRoom.Sizes(
                                new Box(new BigDecimal(thickness), new BigDecimal(width), new BigDecimal("100")),
                                new Box(new BigDecimal(bay), new BigDecimal("60"), new BigDecimal("100"))),
                        LIMITS)
                .result();
    }

    /** The larger of 0.2 mm and 8 % of the thickness is kept free. */
    @ParameterizedTest
    @CsvSource({
        "2.0,60,2.2,FITS",
        "2.0,60,2.19,REFUSED",
        "5.0,60,5.4,FITS",
        "5.0,60,5.39,REFUSED",
        "5.0,60.1,6,REFUSED",
        "2.5,60,2.7,FITS",
        "7,60,6,REFUSED"
    })
    void aPackKeepsRoomToGrow(String thickness, String width, String bay, Verdict verdict) {
        assertThat(room(thickness, width, bay).verdict()).isEqualTo(verdict);
    }

    @Test
    void findingsNameTheLimitThatDecided() {
        Finding finding = GrowthRoom.judge(
                        new GrowthRoom.Sizes(
                                new Box(new BigDecimal("5"), BigDecimal.TEN, BigDecimal.TEN),
                                new Box(new BigDecimal("5.1"), BigDecimal.TEN, BigDecimal.TEN)),
                        LIMITS)
                .findings()
                .getFirst();

        assertThat(finding.limit().id()).isEqualTo("growth-room-percent");
        assertThat(finding.sentence().replace('\u00a0', ' ')).contains("it needs 0.40 mm to grow and has 0.1 mm");
    }
}
