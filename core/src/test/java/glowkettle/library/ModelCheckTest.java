package glowkettle.library;

import static org.assertj.core.api.Assertions.assertThat;

import glowkettle.cell.Box;
import java.math.BigDecimal;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;

class ModelCheckTest {
    private static Operation operation(String id, OperationKind kind, String... after) {
        return new Operation(
                id,
                kind,
                id,
                BigDecimal.ONE,
                new Operation.Handling(null, null, null, null, null),
                new Operation.Order(List.of(after), null),
                new Operation.Care(List.of(), null),
                null);
    }

    private static Fastener screw(String id, @Nullable String operation, String xMm) {
        return new Fastener(
                id,
                new Fastener.Spot(Side.BACK, new BigDecimal(xMm), BigDecimal.ONE),
                new Fastener.Make("P0", new BigDecimal("2"), new BigDecimal("4"), "flat"),
                Fastener.Seat.METAL,
                null,
                null,
                operation,
                null);
    }

    private static List<String> faults(List<Operation> operations, List<Fastener> fasteners, String... targets) {
        return ModelCheck.faults(new DeviceModel(
                new DeviceModel.Identity("x", "X", List.of(), "laptop", null),
                new DeviceModel.Housing(Mounting.SCREWED_IN, null, null, null),
                PACK,
                new Anatomy(
                        operations,
                        List.of(targets),
                        List.of(),
                        List.of(new FaceMap(
                                Side.BACK, new BigDecimal("100"), new BigDecimal("100"), List.of(), List.of())),
                        fasteners,
                        List.of()),
                List.of(),
                List.of(),
                List.of(),
                List.of()));
    }

    private static final PackData PACK = new PackData(
            new Ratings(new BigDecimal("3.7"), BigDecimal.ONE, BigDecimal.ONE, BigDecimal.ONE),
            new Box(BigDecimal.ONE, BigDecimal.ONE, BigDecimal.ONE),
            new Box(BigDecimal.ONE, BigDecimal.ONE, BigDecimal.ONE),
            "plug",
            new InDevice(BigDecimal.ONE, BigDecimal.ONE, BigDecimal.ONE, BigDecimal.ONE, BigDecimal.ONE),
            glowkettle.cell.Body.POUCH,
            BigDecimal.ONE,
            PackData.Marks.NONE);
    private static final Operation PLUG = operation("plug", OperationKind.DISCONNECT_PACK, "screws");
    private static final Operation SCREWS = operation("screws", OperationKind.LOOSEN_FASTENERS);

    @Test
    void aSoundModelHasNoFaults() {
        assertThat(faults(List.of(SCREWS, PLUG), List.of(screw("S1", "screws", "5")), "plug"))
                .isEmpty();
    }

    @Test
    void everyFaultIsNamed() {
        assertThat(faults(
                        List.of(SCREWS, SCREWS, operation("lid", OperationKind.LIFT_PART, "hinge")),
                        List.of(screw("S1", null, "5"), screw("S1", "screws", "500")),
                        "fan"))
                .anyMatch(fault -> fault.contains("'screws' stands twice"))
                .anyMatch(fault -> fault.contains("'lid' comes after 'hinge'"))
                .anyMatch(fault -> fault.contains("0 operations disconnect the pack"))
                .anyMatch(fault -> fault.contains("target 'fan' does not exist"))
                .anyMatch(fault -> fault.contains("fastener 'S1' stands twice"))
                .anyMatch(fault -> fault.contains("belongs to no operation"))
                .anyMatch(fault -> fault.contains("lies off its face"));
    }

    @Test
    void looseningNothingIsAFault() {
        assertThat(faults(List.of(SCREWS, PLUG), List.of(), "plug")).containsExactly("'screws' loosens nothing");
    }
}
