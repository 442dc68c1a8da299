package glowkettle.assess;

import static org.assertj.core.api.Assertions.assertThat;

import glowkettle.finding.Result;
import glowkettle.finding.RuleId;
import glowkettle.limits.ShopLimits;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;
import net.jqwik.api.EdgeCasesMode;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.Tuple;

/** The properties of the hazard tier, over any readings; each ladder runs from good to ever worse. */
class HazardTierPropertyTest {
    private static final ShopLimits LIMITS = ShopLimits.defaults();
    private static final Map<String, List<String>> LADDERS = Map.ofEntries(
            Map.entry("flame", List.of("false", "true")),
            Map.entry("pillow", List.of("false", "true")),
            Map.entry("pushedOut", List.of("false", "true")),
            Map.entry("pierced", List.of("false", "true")),
            Map.entry("dented", List.of("false", "true")),
            Map.entry("leak", List.of("false", "true")),
            Map.entry("wet", List.of("NO", "DEVICE", "PACK")),
            Map.entry("faceStrainPercent", List.of("0", "0.9", "1", "4")),
            Map.entry("surfaceC", List.of("21", "23.9", "24", "29", "44.9", "45", "52", "60", "80")),
            Map.entry("cellC", List.of("21", "44.9", "45", "52", "59.9", "60", "80")),
            Map.entry("curveCellC", List.of("21", "44.9", "45", "52", "59.9", "60", "80")),
            Map.entry("riseK", List.of("0", "1.9", "2", "4.9", "5", "9")),
            Map.entry("excessRiseK", List.of("0", "4.9", "5", "8")),
            Map.entry("middleMm", List.of("4.2", "4.28", "4.284", "4.40", "4.41", "4.62", "5.5")),
            Map.entry("seamMm", List.of("0.1", "0.29", "0.30", "0.39", "0.4", "1.09", "1.1", "3")),
            Map.entry("rocks", List.of("false", "true")),
            Map.entry("restedV", List.of("3.8", "3.01", "3.0", "2.51", "2.5", "2.0", "1.9", "1.5", "0.3")),
            Map.entry("spreadMv", List.of("0", "49", "50", "299", "300", "900")),
            Map.entry("dropMv", List.of("0", "4.9", "5", "30", "480", "2000")));
    private static final Map<String, List<String>> SURROUNDINGS = Map.ofEntries(
            Map.entry("point", List.of("INTAKE", "LIFTED_OUT")),
            Map.entry("atRest", List.of("true", "false", "")),
            Map.entry("ambientC", List.of("21", "")),
            Map.entry("minutesSinceHeat", List.of("", "0", "31", "300")),
            Map.entry("minutesSinceCurrent", List.of("", "0", "31", "300")),
            Map.entry("predictedC", List.of("", "30", "40")),
            Map.entry("nominalMm", List.of("4.2", "")),
            Map.entry("source", List.of("CELLS", "GAUGE", "PLUG")),
            Map.entry("damageAgeHours", List.of("", "3", "30")),
            Map.entry("hoursSinceCurrent", List.of("", "3", "60")),
            Map.entry("minutesSinceCellRead", List.of("", "0", "1.9", "2", "20")),
            Map.entry("overrun", List.of("true", "false", "")),
            Map.entry("handCool", List.of("true", "")),
            Map.entry("handClosed", List.of("true", "")),
            Map.entry("handFlat", List.of("true", "")));

    /** Beside a cell that was read its curve is what that is held against, no reading. */
    private static boolean isReference(Map<String, String> drawn, String column) {
        return column.equals("curveCellC") && !drawn.get("cellC").isEmpty();
    }

    private static Tier tier(Readings readings) {
        return HazardTier.judge(readings.take(), LIMITS).result().tier();
    }

    /** Any reading of a ladder or of the surroundings; an empty text is a reading that is missing. */
    @Provide
    Arbitrary<Map<String, String>> readings() {
        List<Arbitrary<Map.Entry<String, String>>> all = new ArrayList<>();
        SURROUNDINGS.forEach(
                (column, values) -> all.add(Arbitraries.of(values).map(value -> Map.entry(column, value))));
        LADDERS.forEach((column, ladder) -> all.add(Arbitraries.frequencyOf(
                        Tuple.of(2, Arbitraries.just(ladder.getFirst())),
                        Tuple.of(1, Arbitraries.just("")),
                        Tuple.of(1, Arbitraries.of(ladder)))
                .map(value -> Map.entry(column, value))));
        return Combinators.combine(all)
                .as(drawn -> drawn.stream().collect(Collectors.toMap(Map.Entry::getKey, Map.Entry::getValue)));
    }

    @Provide
    Arbitrary<String> column() {
        return Arbitraries.of(LADDERS.keySet().stream().sorted().toList());
    }

    private static TierVerdict verdict(Map<String, String> drawn) {
        return judged(drawn).result();
    }

    private static Result<TierVerdict> judged(Map<String, String> drawn) {
        Readings readings = Readings.good().with("dropOverHours", "24").with("temperatureMoveK", "1");
        drawn.forEach((column, value) -> readings.with(column, value.isEmpty() ? null : value));
        return HazardTier.judge(readings.take(), LIMITS);
    }

    private static Map<String, String> with(Map<String, String> drawn, String column, String value) {
        Map<String, String> other = new HashMap<>(drawn);
        other.put(column, value);
        return other;
    }

    @Property(seed = "7", edgeCases = EdgeCasesMode.NONE)
    void makingAnyOneReadingWorseNeverLowersTheTier(
            @ForAll("readings") Map<String, String> drawn, @ForAll("column") String column) {
        List<String> ladder = LADDERS.get(column);
        int at = ladder.indexOf(drawn.get(column));
        Tier before = verdict(drawn).tier();
        for (String worse :
                at < 0 || isReference(drawn, column) ? List.<String>of() : ladder.subList(at + 1, ladder.size())) {
            assertThat(verdict(with(drawn, column, worse)).tier().atLeast(before))
                    .as("%s at %s", column, worse)
                    .isTrue();
        }
    }

    @Property(seed = "11", edgeCases = EdgeCasesMode.NONE)
    void addingAGoodReadingThatWasMissingNeverRaisesTheTier(@ForAll("readings") Map<String, String> drawn) {
        Tier before = verdict(drawn).tier();
        LADDERS.forEach((column, ladder) -> {
            if (drawn.get(column).isEmpty() && !isReference(drawn, column)) {
                assertThat(before.atLeast(
                                verdict(with(drawn, column, ladder.getFirst())).tier()))
                        .as(column)
                        .isTrue();
            }
        });
    }

    @Property(seed = "17", edgeCases = EdgeCasesMode.NONE)
    void aHandNeverLowersATierThatAFigureGave(@ForAll("readings") Map<String, String> drawn) {
        Map<String, String> measured = with(with(with(drawn, "handCool", ""), "handClosed", ""), "handFlat", "");
        TierVerdict byFigures = verdict(measured);
        boolean found = judged(measured).findings().stream()
                .anyMatch(finding -> finding.ruleId().sort() != RuleId.Sort.MISSING);
        TierVerdict withHands =
                verdict(with(with(with(drawn, "handCool", "true"), "handClosed", "true"), "handFlat", "true"));
        assertThat(byFigures.tier().atLeast(withHands.tier())).isTrue();
        if (found) {
            assertThat(withHands.tier()).isEqualTo(byFigures.tier());
            assertThat(withHands.measureNext()).containsExactlyInAnyOrderElementsOf(byFigures.measureNext());
        }
    }

    @Property(seed = "13", edgeCases = EdgeCasesMode.NONE)
    void theFindingsAlwaysExplainTheTier(@ForAll("readings") Map<String, String> drawn) {
        Result<TierVerdict> judged = judged(drawn);
        Tier tier = judged.result().tier();
        assertThat(judged.findings().isEmpty()).isEqualTo(tier == Tier.CLEAR);
        if (tier != Tier.CLEAR) {
            assertThat(judged.findings().getFirst().weight()).isEqualTo(tier.weight());
        }
    }
}
