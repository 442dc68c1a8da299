package glowkettle.assess;

import static org.assertj.core.api.Assertions.assertThat;

import glowkettle.limits.ShopLimits;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.SplittableRandom;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;

/** The two properties of the hazard tier, over random readings; each ladder runs from good to ever worse. */
class HazardTierPropertyTest {
    private static final ShopLimits LIMITS = ShopLimits.defaults();
    private static final int ROUNDS = 20_000;
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
    private static final List<String> COLUMNS =
            LADDERS.keySet().stream().sorted().toList();
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
            Map.entry("overrun", List.of("true", "false", "")));

    private static Tier tier(Readings readings) {
        return HazardTier.judge(readings.take(), LIMITS).result().tier();
    }

    private static @Nullable String pick(List<String> values, SplittableRandom random) {
        String value = values.get(random.nextInt(values.size()));
        return value.isEmpty() ? null : value;
    }

    /** Readings drawn from the ladders, some of them missing, in drawn surroundings. */
    private static List<String[]> draw(SplittableRandom random) {
        List<String[]> drawn = new ArrayList<>();
        SURROUNDINGS.forEach((column, values) -> drawn.add(new String[] {column, pick(values, random)}));
        for (String column : COLUMNS) {
            boolean missing = random.nextInt(4) == 0;
            int step = random.nextInt(3) > 0
                    ? 0
                    : random.nextInt(LADDERS.get(column).size());
            drawn.add(new String[] {column, missing ? null : LADDERS.get(column).get(step)});
        }
        drawn.add(new String[] {"dropOverHours", "24"});
        drawn.add(new String[] {"temperatureMoveK", "1"});
        return drawn;
    }

    private static Readings readings(List<String[]> drawn) {
        Readings readings = Readings.good();
        drawn.forEach(pair -> readings.with(pair[0], pair[1]));
        return readings;
    }

    private static String words(List<String[]> drawn) {
        return drawn.stream().map(pair -> pair[0] + "=" + pair[1]).sorted().reduce("", (a, b) -> a + " " + b);
    }

    @Test
    void makingAnyOneReadingWorseNeverLowersTheTier() {
        SplittableRandom random = new SplittableRandom(7);
        for (int round = 0; round < ROUNDS; round++) {
            List<String[]> drawn = draw(random);
            Tier before = tier(readings(drawn));
            String column = COLUMNS.get(random.nextInt(COLUMNS.size()));
            List<String> ladder = LADDERS.get(column);
            for (String[] pair : drawn) {
                int at = pair[0].equals(column) && pair[1] != null ? ladder.indexOf(pair[1]) : -1;
                if (at >= 0 && at + 1 < ladder.size()) {
                    String good = pair[1];
                    pair[1] = ladder.get(at + 1 + random.nextInt(ladder.size() - at - 1));
                    Tier after = tier(readings(drawn));
                    assertThat(after.atLeast(before))
                            .as("%s from %s lowers %s to %s:%s", column, good, before, after, words(drawn))
                            .isTrue();
                }
            }
        }
    }

    @Test
    void addingAGoodReadingThatWasMissingNeverRaisesTheTier() {
        SplittableRandom random = new SplittableRandom(11);
        for (int round = 0; round < ROUNDS; round++) {
            List<String[]> drawn = draw(random);
            Tier before = tier(readings(drawn));
            for (String[] pair : drawn) {
                List<String> ladder = LADDERS.get(pair[0]);
                if (ladder != null && pair[1] == null) {
                    pair[1] = ladder.getFirst();
                    Tier after = tier(readings(drawn));
                    assertThat(before.atLeast(after))
                            .as("a good %s raises %s to %s:%s", pair[0], before, after, words(drawn))
                            .isTrue();
                    pair[1] = null;
                }
            }
        }
    }

    @Test
    void theFindingsAlwaysExplainTheTier() {
        SplittableRandom random = new SplittableRandom(13);
        for (int round = 0; round < ROUNDS / 4; round++) {
            var verdict = HazardTier.judge(readings(draw(random)).take(), LIMITS);
            Tier tier = verdict.result().tier();
            assertThat(verdict.findings().isEmpty()).isEqualTo(tier == Tier.CLEAR);
            if (tier != Tier.CLEAR) {
                assertThat(verdict.findings().getFirst().weight()).isEqualTo(tier.weight());
            }
        }
    }
}
