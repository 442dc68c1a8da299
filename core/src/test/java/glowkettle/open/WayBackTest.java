package glowkettle.open;

import static glowkettle.open.GeneratedModels.operation;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import glowkettle.finding.Unanswerable;
import glowkettle.library.Operation;
import glowkettle.library.OperationKind;
import glowkettle.library.Side;
import glowkettle.limits.ShopLimits;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;

class WayBackTest {
    private static final ShopLimits LIMITS = ShopLimits.defaults();

    private static Operation op(String id, OperationKind kind, @Nullable String tool, Side side, String... after) {
        return operation(id, kind, "1", tool, side, false, List.of(after));
    }

    private static final List<Operation> LAPTOP = List.of(
            op("off", OperationKind.POWER_OFF, null, null),
            op("screws", OperationKind.LOOSEN_FASTENERS, "P0", Side.BACK, "off"),
            op("cover", OperationKind.LIFT_PART, "pick", Side.BACK, "screws"),
            op("plug", OperationKind.DISCONNECT_PACK, "lever", Side.BACK, "cover"),
            op("cable", OperationKind.UNLATCH_CONNECTOR, "lever", Side.BACK, "plug"),
            op("pack", OperationKind.LIFT_PACK_OUT, null, Side.BACK, "cable"));

    private static List<String> steps(List<Operation> model, String... order) {
        return WayBack.plan(new WayBack.Request(model, List.of(order)), LIMITS).result().steps().stream()
                .map(WayBack.Step::id)
                .toList();
    }

    /** The pack's plug goes on last of all plugs, and the live check comes before anything that hides the inside. */
    @Test
    void mirrorsThePlanAndMovesThePacksPlugBehindTheOthers() {
        assertThat(steps(LAPTOP, "off", "screws", "cover", "plug", "cable", "pack"))
                .containsExactly("pack", "cable", "plug", WayBack.LIVE_CHECK, "cover", "screws");
    }

    @Test
    void aPlugUnderThePacksOwnIsStillPluggedInFirst() {
        assertThat(steps(LAPTOP, "off", "screws", "cover", "plug", "cable", "pack")
                        .indexOf("cable"))
                .isLessThan(steps(LAPTOP, "off", "screws", "cover", "plug", "cable", "pack")
                        .indexOf("plug"));
    }

    @Test
    void checksStandWhereTheModelWantsThemAndWhatIsRenewedIsNotPutBack() {
        Operation cover = LAPTOP.get(2);
        Operation.Return back = new Operation.Return(
                null,
                "Lay the cover on",
                null,
                null,
                "Cables clear?",
                "Seam even?",
                List.of("Front edge first."),
                null);
        Operation sticker = new Operation(
                "sticker",
                OperationKind.PEEL_TAPE,
                "sticker",
                java.math.BigDecimal.ONE,
                new Operation.Handling(null, null, false, null, null),
                new Operation.Order(List.of("off"), null),
                new Operation.Care(List.of(), null),
                new Operation.Return(true, null, null, null, null, null, List.of(), null));
        List<Operation> model = List.of(
                LAPTOP.get(0),
                sticker,
                LAPTOP.get(1),
                new Operation(
                        "cover",
                        cover.kind(),
                        cover.label(),
                        cover.minutes(),
                        new Operation.Handling(
                                cover.handling().tool(), cover.handling().side(), false, null, null),
                        new Operation.Order(cover.order().after(), null),
                        new Operation.Care(List.of(), null),
                        back),
                LAPTOP.get(3),
                LAPTOP.get(4),
                LAPTOP.get(5));

        assertThat(steps(model, "off", "sticker", "screws", "cover", "plug", "cable", "pack"))
                .containsExactly(
                        "pack", "cable", "plug", WayBack.LIVE_CHECK, "before-cover", "cover", "after-cover", "screws");
    }

    /** Every operation of every generated model comes back exactly once, behind all that stood on it. */
    @Test
    void everythingThatCameOffGoesOnAgainInAnOrderThatCanBeDone() {
        for (long seed = 0; seed < 40; seed++) {
            Teardown.Request request = GeneratedModels.random(seed, 24, 4);
            TeardownPlan plan = Teardown.plan(request, LIMITS).result();
            List<WayBack.Step> back = WayBack.plan(new WayBack.Request(request.operations(), plan.order()), LIMITS)
                    .result()
                    .steps();
            List<String> ids = back.stream()
                    .filter(step -> !step.check())
                    .map(WayBack.Step::id)
                    .toList();

            assertThat(ids).as("seed %s", seed).containsExactlyInAnyOrderElementsOf(plan.order());
            for (Operation later : request.operations()) {
                for (String earlier : later.order().after()) {
                    if (later.kind() != OperationKind.DISCONNECT_PACK) {
                        assertThat(ids.indexOf(later.id()))
                                .as("seed %s: %s before %s", seed, later.id(), earlier)
                                .isLessThan(ids.indexOf(earlier));
                    }
                }
            }
            assertThat(back)
                    .filteredOn(step -> step.id().equals(WayBack.LIVE_CHECK))
                    .hasSize(1);
        }
    }

    @Test
    void anOrderThatNamesWhatIsNotThereOrTwiceIsRefused() {
        assertThatThrownBy(() -> steps(LAPTOP, "off", "lid"))
                .isInstanceOf(Unanswerable.class)
                .hasMessageContaining("'lid'");
        assertThatThrownBy(() -> steps(LAPTOP, "off", "off")).isInstanceOf(Unanswerable.class);
    }
}
