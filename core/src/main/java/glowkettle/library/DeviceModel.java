package glowkettle.library;

import glowkettle.finding.Says;
import glowkettle.finding.Within;
import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import org.jspecify.annotations.Nullable;

/**
 * A device model: what must be known to open it, fit its pack and close it again. Read and written as JSON, one file
 * each; {@link ModelCheck} says what is wrong with one.
 *
 * @param codes model or regulatory codes it is found by
 * @param family true for a generic family, whose pack is not known until its label was read
 * @param bonds what is glued, each with the operation that loosens it
 * @param shippingMode how the pack is cut off by the device itself, in words; null when it has no such mode
 * @param variants devices that open alike and take another pack, each told by codes of its own
 * @param voltageCurve rested voltage against charge where it is known better than the shop's table; empty where it is not
 * @param afterwards what the owner will notice and need not fear
 */
public record DeviceModel(
        String id,
        String name,
        List<String> codes,
        String kind,
        Mounting mounting,
        PackData pack,
        @Nullable @Within(min = "0", max = "5", unit = "mm") BigDecimal seamNominalMm,
        List<Operation> operations,
        List<String> targets,
        List<FaceMap> faces,
        List<Fastener> fasteners,
        List<Check> checks,
        List<String> afterwards,
        @Nullable Boolean family,
        List<Bond> bonds,
        @Nullable Leads leads,
        List<Target> otherTargets,
        @Nullable String shippingMode,
        List<Variant> variants,
        List<OwnCurve.Point> voltageCurve) {
    private static final String TOUCH_PANEL = "touch panel";

    public DeviceModel {
        codes = List.copyOf(codes);
        operations = List.copyOf(operations);
        targets = List.copyOf(targets);
        faces = List.copyOf(faces);
        fasteners = List.copyOf(fasteners);
        checks = List.copyOf(checks);
        afterwards = List.copyOf(afterwards);
        bonds = List.copyOf(bonds);
        otherTargets = List.copyOf(otherTargets);
        variants = List.copyOf(variants);
        voltageCurve = List.copyOf(voltageCurve);
    }

    /** Opens as its model does and takes a pack of its own. */
    public record Variant(
            @Says(value = "What tells it apart", longest = 60)
            String name,

            @Says(value = "Codes it is found by", longest = 40)
            List<String> codes,

            PackData pack) {
        public Variant {
            codes = List.copyOf(codes);
        }

        public boolean isCoded(String code) {
            return codes.stream().anyMatch(known -> known.equalsIgnoreCase(code.strip()));
        }
    }

    /** With the pack of the variant that carries a code; as it is where none does. Codes are asked for, not names. */
    public DeviceModel coded(String code) {
        return variants.stream()
                .filter(variant -> variant.isCoded(code))
                .findFirst()
                .map(variant ->
                        copy(id, name + ", " + variant.name(), codes, variant.pack(), operations, fasteners, family))
                .orElse(this);
    }

    /** Carries this code itself, or has a variant that does. */
    public boolean isFoundBy(String code) {
        return codes.stream().anyMatch(known -> known.equalsIgnoreCase(code.strip()))
                || variants.stream().anyMatch(variant -> variant.isCoded(code));
    }

    /** Something else than the pack that this teardown can reach. */
    public record Target(String name, String operation) {}

    /** A function to prove: always, or only when the operation that carries its name was done. */
    public record Check(
            String function, String question, @Nullable String expect, boolean always) {}

    /** Only what has a touch panel is asked for its click. */
    public boolean hasTouchPanel() {
        return isFamily()
                || checks.stream().anyMatch(check -> check.function().equals(TOUCH_PANEL))
                || operations.stream().anyMatch(operation -> TOUCH_PANEL.equals(operation.function()));
    }

    public boolean isFamily() {
        return Boolean.TRUE.equals(family);
    }

    /** The same teardown around a pack that is known. */
    public DeviceModel with(OldPack old) {
        return copy(id, name, codes, old.in(pack), operations, fasteners, null);
    }

    /** The same model with its steps as long as they took, and its fasteners as they were found. */
    public DeviceModel with(UnaryOperator<Operation> learnt, UnaryOperator<Fastener> found) {
        return copy(
                id,
                name,
                codes,
                pack,
                operations.stream().map(learnt).toList(),
                fasteners.stream().map(found).toList(),
                family);
    }

    /** A model of its own, from what was learnt with a family. */
    public DeviceModel named(String newId, String newName, List<String> newCodes, List<Operation> learnt) {
        return copy(newId, newName, newCodes, pack, learnt, fasteners, null);
    }

    private DeviceModel copy(
            String newId,
            String newName,
            List<String> newCodes,
            PackData newPack,
            List<Operation> newOperations,
            List<Fastener> newFasteners,
            @Nullable Boolean newFamily) {
        return new DeviceModel(
                newId,
                newName,
                newCodes,
                kind,
                mounting,
                newPack,
                seamNominalMm,
                newOperations,
                targets,
                faces,
                newFasteners,
                checks,
                afterwards,
                newFamily,
                bonds,
                leads,
                otherTargets,
                shippingMode,
                variants,
                voltageCurve);
    }

    public Optional<Bond> bondOf(String operationId) {
        return bonds.stream()
                .filter(bond -> bond.operation().equals(operationId))
                .findFirst();
    }

    public Optional<Leads> leadsOf(String operationId) {
        return Optional.ofNullable(leads).filter(held -> held.operation().equals(operationId));
    }

    public Optional<Operation> operation(String operationId) {
        return operations.stream().filter(op -> op.id().equals(operationId)).findFirst();
    }

    public List<Fastener> fastenersOf(String operationId) {
        return fasteners.stream()
                .filter(fastener -> operationId.equals(fastener.operation()))
                .toList();
    }

    public Optional<Fastener> fastener(String fastenerId) {
        return fasteners.stream()
                .filter(fastener -> fastener.id().equals(fastenerId))
                .findFirst();
    }
}
