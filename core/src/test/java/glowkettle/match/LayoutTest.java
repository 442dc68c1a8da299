package glowkettle.match;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import glowkettle.finding.Finding;
import glowkettle.finding.Unanswerable;
import glowkettle.limits.ShopLimits;
import glowkettle.match.Layout.Arrangement;
import glowkettle.match.Layout.End;
import java.math.BigDecimal;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.LongStream;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A pack as it lies: no strip joins what must stay apart, and no step of its building lays two voltages bare. */
class LayoutTest {
    private static BigDecimal mm(String figure) {
        return new BigDecimal(figure);
    }

    private static Layout.Request asked(
            int series, int parallel, @Nullable Arrangement arrangement, Layout.Case box, String gapMm) {
        return new Layout.Request(
                BigDecimal.valueOf(series),
                BigDecimal.valueOf(parallel),
                new CellSize(mm("18"), mm("65")),
                mm("4.2"),
                arrangement,
                new Layout.Parts(mm(gapMm), mm("8"), mm("1")),
                box,
                null);
    }

    private static final Layout.Case NO_CASE = new Layout.Case(null, null, null);

    private static Layout of(Layout.Request asked) {
        return Layout.of(asked, ShopLimits.defaults()).result();
    }

    static LongStream packs() {
        return LongStream.rangeClosed(1, 500);
    }

    /** A pack of its own for every seed. */
    private static Layout random(long seed) {
        Random random = new Random(seed);
        int series = 1 + random.nextInt(20);
        int parallel = 1 + random.nextInt(random.nextInt(8) == 0 ? 100 : 12);
        Layout.Case box = random.nextInt(3) == 0
                ? new Layout.Case(
                        mm(String.valueOf(40 + random.nextInt(60))),
                        mm(String.valueOf(60 + random.nextInt(200))),
                        mm(String.valueOf(80 + random.nextInt(300))))
                : NO_CASE;
        Arrangement arrangement = random.nextBoolean() ? null : Arrangement.values()[random.nextInt(2)];
        return of(asked(series, parallel, arrangement, box, "0.5"));
    }

    private static Layout.Place place(Layout layout, int number) {
        return layout.places().get(number - 1);
    }

    private static double apart(Layout.Place one, Layout.Place other) {
        return Math.hypot(
                one.xMm().doubleValue() - other.xMm().doubleValue(),
                one.yMm().doubleValue() - other.yMm().doubleValue());
    }

    @Test
    void noCellLiesInAnotherAndEveryCellLiesOnce() {
        packs().forEach(seed -> {
            Layout layout = random(seed);
            assertThat(layout.places())
                    .as("pack %s", seed)
                    .noneMatch(one -> layout.places().stream()
                            .anyMatch(other -> one.number() < other.number() && apart(one, other) < 18.45));
        });
    }

    @Test
    void noStripJoinsTwoNodesOrCrossesACellOfAnother() {
        packs().forEach(seed -> {
            Layout layout = random(seed);
            for (Layout.Strip strip : layout.strips()) {
                assertThat(strip.places())
                        .as("pack %s, %s", seed, strip)
                        .allSatisfy(number -> assertThat(place(layout, number).node(strip.end()))
                                .isEqualTo(strip.node()));
                // Half a strip and half of a terminal: what lies further away is not touched.
                assertThat(layout.places())
                        .as("pack %s, %s", seed, strip)
                        .noneMatch(other ->
                                other.node(strip.end()) != strip.node() && fromStrip(layout, strip, other) <= 4 + 4);
            }
        });
    }

    private static double fromStrip(Layout layout, Layout.Strip strip, Layout.Place place) {
        Layout.Place from = place(layout, strip.places().getFirst());
        Layout.Place to = place(layout, strip.places().getLast());
        double along = apart(from, to);
        if (along == 0) {
            return apart(from, place);
        }
        double dx = (to.xMm().doubleValue() - from.xMm().doubleValue()) / along;
        double dy = (to.yMm().doubleValue() - from.yMm().doubleValue()) / along;
        double px = place.xMm().doubleValue() - from.xMm().doubleValue();
        double py = place.yMm().doubleValue() - from.yMm().doubleValue();
        double at = Math.clamp(px * dx + py * dy, 0, along);
        return Math.hypot(px - at * dx, py - at * dy);
    }

    @Test
    void strippedWholeItIsOnePackOfItsNodes() {
        packs().forEach(seed -> {
            Layout layout = random(seed);
            Map<String, String> leads = new HashMap<>();
            layout.places()
                    .forEach(place -> List.of(End.values())
                            .forEach(end -> leads.put(end + " " + place.number(), end + " " + place.number())));
            for (Layout.Strip strip : layout.strips()) {
                String first = root(leads, strip.end() + " " + strip.places().getFirst());
                strip.places().forEach(number -> leads.put(root(leads, strip.end() + " " + number), first));
            }
            Map<Integer, Set<String>> pieces = new HashMap<>();
            for (Layout.Place place : layout.places()) {
                for (End end : End.values()) {
                    pieces.computeIfAbsent(place.node(end), node -> new HashSet<>())
                            .add(root(leads, end + " " + place.number()));
                }
            }
            assertThat(pieces.values())
                    .as("pack %s", seed)
                    .allSatisfy(parts -> assertThat(parts).hasSize(1));
        });
    }

    private static String root(Map<String, String> leads, String of) {
        String up = leads.get(of);
        return up.equals(of) ? of : root(leads, up);
    }

    @Test
    void fromTheFirstStripOnNoStepLaysTwoVoltagesBare() {
        packs().forEach(seed -> {
            Layout layout = random(seed);
            boolean covered = false;
            boolean joined = false;
            int welds = 0;
            for (BuildStep step : layout.order()) {
                covered |= step.kind() == BuildStep.Kind.COVER;
                joined |= step.welds() > 0;
                welds += step.welds();
                assertThat(step.welds())
                        .as("pack %s, %s: a level is trusted for fifty, a strip is one", seed, step)
                        .matches(made -> made <= 50 || step.strips().size() == 1);
                assertThat(step.strips())
                        .as("pack %s, %s", seed, step)
                        .allMatch(strip -> step.bare()
                                        .contains(layout.strips().get(strip - 1).node())
                                && layout.strips().get(strip - 1).end() == step.end());
                Set<Integer> bare = covered
                        ? new HashSet<>(step.bare())
                        : layout.places().stream()
                                .flatMap(place -> List.of(place.node(End.TOP), place.node(End.BOTTOM)).stream())
                                .collect(Collectors.toSet());
                assertThat(joined && bare.size() > 1)
                        .as("pack %s, %s", seed, step)
                        .isFalse();
                assertThat(step.cautions()).as("pack %s, %s", seed, step).isNotEmpty();
            }
            assertThat(welds)
                    .as("every strip of pack %s is welded once", seed)
                    .isEqualTo(layout.strips().stream()
                            .mapToInt(Layout.Strip::welds)
                            .sum());
            assertThat(layout.order().stream().flatMap(step -> step.strips().stream()))
                    .as("pack %s", seed)
                    .hasSize(layout.strips().size())
                    .doesNotHaveDuplicates();
            assertThat(layout.order()).extracting(BuildStep::id).doesNotHaveDuplicates();
        });
    }

    @Test
    void whatIsFeltIsJoinedLastFromPartsThatAreNot() {
        packs().forEach(seed -> {
            Layout layout = random(seed);
            List<Integer> subPacks = layout.fittings().subPacks();
            assertThat(subPacks)
                    .as("pack %s", seed)
                    .allSatisfy(groups -> assertThat(groups * 4.2).isLessThanOrEqualTo(60));
            List<BuildStep.Kind> kinds =
                    layout.order().stream().map(BuildStep::kind).toList();
            long joins = layout.order().stream()
                    .filter(step -> step.kind() == BuildStep.Kind.JOIN)
                    .map(BuildStep::number)
                    .distinct()
                    .count();
            assertThat(joins).isEqualTo(subPacks.size() - 1);
            if (joins > 0) {
                int first = kinds.indexOf(BuildStep.Kind.JOIN);
                assertThat(kinds.subList(first, kinds.size()))
                        .doesNotContain(BuildStep.Kind.STRIPS, BuildStep.Kind.PLUS, BuildStep.Kind.MINUS);
                assertThat(layout.order().get(first).cautions()).anyMatch(caution -> caution.contains("face shield"));
            }
            assertThat(kinds.indexOf(BuildStep.Kind.FUSE)).isLessThan(kinds.indexOf(BuildStep.Kind.PLUS));
            assertThat(layout.fittings().senses())
                    .extracting(Layout.Spot::node)
                    .containsExactlyElementsOf(IntStream.rangeClosed(
                                    0,
                                    subPacks.stream().mapToInt(groups -> groups).sum())
                            .boxed()
                            .toList());
        });
    }

    /** 18 mm cells without a gap, 1 mm around them: four wide and two high. */
    @ParameterizedTest
    @CsvSource({
        "41.2, 74, 80, true",
        "41.2, 73.9, 73.9, false",
        "74, 80, 41.2, true",
        "37.9, 74, 80, false",
        "41, 74, 68.9, false"
    })
    void theLampPackAgainstItsCase(String height, String width, String length, boolean fits) {
        Layout layout = of(asked(4, 2, Arrangement.SQUARE, new Layout.Case(mm(height), mm(width), mm(length)), "0"));

        assertThat(layout.outer()).isEqualTo(new Layout.Outer(mm("74.0"), mm("38.0"), mm("69.0"), fits));
        assertThat(layout.fittings().senses()).hasSize(5);
        assertThat(layout.fittings().rings()).isEqualTo(8);
    }

    /** Two strips of four across each joint, one along each group; one along the single group at either end. */
    @Test
    void stripsOfTheLampPack() {
        Layout layout = of(asked(4, 2, Arrangement.SQUARE, NO_CASE, "0"));

        assertThat(layout.strips()).filteredOn(strip -> strip.node() == 1).hasSize(4);
        assertThat(layout.strips()).filteredOn(strip -> strip.node() == 0).hasSize(1);
        assertThat(layout.cuts()).containsExactly(new Layout.Cut(mm("26.0"), 14));
        assertThat(layout.strips().stream().mapToInt(Layout.Strip::welds).sum()).isEqualTo(14 * 2 * 2);
    }

    @Test
    void nestedRowsTakeLessLengthAndMoreWidth() {
        Layout layout = of(asked(14, 10, null, NO_CASE, "0.5"));

        assertThat(layout.compared())
                .extracting(Layout.Compared::lengthMm)
                .isSortedAccordingTo((one, other) -> other.compareTo(one));
        assertThat(layout.compared())
                .extracting(Layout.Compared::stripsBetweenGroups)
                .containsOnly(10);
        assertThat(layout.places()).hasSize(140);
    }

    @Test
    void refusesAnIdThatLiesInTwoPlaces() {
        Layout.Request twice = new Layout.Request(
                mm("1"),
                mm("2"),
                new CellSize(mm("18"), mm("65")),
                mm("4.2"),
                null,
                new Layout.Parts(null, null, null),
                NO_CASE,
                List.of(new Layout.Named(List.of("K1", "K1"))));

        assertThatThrownBy(() -> Layout.of(twice, ShopLimits.defaults()))
                .isInstanceOf(Unanswerable.class)
                .hasMessageContaining("lies in one place");
    }

    @Test
    void saysThatItDoesNotFit() {
        assertThat(Layout.of(
                                asked(4, 2, null, new Layout.Case(mm("30"), mm("74"), mm("80")), "0"),
                                ShopLimits.defaults())
                        .findings())
                .extracting(Finding::rule)
                .contains("layout-case");
    }
}
