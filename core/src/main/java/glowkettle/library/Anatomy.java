package glowkettle.library;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * What a device is made of, as far as a teardown meets it.
 *
 * @param bonds what is glued, each with the operation that loosens it
 */
public record Anatomy(
        List<Operation> operations,
        List<String> targets,
        List<DeviceModel.Target> otherTargets,
        List<FaceMap> faces,
        List<Fastener> fasteners,
        List<Bond> bonds) {
    public Anatomy {
        operations = List.copyOf(operations);
        targets = List.copyOf(targets);
        otherTargets = List.copyOf(otherTargets);
        faces = List.copyOf(faces);
        fasteners = List.copyOf(fasteners);
        bonds = List.copyOf(bonds);
    }

    public Anatomy with(List<Operation> otherOperations, List<Fastener> otherFasteners) {
        return new Anatomy(otherOperations, targets, otherTargets, faces, otherFasteners, bonds);
    }

    /** With a face drawn on; one that it has already stands. */
    public Anatomy drawnOn(FaceMap face) {
        return faceOf(face.side()).isPresent()
                ? this
                : new Anatomy(
                        operations,
                        targets,
                        otherTargets,
                        Stream.concat(faces.stream(), Stream.of(face)).toList(),
                        fasteners,
                        bonds);
    }

    public Optional<FaceMap> faceOf(Side side) {
        return faces.stream().filter(face -> face.side() == side).findFirst();
    }

    Anatomy with(Bond bond) {
        return new Anatomy(
                operations,
                targets,
                otherTargets,
                faces,
                fasteners,
                Stream.concat(bonds.stream(), Stream.of(bond)).toList());
    }

    public Optional<Bond> bondOf(String operationId) {
        return bonds.stream()
                .filter(bond -> bond.operation().equals(operationId))
                .findFirst();
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
