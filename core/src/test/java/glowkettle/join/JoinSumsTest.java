package glowkettle.join;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import glowkettle.cell.Chemistry;
import glowkettle.finding.Finding;
import glowkettle.finding.Result;
import glowkettle.finding.Unanswerable;
import glowkettle.limits.ShopLimits;
import java.math.BigDecimal;
import java.util.List;
import java.util.SplittableRandom;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Splices, wires, strips, welds and controllers, by the worked examples and at their edges. */
class JoinSumsTest {
    private static final ShopLimits LIMITS = ShopLimits.defaults();

    private static @Nullable BigDecimal of(@Nullable String figure) {
        return figure == null ? null : new BigDecimal(figure);
    }

    private static Result<Splices> splices(int conductors, String device, String pack, String slack, String sleeve) {
        return Splices.of(
                new Splices.Request(
                        BigDecimal.valueOf(conductors),
                        of(device),
                        of(pack),
                        new Splices.Way(
                                new BigDecimal("70"), new BigDecimal(slack), new BigDecimal(sleeve), BigDecimal.TWO),
                        null),
                LIMITS);
    }

    @Test
    void threeConductorsStandBackBySleeveAndGapEach() {
        Splices splices = splices(3, "45", "70", "10", "10").result();
        assertThat(splices.cuts()).extracting(cut -> cut.offsetMm().intValue()).containsExactly(0, 12, 24);
        assertThat(splices.cuts()).extracting(cut -> cut.deviceMm().intValue()).containsExactly(45, 33, 21);
        assertThat(splices.cuts()).extracting(cut -> cut.packMm().intValue()).containsExactly(35, 47, 59);
        assertThat(splices.missingMm()).isZero();
        assertThat(splices.remedies()).isEmpty();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "45 | 55 | 10 | 10 | 4  | slack of 6 mm",
                "45 | 55 | 10 | 10 | 4  | sleeves of 8.0 mm",
                "45 | 55 | 10 | 10 | 4  | leads longer by 4 mm on the pack",
                "45 | 30 | 10 | 10 | 29 | leads longer by 29 mm on the pack",
                "25 | 90 | 10 | 10 | 4  | leads longer by 4 mm on the device",
                "25 | 90 | 10 | 10 | 4  | sleeves of 8.4 mm"
            })
    void tooLittleLeadIsSaidWithWhatWouldDo(
            String device, String pack, String slack, String sleeve, String missing, String remedy) {
        Splices splices = splices(3, device, pack, slack, sleeve).result();
        assertThat(splices.missingMm()).isEqualByComparingTo(missing);
        assertThat(splices.remedies())
                .map(words -> words.replace('\u00a0', ' '))
                .contains(remedy);
        assertThat(splices.cuts()).anyMatch(cut -> !cut.enough());
    }

    @Test
    void whereBothSidesAreShortTheDevicesSideAloneCanMakeUpForBoth() {
        Splices splices = splices(4, "30", "60", "10", "10").result();
        assertThat(splices.remedies())
                .map(words -> words.replace('\u00a0', ' '))
                .containsExactly("leads longer by 26 mm on the device");
        assertThat(splices(4, "56", "60", "10", "10").result().missingMm()).isZero();
    }

    @Test
    void whatIsSaidToDoDoes() {
        assertThat(splices(3, "45", "55", "6", "10").result().missingMm()).isZero();
        assertThat(splices(3, "45", "55", "10", "8").result().missingMm()).isZero();
        assertThat(splices(3, "25", "90", "10", "8.4").result().missingMm()).isZero();
        assertThat(splices(3, "25", "90", "10", "8.5").result().missingMm()).isPositive();
    }

    @Test
    void conductorsOfTheirOwnLengthsAreBroughtToOneBeforeTheyAreStaggered() {
        Splices splices = Splices.of(
                        new Splices.Request(
                                BigDecimal.TWO,
                                null,
                                null,
                                new Splices.Way(new BigDecimal("70"), BigDecimal.TEN, BigDecimal.TEN, BigDecimal.TWO),
                                List.of(
                                        new Splices.Lengths(new BigDecimal("45"), new BigDecimal("70")),
                                        new Splices.Lengths(new BigDecimal("50"), new BigDecimal("60")))),
                        LIMITS)
                .result();
        assertThat(splices.cuts()).extracting(cut -> cut.packMm().intValue()).containsExactly(35, 47);
        assertThat(splices.cuts()).extracting(cut -> cut.deviceMm().intValue()).containsExactly(45, 33);
        assertThatThrownBy(() -> splices(2, "45", null, "10", "10"))
                .isInstanceOf(Unanswerable.class)
                .hasMessageContaining("Measure the pack's leads");
    }

    /** Half a sleeve stays before every joint, joints stand apart, each lead is long enough; what is ordered does. */
    @Test
    void whateverIsCutLiesApartAndWhateverIsOrderedDoes() {
        SplittableRandom random = new SplittableRandom(17);
        for (int round = 0; round < 3_000; round++) {
            Splices.Way way = new Splices.Way(
                    whole(random, 20, 200), whole(random, 0, 40), whole(random, 5, 30), whole(random, 0, 10));
            List<Splices.Lengths> lengths = IntStream.range(0, 1 + random.nextInt(5))
                    .mapToObj(i -> new Splices.Lengths(whole(random, 0, 160), whole(random, 0, 200)))
                    .toList();
            Splices splices = cut(way, lengths);
            SpliceRemedies remedies = new SpliceRemedies(way, lengths, new BigDecimal("5"));
            if (splices.missingMm().signum() == 0) {
                assertThat(remedies.words()).isEmpty();
                for (int k = 0; k < lengths.size(); k++) {
                    Splices.Cut one = splices.cuts().get(k);
                    assertThat(one.enough()).isTrue();
                    assertThat(one.deviceMm())
                            .isBetween(way.halfASleeve(), lengths.get(k).deviceMm());
                    assertThat(one.packMm())
                            .isBetween(way.halfASleeve(), lengths.get(k).packMm());
                    assertThat(one.deviceMm().add(one.packMm())).isEqualByComparingTo(way.whole());
                    assertThat(splices.cuts().getFirst().deviceMm().subtract(one.deviceMm()))
                            .isEqualByComparingTo(way.offset(k));
                }
            } else {
                remedies.slack()
                        .ifPresent(slack -> assertThat(
                                        cut(way.withSlack(slack), lengths).missingMm())
                                .isZero());
                remedies.sleeve()
                        .ifPresent(sleeve -> assertThat(
                                        cut(way.withSleeve(sleeve), lengths).missingMm())
                                .isZero());
                remedies.longer()
                        .ifPresent(longer -> assertThat(cut(
                                                way,
                                                lengths.stream()
                                                        .map(lead ->
                                                                lead.longer(longer.onDeviceMm(), longer.onPackMm()))
                                                        .toList())
                                        .missingMm())
                                .isZero());
            }
        }
    }

    private static BigDecimal whole(SplittableRandom random, int least, int most) {
        return BigDecimal.valueOf(least + random.nextInt(most - least + 1));
    }

    private static Splices cut(Splices.Way way, List<Splices.Lengths> lengths) {
        return Splices.of(new Splices.Request(BigDecimal.valueOf(lengths.size()), null, null, way, lengths), LIMITS)
                .result();
    }

    /** The pack's leads are never cut to nothing. */
    @Test
    void aLongLeadOnTheDeviceLeavesHalfASleeveOnThePack() {
        Splices splices = splices(3, "100", "70", "10", "10").result();
        assertThat(splices.cuts()).extracting(cut -> cut.packMm().intValue()).containsExactly(5, 17, 29);
        assertThat(splices.missingMm()).isZero();
    }

    @Test
    void oneLevelWrittenInTwoWaysIsOneLevel() {
        assertThatThrownBy(() -> ladder(
                        "0.1",
                        null,
                        trial(4, false, "20"),
                        new WeldLadder.Trial(new BigDecimal("4.0"), List.of(BigDecimal.TEN), false)))
                .isInstanceOf(Unanswerable.class)
                .hasMessageContaining("stands twice");
    }

    @ParameterizedTest
    @CsvSource({
        // 6 A · 2 · 180 mm · 17 nΩm / (2 % of 11.1 V) = 0.1654 mm²
        "6, 180, 11.1, , 0.166, 0.221",
        "6, 180, 11.1, 0.14, 0.166, 0.221",
        "6, 180, 11.1, 0.5, 0.5, 0.073"
    })
    void aWireLosesAtMostItsShareAndIsNoThinnerThanTheOldOne(
            String amperes, String length, String nominal, @Nullable String old, String section, String drop) {
        WireSize size = WireSize.of(
                        new WireSize.Request(
                                new BigDecimal(amperes), new BigDecimal(length), new BigDecimal(nominal), of(old)),
                        LIMITS)
                .result();
        assertThat(size.sectionMm2()).isEqualByComparingTo(section);
        assertThat(size.dropV()).isEqualByComparingTo(drop);
        assertThat(size.tugN().doubleValue()).isCloseTo(Double.parseDouble(section) / 0.05, within(0.05));
    }

    private static Strip.Request strip(Strip.Material material, @Nullable String amperes, @Nullable String measured) {
        return new Strip.Request(material, new BigDecimal("7"), new BigDecimal("0.2"), null, of(amperes), of(measured));
    }

    @Test
    void nickelOfSevenByTwoTenthsCarriesNineAmperesAndTwentyFiveNeedThreeOrSevenStacked() {
        Strip strip =
                Strip.of(strip(Strip.Material.NICKEL, "25", "5.1"), LIMITS).result();
        assertThat(strip.currentA().doubleValue()).isCloseTo(9.3, within(0.15));
        assertThat(strip.sideBySide()).isEqualTo(3);
        assertThat(strip.stacked()).isEqualTo(7);
        Strip ten = Strip.of(strip(Strip.Material.NICKEL, "10", null), LIMITS).result();
        assertThat(ten.resistanceMohmPer100mm()).isEqualByComparingTo("5.00");
        assertThat(ten.riseK()).isEqualByComparingTo("23.1");
        assertThat(ten.currentA()).isEqualByComparingTo("9.30");
    }

    @ParameterizedTest
    @CsvSource({
        "NICKEL, 5.1, NICKEL, false",
        "NICKEL, 8.4, PLATED_STEEL, true",
        "PLATED_STEEL, 8.4, PLATED_STEEL, false",
        "NICKEL, 1.25, COPPER, true",
        "NICKEL, 30, , true"
    })
    void whatIsSoldAsNickelIsToldByItsResistance(
            Strip.Material sold, String measured, Strip.@Nullable Material like, boolean stopped) {
        Result<Strip> judged = Strip.of(strip(sold, null, measured), LIMITS);
        assertThat(judged.result().soundsLike()).isEqualTo(like);
        assertThat(judged.findings().stream().map(Finding::rule).anyMatch("strip-other-metal"::equals))
                .isEqualTo(stopped);
        assertThat(judged.result().resistanceMohmPer100mm())
                .isGreaterThanOrEqualTo(
                        Strip.of(strip(sold, null, null), LIMITS).result().resistanceMohmPer100mm());
    }

    private static JointHeat joint(String length, @Nullable String dwell) {
        return JointHeat.of(
                        new JointHeat.Request(
                                new BigDecimal(length),
                                new BigDecimal("6"),
                                new BigDecimal("0.15"),
                                new BigDecimal("12"),
                                null,
                                new BigDecimal("21"),
                                of(dwell),
                                null),
                        LIMITS)
                .result();
    }

    @Test
    void theLongestDwellJustBearsAndALongerTagBearsMore() {
        BigDecimal longest = joint("12", null).longestDwellS();
        assertThat(joint("12", longest.toPlainString()).canC()).isBetween(new BigDecimal("50"), new BigDecimal("60"));
        assertThat(joint("12", longest.add(new BigDecimal("0.2")).toPlainString())
                        .canC())
                .isGreaterThan(new BigDecimal("60"));
        assertThat(joint("25", null).longestDwellS()).isGreaterThan(longest);
        assertThat(joint("12", null).pauseS()).isGreaterThan(BigDecimal.TEN);
    }

    private static WeldLadder.Trial trial(int level, boolean burnt, String... pulls) {
        return new WeldLadder.Trial(
                BigDecimal.valueOf(level), Stream.of(pulls).map(BigDecimal::new).toList(), burnt);
    }

    private static WeldLadder ladder(String thickness, @Nullable String since, WeldLadder.Trial... trials) {
        return WeldLadder.of(
                        new WeldLadder.Request(
                                new BigDecimal(thickness),
                                BigDecimal.ONE,
                                BigDecimal.valueOf(5),
                                List.of(trials),
                                of(since),
                                null),
                        LIMITS)
                .result();
    }

    @Test
    void theLadderEndsAtTheLowestLevelAtWhichFiveOfFiveHold() {
        assertThat(ladder("0.15", null).nextLevel()).isEqualByComparingTo("1");
        assertThat(ladder("0.15", null, trial(1, false, "24.9")).nextLevel()).isEqualByComparingTo("2");
        WeldLadder more = ladder("0.15", null, trial(1, false, "12"), trial(2, false, "25", "30", "31", "40"));
        assertThat(more.step()).isEqualTo(WeldLadder.Step.TRY_ON);
        assertThat(more.level()).isNull();
        WeldLadder proven = ladder("0.15", "49", trial(2, false, "25", "30", "31", "40", "26"), trial(1, false, "12"));
        assertThat(proven.step()).isEqualTo(WeldLadder.Step.WELD);
        assertThat(proven.level()).isEqualByComparingTo("2");
        assertThat(ladder("0.15", "50", trial(2, false, "25", "30", "31", "40", "26"))
                        .step())
                .isEqualTo(WeldLadder.Step.TEST_AGAIN);
    }

    @Test
    void aWelderThatNeverHoldsOrBurnsBeforeItHoldsHasNoLevel() {
        assertThat(ladder("0.2", null, trial(5, false, "20")).step()).isEqualTo(WeldLadder.Step.NONE);
        assertThat(ladder("0.2", null, trial(1, false, "20"), trial(2, true, "60", "60", "60", "60", "60"))
                        .step())
                .isEqualTo(WeldLadder.Step.NONE);
        assertThat(ladder("0.10", null, trial(1, false, "15", "15", "15", "15", "15"))
                        .level())
                .isEqualByComparingTo("1");
        assertThatThrownBy(() -> ladder("0.1", null, trial(6, false, "20")))
                .isInstanceOf(Unanswerable.class)
                .hasMessageContaining("it has 1 to 5");
    }

    private static Result<Transplant> transplant(@Nullable String cellV, @Nullable String cutOff, String stub) {
        Transplant.Tab tab = new Transplant.Tab(new BigDecimal("14"), new BigDecimal("3"), new BigDecimal(stub));
        return Transplant.of(
                new Transplant.Request(
                        new Transplant.Board(
                                new BigDecimal("4.35"),
                                of(cutOff),
                                BigDecimal.ONE,
                                Chemistry.Family.LITHIUM,
                                BigDecimal.TEN),
                        new Transplant.Cell(
                                of(cellV), BigDecimal.ONE, Chemistry.Family.LITHIUM, new BigDecimal("10.0")),
                        tab,
                        tab,
                        null,
                        new BigDecimal("15")),
                LIMITS);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "4.35 | 4.40 | 2  | ",
                "4.4  | 4.45 | 2  | ",
                "4.2  | 4.25 | 2  | transplant-overcharge",
                "4.35 | 4.41 | 2  | transplant-cut-off",
                "4.4  | 4.3  | 2  | transplant-contradiction",
                "     | 4.40 | 2  | transplant-missing-cell-charge-limit",
                "4.35 |      | 2  | transplant-missing-board-cut-off",
                "4.35 | 4.40 | 1  | transplant-tab-minus",
                "4.35 | 4.40 | 17 | transplant-tab-plus"
            })
    void aControllerMovesOnlyWhereEveryLineIsKnownAndRight(
            @Nullable String cellV, @Nullable String cutOff, String stub, @Nullable String stopped) {
        Result<Transplant> judged = transplant(cellV, cutOff, stub);
        assertThat(judged.result().allowed()).isEqualTo(stopped == null);
        assertThat(judged.result().order().isEmpty()).isEqualTo(stopped != null);
        if (stopped == null) {
            assertThat(judged.result().minusTabMm()).isEqualByComparingTo("15");
        } else {
            assertThat(judged.findings().stream().map(Finding::rule)).contains(stopped);
        }
    }
}
