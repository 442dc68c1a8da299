package glowkettle.library;

import static org.assertj.core.api.Assertions.assertThat;

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
                null,
                null,
                null,
                List.of(after),
                null,
                null,
                List.of(),
                null,
                null,
                null);
    }

    private static Fastener screw(String id, @Nullable String operation, String xMm) {
        return new Fastener(
                id,
                Side.BACK,
                new BigDecimal(xMm),
                BigDecimal.ONE,
                "P0",
                new BigDecimal("2"),
                new BigDecimal("4"),
                "flat",
                Fastener.Seat.METAL,
                null,
                null,
                operation,
                null);
    }

    private static List<String> faults(List<Operation> operations, List<Fastener> fasteners, String... targets) {
        return ModelCheck.faults(new DeviceModel(
                "x",
                "X",
                List.of(),
                "laptop",
                Mounting.SCREWED_IN,
                PACK,
                null,
                operations,
                List.of(targets),
                List.of(new FaceMap(Side.BACK, new BigDecimal("100"), new BigDecimal("100"), List.of(), List.of())),
                fasteners,
                List.of(),
                List.of(),
                null,
                List.of(),
                null,
                List.of(),
                null,
                List.of(),
                List.of()));
    }

    private static final PackData PACK = new PackData(
            BigDecimal.ONE,
            BigDecimal.ONE,
            BigDecimal.ONE,
            BigDecimal.ONE,
            BigDecimal.ONE,
            BigDecimal.ONE,
            BigDecimal.ONE,
            BigDecimal.ONE,
            BigDecimal.ONE,
            BigDecimal.ONE,
            "plug",
            BigDecimal.ONE,
            BigDecimal.ONE,
            BigDecimal.ONE,
            BigDecimal.ONE,
            BigDecimal.ONE,
            glowkettle.cell.Body.POUCH,
            BigDecimal.ONE,
            null);
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
