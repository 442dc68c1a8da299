package glowkettle.match;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import glowkettle.finding.Finding;
import glowkettle.finding.Result;
import glowkettle.finding.Unanswerable;
import glowkettle.limits.ShopLimits;
import java.math.BigDecimal;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Groups under the meter, and groups that are weak. */
class GroupVoltagesTest {
    private static BigDecimal n(String figure) {
        return new BigDecimal(figure);
    }

    private static Result<GroupVoltages> read(String groups, String pack) {
        return GroupVoltages.of(
                new GroupVoltages.Request(
                        Stream.of(groups.split(" ")).map(BigDecimal::new).toList(), n(pack)),
                ShopLimits.defaults());
    }

    /** Twenty millivolts apart at most; together as near as five readings of ten millivolts each can tell. */
    @ParameterizedTest
    @CsvSource({
        "3.600 3.600 3.600 3.600, 14.40, true, ''",
        "3.600 3.620 3.610 3.600, 14.43, true, ''",
        "3.600 3.621 3.610 3.600, 14.43, false, groups-apart",
        "3.600 3.600 3.600 3.600, 14.45, true, ''",
        "3.600 3.600 3.600 3.600, 14.46, false, groups-do-not-add-up",
        "3.600 3.600 3.600 3.600, 14.34, false, groups-do-not-add-up",
        "3.600 0.000 3.600 3.600, 10.80, false, groups-apart",
        "3.600, 3.61, true, ''"
    })
    void groupsAreAlikeAndAddUp(String groups, String pack, boolean alike, String rule) {
        Result<GroupVoltages> found = read(groups, pack);

        assertThat(found.result().alike()).isEqualTo(alike);
        assertThat(found.findings())
                .extracting(Finding::rule)
                .containsExactlyElementsOf(rule.isEmpty() ? List.of() : List.of(rule));
    }

    @Test
    void namesTheGroupsThatAreFurthestApart() {
        GroupVoltages found = read("3.61 3.58 3.65 3.60", "14.44").result();

        assertThat(found.lowest()).isEqualTo(2);
        assertThat(found.highest()).isEqualTo(3);
        assertThat(found.apartMv()).isEqualByComparingTo("70");
        assertThatThrownBy(() -> GroupVoltages.of(new GroupVoltages.Request(List.of(), n("1")), ShopLimits.defaults()))
                .isInstanceOf(Unanswerable.class);
    }

    private static Mending.Request pack(String freshMohm, String... groupMah) {
        return new Mending.Request(
                Stream.of(groupMah)
                        .map(mah -> new Mending.Group(n(mah), n("20")))
                        .toList(),
                n("2"),
                n("2500"),
                n(freshMohm));
    }

    /** By hand: used cells of 2 · 20 mΩ beside a fresh one of 20 mΩ, which carries 2/3 of it: 1.333 of an even share. */
    @Test
    void weakGroupsAreMendedWholeAndAMixedOneIsRefused() {
        Result<Mending> found = Mending.of(pack("20", "4000", "3500", "3960", "3300"), ShopLimits.defaults());

        assertThat(found.result().mend()).containsExactly(4);
        assertThat(found.result().usableMah()).isEqualByComparingTo("3300");
        assertThat(found.result().thenMah()).isEqualByComparingTo("3500");
        assertThat(found.result().mixed()).isEqualTo(new Mending.Mixed(4, n("1.333"), true));
        assertThat(found.findings()).extracting(Finding::rule).containsExactly("group-mixed", "group-weak");
    }

    @ParameterizedTest
    @CsvSource({"23.9, true", "24, false", "40, false"})
    void aFreshCellThatCarriesNoMoreThanIsAllowedIsNotRefused(String freshMohm, boolean refused) {
        Mending found = Mending.of(pack(freshMohm, "4000", "3400", "4000"), ShopLimits.defaults())
                .result();

        assertThat(found.mixed()).isNotNull();
        assertThat(found.mixed().refused()).isEqualTo(refused);
    }

    @Test
    void aSoundPackHasNothingToMend() {
        Mending found = Mending.of(pack("20", "4000", "3900", "3950"), ShopLimits.defaults())
                .result();

        assertThat(found.mend()).isEmpty();
        assertThat(found.mixed()).isNull();
        assertThat(found.thenMah()).isEqualByComparingTo(found.usableMah());
    }
}
