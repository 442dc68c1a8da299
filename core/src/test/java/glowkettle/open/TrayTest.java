package glowkettle.open;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import glowkettle.finding.Finding;
import glowkettle.finding.Result;
import glowkettle.finding.Unanswerable;
import glowkettle.library.Fastener;
import glowkettle.library.Side;
import glowkettle.limits.ShopLimits;
import java.math.BigDecimal;
import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class TrayTest {
    private static final ShopLimits LIMITS = ShopLimits.defaults();

    private static Fastener fastener(String id, String drive, String thread, String length, String head) {
        return fastener(id, drive, thread, length, head, Fastener.Seat.METAL, false);
    }

    private static Fastener fastener(
            String id, String drive, String thread, String length, String head, Fastener.Seat seat, boolean captive) {
        return new Fastener(
                id,
                new Fastener.Spot(Side.BACK, BigDecimal.ONE, BigDecimal.ONE),
                new Fastener.Make(drive, new BigDecimal(thread), new BigDecimal(length), head),
                seat,
                captive,
                null,
                "screws",
                null);
    }

    private static final List<Fastener> COVER = List.of(
            fastener("S1", "P0", "2", "6", "flat"),
            fastener("S2", "P0", "2", "4", "flat"),
            fastener("S3", "P0", "2.0", "4.0", "flat"),
            fastener("S4", "P0", "2", "4.3", "flat"),
            fastener("S5", "P0", "2", "4.31", "flat"),
            fastener("S6", "P0", "1.6", "4", "flat"),
            fastener("C1", "P0", "2", "4", "flat", Fastener.Seat.METAL, true));

    private static Result<Tray.State> judge(List<String> out, String... placed) {
        List<Tray.Placement> back = Arrays.stream(placed)
                .map(pair -> pair.split(">"))
                .map(pair -> new Tray.Placement(pair[1], pair[0]))
                .toList();
        return Tray.judge(new Tray.Contents(COVER, out, back), LIMITS);
    }

    @Test
    void countsWhatIsOutBackAndLeftAndNamesIt() {
        Tray.State state =
                judge(List.of("S1", "S2", "S3", "C1"), "S1>S1", "S2>S3").result();

        assertThat(state.out()).isEqualTo(3);
        assertThat(state.back()).isEqualTo(2);
        assertThat(state.left()).isEqualTo(1);
        assertThat(state.leftOver()).containsExactly("S3");
        assertThat(state.emptyHoles()).containsExactly("S2");
    }

    @Test
    void equalFastenersAreOnePileAndMayChangePlaces() {
        Result<Tray.State> swapped = judge(List.of("S2", "S3"), "S2>S3", "S3>S2");

        assertThat(swapped.findings()).isEmpty();
        assertThat(swapped.result().piles()).hasSize(1);
        assertThat(swapped.result().piles().getFirst().ids()).containsExactly("S2", "S3");
    }

    /** Overshoot over the boss's spare of 0.3 mm can go through the panel; up to it, it is only the wrong place. */
    @ParameterizedTest
    @CsvSource({
        "S1>S2,long-in-short",
        "S4>S2,wrong-hole",
        "S5>S2,long-in-short",
        "S2>S1,wrong-hole",
        "S6>S2,wrong-thread"
    })
    void aFastenerInAnothersHoleIsNamedWithItsRisk(String placed, String rule) {
        List<String> out = List.of("S1", "S2", "S3", "S4", "S5", "S6");

        assertThat(judge(out, placed).findings()).extracting(Finding::rule).containsExactly(rule);
    }

    @ParameterizedTest
    @CsvSource({"T5,2,4,flat", "P0,2.5,4,flat", "P0,2,4.1,flat", "P0,2,4,pan"})
    void driveThreadLengthAndHeadMustAllBeEqual(String drive, String thread, String length, String head) {
        assertThat(COVER.get(1).interchangeableWith(fastener("X", drive, thread, length, head)))
                .isFalse();
    }

    @Test
    void aHoleFilledTwiceAndAStrangerAreRefused() {
        assertThatThrownBy(() -> judge(List.of("S2", "S3"), "S2>S3", "S3>S3"))
                .isInstanceOf(Unanswerable.class)
                .hasMessageContaining("S3 is filled twice");
        assertThatThrownBy(() -> judge(List.of("S9")))
                .isInstanceOf(Unanswerable.class)
                .hasMessageContaining("'S9'");
    }

    @ParameterizedTest
    @CsvSource({
        "1.2,METAL,0.03",
        "1.2,PLASTIC,0.02",
        "1.4,METAL,0.06",
        "1.6,PLASTIC,0.05",
        "2,METAL,0.18",
        "2.0,PLASTIC,0.10",
        "2.5,METAL,0.35",
        "3,PLASTIC,0.30",
        "3,BRASS_INSERT,0.60"
    })
    void torqueFollowsThreadAndSeat(String thread, Fastener.Seat seat, String torque) {
        assertThat(Torque.of(fastener("X", "P0", thread, "4", "flat", seat, false), LIMITS))
                .hasValueSatisfying(applied -> assertThat(applied.value()).isEqualByComparingTo(torque));
    }

    @Test
    void anUnknownThreadIsHandTight() {
        assertThat(Torque.of(fastener("X", "P0", "1.8", "4", "flat"), LIMITS)).isEmpty();
    }
}
