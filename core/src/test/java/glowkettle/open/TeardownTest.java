package glowkettle.open;

import static glowkettle.open.GeneratedModels.operation;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import glowkettle.finding.Unanswerable;
import glowkettle.library.Operation;
import glowkettle.library.OperationKind;
import glowkettle.library.Side;
import glowkettle.library.Skill;
import glowkettle.limits.Limit;
import glowkettle.limits.ShopLimits;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class TeardownTest {
    private static final ShopLimits LIMITS = ShopLimits.defaults();

    private static List<Operation> handbookExample() {
        return List.of(
                operation("A", OperationKind.POWER_OFF, "1", null, null, false, List.of()),
                operation("B", OperationKind.LOOSEN_FASTENERS, "1", "T5", Side.FRONT, false, List.of("A")),
                operation("C", OperationKind.LOOSEN_FASTENERS, "2", "P0", Side.BACK, false, List.of("A")),
                operation("D", OperationKind.LIFT_PART, "1.5", "pick", Side.BACK, false, List.of("C")),
                operation("E", OperationKind.PEEL_TAPE, "0.2", "pick", Side.BACK, true, List.of("D")),
                operation("F", OperationKind.DISCONNECT_PACK, "0.5", "plastic lever", Side.BACK, true, List.of("D")),
                operation("G", OperationKind.LIFT_PACK_OUT, "1", null, Side.BACK, true, List.of("B", "E", "F")));
    }

    @Test
    void findsTheHandbookExamplesOptimum() {
        TeardownPlan plan = Teardown.plan(new Teardown.Request(handbookExample(), List.of("G"), null), LIMITS)
                .result();

        assertThat(plan.order()).containsExactly("A", "B", "C", "D", "F", "E", "G");
        assertThat(plan.cost().costMinutes()).isEqualByComparingTo("10.5");
        assertThat(plan.cost().minutes()).isEqualByComparingTo("7.2");
        assertThat(plan.cost().bitChanges()).isEqualTo(4);
        assertThat(plan.cost().flips()).isEqualTo(1);
        assertThat(plan.cost().liveMinutes()).isEqualByComparingTo("0.5");
        assertThat(plan.proven()).isTrue();
        assertThat(plan.kit()).containsExactly("T5", "P0", "pick", "plastic lever");
    }

    @ParameterizedTest
    @ValueSource(ints = {4, 6, 8, 9, 10})
    void agreesWithExhaustionOnCostAndOnTheEarliestOrder(int size) {
        for (long seed = 0; seed < 60; seed++) {
            Teardown.Request request = GeneratedModels.random(seed * 31 + size, size, 3);
            TeardownPlan plan = Teardown.plan(request, LIMITS).result();
            Exhaustion.Best best = Exhaustion.best(request, LIMITS);

            assertThat(plan.cost().costMinutes()).as("cost, seed %s", seed).isEqualByComparingTo(best.costMinutes());
            assertThat(plan.order()).as("order, seed %s", seed).isEqualTo(best.order());
        }
    }

    @ParameterizedTest
    @CsvSource({"13, 2", "14, 4", "15, 9"})
    void agreesWithEveryStateOnCostAndOnTheEarliestOrder(int size, int tools) {
        for (long seed = 0; seed < 40; seed++) {
            Teardown.Request plugged = GeneratedModels.random(seed * 37 + size, size, tools);
            for (Teardown.Request request : List.of(plugged, GeneratedModels.docked(plugged))) {
                TeardownPlan plan = Teardown.plan(request, LIMITS).result();
                Exhaustion.Best best = EveryState.best(request, LIMITS);

                assertThat(plan.cost().costMinutes())
                        .as("cost, seed %s", seed)
                        .isEqualByComparingTo(best.costMinutes());
                assertThat(plan.order()).as("order, seed %s", seed).isEqualTo(best.order());
            }
        }
    }

    @Test
    void keepsOnlyWhatTheTargetsNeedAndAlwaysTheDisconnect() {
        List<String> order = Teardown.plan(new Teardown.Request(handbookExample(), List.of("B"), null), LIMITS)
                .result()
                .order();

        assertThat(order).containsExactlyInAnyOrder("A", "B", "C", "D", "F");
    }

    @Test
    void countsInsideMinutesBeforeADockedPackWithoutItsLiftOut() {
        List<Operation> docked = List.of(
                operation("lid", OperationKind.LIFT_PART, "1", null, null, false, List.of()),
                operation("tape", OperationKind.PEEL_TAPE, "0.5", null, null, true, List.of("lid")),
                operation("out", OperationKind.LIFT_DOCKED_PACK_OUT, "2", null, null, true, List.of("tape")));

        TeardownPlan plan = Teardown.plan(new Teardown.Request(docked, List.of("out"), null), LIMITS)
                .result();

        assertThat(plan.cost().liveMinutes()).isEqualByComparingTo("0.5");
        assertThat(plan.cost().costMinutes()).isEqualByComparingTo("4.5");
    }

    @Test
    void takesTheCheaperWayTheSkillAllows() {
        List<Operation> operations = new ArrayList<>(handbookExample());
        operations.set(3, choice(operations.get(3), "D", "5", Skill.TRAINEE));
        operations.add(4, choice(operations.get(3), "D2", "1", Skill.EXPERT));
        List<Operation> waiting = operations.stream()
                .map(op -> op.order().after().contains("D")
                        ? withAfter(
                                op,
                                op.order().after().stream()
                                        .map(id -> id.equals("D") ? "cover" : id)
                                        .toList())
                        : op)
                .toList();

        assertThat(order(waiting, Skill.EXPERT)).contains("D2").doesNotContain("D");
        assertThat(order(waiting, Skill.TRAINEE)).contains("D").doesNotContain("D2");
    }

    @Test
    void dearerLiveMinutesMoveWorkOutOfTheLiveStretch() {
        List<Operation> operations = List.of(
                operation("cover", OperationKind.LIFT_PART, "1", "pick", null, false, List.of()),
                operation("tape", OperationKind.PEEL_TAPE, "1", "pick", null, true, List.of("cover")),
                operation("screw", OperationKind.LOOSEN_FASTENERS, "1", "P0", null, false, List.of("cover")),
                operation("plug", OperationKind.DISCONNECT_PACK, "1", "P0", null, true, List.of("tape", "screw")));

        assertThat(order(operations, LIMITS)).containsExactly("cover", "screw", "tape", "plug");
        assertThat(order(operations, LIMITS.with(Limit.LIVE_WEIGHT, BigDecimal.ZERO)))
                .containsExactly("cover", "tape", "screw", "plug");
    }

    @Test
    void namesACircleAnUnknownTargetAndAMissingDisconnect() {
        List<Operation> circle = List.of(
                operation("a", OperationKind.DISCONNECT_PACK, "1", null, null, false, List.of("b")),
                operation("b", OperationKind.LIFT_PART, "1", null, null, false, List.of("a")));

        assertThatThrownBy(() -> order(circle, LIMITS))
                .isInstanceOf(Unanswerable.class)
                .hasMessageContaining("circle: a, b");
        assertThatThrownBy(() -> Teardown.plan(new Teardown.Request(handbookExample(), List.of("Z"), null), LIMITS))
                .hasMessageContaining("'Z' is no operation");
        assertThatThrownBy(() -> order(handbookExample().subList(0, 4), LIMITS))
                .hasMessageContaining("0 operations disconnect the pack");
    }

    @ParameterizedTest
    @ValueSource(ints = {6, 12, 20})
    void provesSixtyOperations(int tools) {
        for (long seed = 0; seed < 5; seed++) {
            assertThat(Teardown.plan(GeneratedModels.random(seed, 60, tools), LIMITS)
                            .result()
                            .proven())
                    .as("seed %s", seed)
                    .isTrue();
        }
    }

    @Test
    void costsWhatAPlainSearchFindsForSixtyOperationsWithNineTools() {
        for (long seed = 0; seed < 25; seed++) {
            Teardown.Request request = GeneratedModels.random(seed, 60, 9);
            TeardownPlan plan = Teardown.plan(request, LIMITS).result();

            assertThat(plan.proven()).as("proven, seed %s", seed).isTrue();
            assertThat(plan.cost().costMinutes())
                    .as("cost, seed %s", seed)
                    .isEqualByComparingTo(PlainSearch.leastCost(request, LIMITS));
        }
    }

    private static List<String> order(List<Operation> operations, ShopLimits limits) {
        List<String> all = operations.stream().map(Operation::id).toList();
        return Teardown.plan(new Teardown.Request(operations, all, null), limits)
                .result()
                .order();
    }

    private static List<String> order(List<Operation> operations, Skill skill) {
        return Teardown.plan(new Teardown.Request(operations, List.of("G"), skill), LIMITS)
                .result()
                .order();
    }

    private static Operation choice(Operation op, String id, String minutes, Skill skill) {
        return new Operation(
                id,
                op.kind(),
                id,
                new BigDecimal(minutes),
                new Operation.Handling(
                        op.handling().tool(),
                        op.handling().side(),
                        op.handling().inside(),
                        skill,
                        null),
                new Operation.Order(op.order().after(), "cover"),
                new Operation.Care(List.of(), null),
                null);
    }

    private static Operation withAfter(Operation op, List<String> after) {
        return new Operation(
                op.id(),
                op.kind(),
                op.label(),
                op.minutes(),
                new Operation.Handling(
                        op.handling().tool(),
                        op.handling().side(),
                        op.handling().inside(),
                        op.handling().skill(),
                        op.handling().grip()),
                new Operation.Order(after, op.order().choice()),
                new Operation.Care(op.care().warnings(), op.care().function()),
                op.back());
    }
}
