package glowkettle.open;

import static org.assertj.core.api.Assertions.assertThat;

import glowkettle.library.Operation;
import glowkettle.library.OperationKind;
import glowkettle.library.Side;
import glowkettle.limits.ShopLimits;
import java.math.BigDecimal;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;

/** What is easily forgotten stands where hands come to it. */
class RefitTest {
    private static final List<Operation> GLUED_PHONE = List.of(
            op("rim", OperationKind.CUT_ADHESIVE, "New frame"),
            op("cover", OperationKind.LIFT_PART, null, "rim"),
            op("plug", OperationKind.DISCONNECT_PACK, null, "cover"),
            op("free", OperationKind.FREE_PACK, "New strips", "plug"),
            op("out", OperationKind.LIFT_PACK_OUT, null, "free"));

    private static Operation op(String id, OperationKind kind, @Nullable String adhesive, String... after) {
        return new Operation(
                id,
                kind,
                id,
                BigDecimal.ONE,
                new Operation.Handling(null, Side.FRONT, null, null, null),
                new Operation.Order(List.of(after), null),
                new Operation.Care(List.of(), null),
                new Operation.Return(null, null, null, null, null, null, List.of(), adhesive));
    }

    private static List<String> ids(@Nullable Refit refit) {
        return WayBack.plan(
                        new WayBack.Request(
                                GLUED_PHONE,
                                GLUED_PHONE.stream().map(Operation::id).toList(),
                                refit),
                        ShopLimits.defaults())
                .result()
                .steps()
                .stream()
                .map(WayBack.Step::id)
                .toList();
    }

    private static Refit refit(List<String> beforeLaying, boolean liveCheckLast) {
        return new Refit(beforeLaying, "free", true, List.of("Nothing pinched."), List.of("rim"), liveCheckLast);
    }

    @Test
    void everyLookStandsAtItsPlace() {
        assertThat(ids(refit(List.of("Films off."), false)))
                .containsExactly(
                        "before-the-pack",
                        "plug-tried",
                        "adhesive-free",
                        "out",
                        "pack-pressed",
                        "plug",
                        "before-closing",
                        "live-check",
                        "adhesive-rim",
                        "cover",
                        "rim-pressed-rim");
    }

    @Test
    void theLiveCheckGoesLastWhereItMayAndNothingIsAskedThatIsNotThere() {
        assertThat(ids(refit(List.of(), true))).last().isEqualTo("live-check");
        assertThat(ids(refit(List.of(), true))).doesNotContain("before-the-pack");
        assertThat(ids(null)).doesNotContain("before-closing", "pack-pressed", "rim-pressed-rim");
    }
}
