package glowkettle.open;

import static org.assertj.core.api.Assertions.assertThat;

import glowkettle.library.Operation;
import glowkettle.library.OperationKind;
import glowkettle.library.Side;
import glowkettle.limits.ShopLimits;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** Every step back as it is told: its words, what is in the hand, what changes with it, and what is easily forgotten. */
class BackStepsTest {
    private static final String LIVE =
            "look live-check: Live check before anything is closed: plug a charger in, or press the button, and look. | 0 null null";
    private static final Operation.Return NOTHING_SAID = back(null, null, null, null);

    private static Operation.Return back(
            @Nullable String label, @Nullable String minutes, @Nullable String tool, @Nullable String adhesive) {
        return new Operation.Return(
                null,
                label,
                minutes == null ? null : new BigDecimal(minutes),
                tool,
                null,
                null,
                adhesive == null ? List.of() : List.of("Wipe the well first."),
                adhesive);
    }

    private static Operation op(
            String id,
            OperationKind kind,
            String minutes,
            @Nullable String tool,
            @Nullable Side side,
            Operation.@Nullable Return back,
            String... after) {
        return new Operation(
                id,
                kind,
                "the " + id,
                new BigDecimal(minutes),
                new Operation.Handling(tool, side, null, null, null),
                new Operation.Order(List.of(after), id.startsWith("free") ? "freed" : null),
                new Operation.Care(List.of(), null),
                back);
    }

    private static WayBack.Plan plan(List<Operation> done) {
        return WayBack.plan(
                        new WayBack.Request(
                                done, done.stream().map(Operation::id).toList()),
                        ShopLimits.defaults())
                .result();
    }

    private static List<String> told(WayBack.Plan plan) {
        List<String> lines = new ArrayList<>();
        for (WayBack.Step step : plan.steps()) {
            WayBack.Hold hold = step.hold();
            lines.add("%s%s: %s | %s %s %s%s%s%s"
                    .formatted(
                            step.check() ? "look " : "",
                            step.id(),
                            step.label(),
                            step.minutes(),
                            hold.tool(),
                            hold.side(),
                            hold.bitChange() ? " bit" : "",
                            hold.flip() ? " flip" : "",
                            step.reminders().isEmpty() ? "" : " " + step.reminders()));
        }
        return lines;
    }

    @Test
    void aGluedPackGoesBackOnNewAdhesiveWithEveryChangeOfToolAndSide() {
        WayBack.Plan plan = plan(List.of(
                op("off", OperationKind.POWER_OFF, "1", null, null, null),
                op("screws", OperationKind.LOOSEN_FASTENERS, "2", "P0", Side.BACK, null, "off"),
                op("cover", OperationKind.LIFT_PART, "1", "pick", Side.BACK, null, "screws"),
                op("plug", OperationKind.DISCONNECT_PACK, "0.5", "lever", Side.FRONT, null, "cover"),
                op(
                        "free",
                        OperationKind.FREE_PACK,
                        "4",
                        "card",
                        Side.FRONT,
                        back(null, "1.5", null, "New strips"),
                        "plug"),
                op(
                        "out",
                        OperationKind.LIFT_PACK_OUT,
                        "0.5",
                        null,
                        Side.FRONT,
                        back("Lay it in", null, "fingers", null),
                        "freed")));

        assertThat(told(plan))
                .containsExactly(
                        "adhesive-free: New strips | 0 null FRONT [Solvent on the cloth, not in the well; dry before the new adhesive.]",
                        "out: Lay it in | 0.5 fingers FRONT [Nothing under it, nothing pinched; never press to make it fit.]",
                        "free: Fix the new pack: the free | 1.5 card FRONT bit [Wipe the well first.]",
                        "plug: Connect the new pack: the plug | 0.5 lever FRONT bit [Last of all plugs: line it up, push it in evenly, no rocking.]",
                        LIVE,
                        "cover: Put back on: the cover | 1 pick BACK bit flip",
                        "screws: Start by hand, then tighten: the screws | 2 P0 BACK bit [Start all by hand, then snug in the numbered order, hand-tight.]");
        assertThat(plan.minutes()).isEqualByComparingTo("5.5");
        assertThat(plan.bitChanges()).isEqualTo(4);
        assertThat(plan.flips()).isEqualTo(1);
    }

    @Test
    void whatStayedConnectedNeedsNoLiveCheck() {
        assertThat(told(plan(List.of(
                        op("screws", OperationKind.LOOSEN_FASTENERS, "2", "P0", null, NOTHING_SAID),
                        op("cable", OperationKind.UNLATCH_CONNECTOR, "1", null, null, null, "screws")))))
                .containsExactly(
                        "cable: Plug in and latch: the cable | 1 null null",
                        "screws: Start by hand, then tighten: the screws | 2 P0 null [Start all by hand, then snug in the numbered order, hand-tight.]");
    }

    @Test
    void aDockedPackIsTriedBeforeAnythingClosesOrAtTheEnd() {
        Operation docked = op("dock", OperationKind.LIFT_DOCKED_PACK_OUT, "1", null, null, null);

        assertThat(told(plan(List.of(docked)))).hasSize(2).last().isEqualTo(LIVE);
        assertThat(told(plan(List.of(op("cover", OperationKind.LIFT_PART, "1", null, null, null), docked))))
                .hasSize(3)
                .element(1)
                .isEqualTo(LIVE);
    }

    /** Nothing comes off that nobody knows how to put back. */
    @ParameterizedTest
    @EnumSource(value = OperationKind.class, names = "POWER_OFF", mode = EnumSource.Mode.EXCLUDE)
    void everyKindHasWordsForTheWayBack(OperationKind kind) {
        assertThat(plan(List.of(op("part", kind, "1", null, null, null))).steps())
                .filteredOn(step -> !step.check())
                .extracting(WayBack.Step::label)
                .singleElement()
                .asString()
                .matches("[A-Z][a-z ,]+: the part");
    }
}
